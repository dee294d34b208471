@includeIf('pot.more.'.$station->value)
@foreach (array_filter($ways, fn ($way) => $way->station === $station) as $way)
    <fieldset class="two-ways"><legend>{{ $t('pages/pot-more.good-cooks-disagree', question: $way->question) }}</legend>
        @foreach ($way->ways as $one)
            <button type="button" data-mend data-path="{{ $way->path }}" data-value='@json($one['value'])' aria-pressed="{{ $one['isChosen']
                ? 'true' : 'false' }}">{{ $th('pages/pot-more.a-choice', choice: $one['label'], isUsual: (bool) $one['isDefault'], why:
                    $one['why']) }}</button>
        @endforeach
    </fieldset>
@endforeach
@foreach ($plan->cautions()[$station->value] ?? [] as $caution)
    <x-caution :$caution />
@endforeach
