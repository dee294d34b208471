@if ($sure !== null)
    <p class="right-in"><strong>Right in {{ $sure->right }} of {{ Orbek\Core\Heat\HowSure::KITCHENS }}</strong> kitchens like yours{{
        $sure->right === Orbek\Core\Heat\HowSure::KITCHENS ? '' : ' — '.lcfirst(rtrim($say($sure->words()[0]), '.')) }}.</p>
@else
    <p class="right-in small">In how many kitchens it comes right is counted once nothing clashes.</p>
@endif
