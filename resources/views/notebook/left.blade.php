<div class="left-over {{ $left->isInTime() && ! $isPast ? '' : 'clashes' }}">
    <p><strong>{{ $left->portions }} {{ Str::plural('portion', $left->portions) }} of {{ $cook->name }}</strong> in the fridge since {{
        $since->format('l j F') }} {{ $say->time($since) }}@if (! $left->isInTime()): it stood {{ $say->duration($left->stoodMin()) }}
        before, more than the {{ $say->duration($left->mayStandMin()) }} that cooked rice may. Throw it away.@elseif ($isPast): to be eaten
        by {{ $by->format('l j F') }}. Throw it away.@else, eat by <strong>{{ $by->format('l j F') }}, {{ $say->time($by) }}</strong>,
        reheated once, to {{ $say->degrees(74) }} throughout.@endif</p>
    <div class="tools">
        <form method="post" action="{{ route('cook.leftovers', $cook) }}">@csrf<button class="quiet" name="how" value="eaten" aria-label="{{
            $cook->name }}: eaten">Eaten</button> <button class="quiet" name="how" value="thrown" aria-label="{{ $cook->name
            }}: thrown away">Thrown away</button></form>
        @if ($left->isInTime() && ! $isPast)<form method="post" action="{{ route('cook.yesterday', $cook) }}">@csrf<button class="quiet"
            aria-label="Fresh rice with {{ $cook->name }}">Fresh rice with it</button></form>@endif
    </div>
</div>
