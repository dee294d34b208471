@if ($sure !== null)
    <p class="right-in"><strong>Right in {{ $sure->right }} of {{ Orbek\Core\Heat\HowSure::KITCHENS }}</strong> kitchens like yours{{ $sure->right === Orbek\Core\Heat\HowSure::KITCHENS ? '' : ' — '.lcfirst(rtrim($say($sure->words()[0]), '.')) }}.</p>
@endif
