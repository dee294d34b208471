<div class="boil-tools">
    @if ($fold->forecast()->boil === $fold->plan()->boil()->forecast->boil)
        <button type="button" data-event="back-at-boil" data-subject="{{ $task }}">{{ $t('pages/stove.it-boils-again') }}</button>
    @endif
    @if ($fold->plan()->kitchen->equipment->hasScale)<details class="weigh" data-keep-open><summary>{{ $t('pages/stove.weigh-a-spoonful')
        }}</summary>
        <form data-event="weighed" data-subject="{{ $task }}">
            <label>{{ $t('pages/stove.raw') }} <input name="raw_g" type="number" inputmode="decimal" min="1" max="200" step="0.1" value="10"
                required> {{ $t('units.gram-sign') }}</label>
            <label>{{ $t('pages/stove.drained') }} <input name="drained_g" type="number" inputmode="decimal" min="1" max="700" step="0.1"
                required> {{ $t('units.gram-sign') }}</label>
            <button>{{ $t('pages/stove.weighed') }}</button>
        </form>
    </details>@endif
    @include('stove.photograph', ['home' => $home, 'shows' => App\Models\Shows::Boil])
    @unless ($isPractice)<details class="by-glass" data-keep-open><summary>{{ $t('pages/glass.press-grains-under-glass') }}</summary>
        @include('glass.how')
        <p class="small">{{ $t('pages/glass.counts-20-s') }}</p>
        @include('stove.photograph', ['home' => $home, 'shows' => App\Models\Shows::Glass])
    </details>@endunless
</div>
