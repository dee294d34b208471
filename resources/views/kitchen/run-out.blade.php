@if ($empty !== [])
    <h3>Bags that run out</h3>
    <ul>
        @foreach ($empty as $key => [$bag, $left, $pace])
            <li class="row"><label class="tick-off">@isset($ticked)<input type="checkbox" value="{{ $key }}" @checked($ticked->has($key))
                autocomplete="off">@endisset<span class="what"><strong>{{ $bag->name }}</strong>: {{ round($left) }} g left, empty about {{
                $pace->emptyOn($left, $now)->setTimezone($home->site->timezone)->format('j F') }} at this pace</span></label></li>
        @endforeach
    </ul>
@endif
