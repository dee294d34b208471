@includeIf('pot.more.'.$station->value)
@foreach (array_filter($ways, fn ($way) => $way->station === $station) as $way)
    <fieldset class="two-ways"><legend>{{ $way->question }} Good cooks disagree.</legend>
        @foreach ($way->ways as $one)
            <button type="button" data-mend data-path="{{ $way->path }}" data-value='@json($one['value'])' aria-pressed="{{ $one['isChosen']
                ? 'true' : 'false' }}"><strong>{{ $one['label'] }}</strong>{{ $one['isDefault'] ? ' (the usual)' : '' }}: {{ $one['why']
                }}</button>
        @endforeach
    </fieldset>
@endforeach
@foreach ($plan->cautions()[$station->value] ?? [] as $caution)
    <x-caution :$caution />
@endforeach
