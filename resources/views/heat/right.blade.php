@if ($sure !== null)
    <p class="right-in"><strong>Right in {{ $sure->right }} of {{ Orbek\Core\Heat\HowSure::KITCHENS }}</strong> kitchens like yours{{
        count($strips) > 1 ? ' as planned; in '.end($strips)['right'].' with a cook who looks and turns the heat as told' : '' }}{{
        $sure->right === Orbek\Core\Heat\HowSure::KITCHENS ? '' : '. '.rtrim($say($sure->words()[0]), '.') }}.</p>
    <details class="strips-of" data-keep-open id="strips">
        <summary>What a look wins</summary>
        @include('heat.strips')
        <p class="small">Right: all as wanted. Good: all but a shade of the crust to either side. What is not known is the ring, what its
            low marks give, the bag, how wet the filling is, and how soon a cue is seen.</p>
    </details>
@else
    <p class="right-in small">In how many kitchens it comes right is counted once nothing clashes.</p>
@endif
