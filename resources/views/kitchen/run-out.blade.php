@if ($empty !== [])
    <h3>{{ $t('pages/kitchen.bags-that-run-out') }}</h3>
    <ul>
        @foreach ($empty as $key => [$bag, $left, $pace])
            <li class="row"><label class="tick-off">@isset($ticked)<input type="checkbox" value="{{ $key }}" @checked($ticked->has($key))
                autocomplete="off">@endisset<span class="what">{{ $th('pages/kitchen.g-left-empty-about', bag: $bag->name, left:
                    round($left), emptyOn: $say->dated($pace->emptyOn($left, $now)->setTimezone($home->site->timezone), 'date'))
                    }}</span></label></li>
        @endforeach
    </ul>
@endif
