<div class="left-over {{ $left->isInTime() && ! $isPast ? '' : 'clashes' }}">
    <p>{{ $th('pages/notebook.of-in-the-fridge-since', portions: $left->portions, cook:
        $cook->name, since: $say->dated($since, 'day'), hour: $say->time($since)) }}@if (! $left->isInTime()){{
        $t('pages/notebook.it-stood-before-more-than', stoodMin: $say->duration($left->stoodMin()), mayStandMin:
        $say->duration($left->mayStandMin())) }}@elseif ($isPast){{ $t('pages/notebook.to-be-eaten-by-throw', by: $say->dated($by, 'day'))
        }}@else{{ $th('pages/notebook.eat-by-reheated-once-to-throughout', by: $say->dated($by, 'day'), hour: $say->time($by), degrees:
        $say->degrees(74)) }}@endif</p>
    <div class="tools">
        <form method="post" action="{{ route('cook.leftovers', $cook) }}">@csrf<button class="quiet" name="how" value="eaten" aria-label="{{
            $t('pages/notebook.eaten-2', cook: $cook->name) }}">{{ $t('pages/notebook.eaten') }}</button> <button class="quiet" name="how"
            value="thrown" aria-label="{{ $t('pages/notebook.thrown-away-2', cook: $cook->name) }}">{{ $t('pages/notebook.thrown-away')
            }}</button></form>
        @if ($left->isInTime() && ! $isPast)<form method="post" action="{{ route('cook.yesterday', $cook) }}">@csrf<button class="quiet"
            aria-label="{{ $t('pages/notebook.fresh-rice-2', cook: $cook->name) }}">{{ $t('pages/notebook.fresh-rice')
                }}</button></form>@endif
    </div>
</div>
