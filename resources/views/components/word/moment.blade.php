@props(['path', 'plan', 'today'])
{{-- A day and a time of day, together one field of the dish. --}}
@php
    $days = collect(range(0, 13))->map(fn ($ahead) => $today->modify("+{$ahead} days"))->push($plan->day->tableAt)->sort()->unique(fn ($day) => $day->format('Y-m-d'));
@endphp
<select class="word choice" id="{{ Str::slug($path) }}-day" data-path="{{ $path }}" data-part="day" aria-label="On the table, day" autocomplete="off">
    @foreach ($days as $day)
        <option value="{{ $day->format('Y-m-d') }}" @selected($day->format('Y-m-d') === $plan->day->tableAt->format('Y-m-d'))>{{ $day->format('l j F') }}</option>
    @endforeach
</select> at <input class="word time" type="text" inputmode="numeric" id="{{ Str::slug($path) }}-time" data-path="{{ $path }}" data-part="time" aria-label="On the table, time" value="{{ $say->time($plan->day->tableAt) }}" pattern="([01]?\d|2[0-3]):[0-5]\d" title="Give a time such as 19:30." size="5" maxlength="5" required autocomplete="off">