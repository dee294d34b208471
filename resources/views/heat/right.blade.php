@if ($sure !== null)
    <p class="right-in">{{ $th('pages/heat.right-in', right: $sure->right, of: Orbek\Core\Heat\HowSure::KITCHENS, isSteered: count($strips)
        > 1, steered: end($strips)['right'] ?? 0, isSure: $sure->right === Orbek\Core\Heat\HowSure::KITCHENS, why: $sure->words()[0] ?? '')
        }}</p>
    @if ($mayBeSurer)
        <p class="surer"><button type="button" class="quiet" data-asks="surer" data-into="[data-surer]">{{
            $t('pages/heat.what-would-make-it-surer') }}</button></p>
        <div class="mends" data-surer aria-live="polite"></div>
    @endif
    <details class="strips-of" data-keep-open id="strips">
        <summary>{{ $t('pages/heat.what-a-look-wins') }}</summary>
        @include('heat.strips')
        <p class="small">{{ $t('pages/heat.right-all-as-wanted-good-all') }}</p>
    </details>
@else
    <p class="right-in small">{{ $t('pages/heat.in-how-many-kitchens-it-comes') }}</p>
@endif
