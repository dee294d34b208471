@php
    $empty = collect($home->pantry->bags)->map(fn ($bag) => [$bag, $bag->leftG($knowledge), $paces[$bag->id] ?? null])->filter(fn ($one) =>
        $one[1]
        !== null && $one[2] !== null && $one[2]->isSoon($one[1]));
@endphp
@if ($empty->isNotEmpty())
    <h3>Bags that run out</h3>
    <ul>
        @foreach ($empty as [$bag, $left, $pace])
            @php $key = "bag:{$bag->id}"; @endphp
            <li class="row"><label class="tick-off">@isset($ticked)<input type="checkbox" value="{{ $key }}" @checked($ticked->has($key))
                autocomplete="off">@endisset<span class="what"><strong>{{ $bag->name }}</strong>: {{ round($left) }} g left, empty about {{
                $pace->emptyOn($left, $now)->setTimezone($home->site->timezone)->format('j F') }} at this pace</span></label></li>
        @endforeach
    </ul>
@endif
