<x-layouts.place :title="$t('pages/drill.a-practice-supper-looked-back')" place="drill">
    <div class="page supper">
        <h1>{{ $t('pages/drill.for-practice', cook: $cook->name) }}</h1>
        <p class="lead">{{ $t('pages/drill.what-this-kitchen-hid', hidAny: $hidden !== [], hidden: implode($semicolon, $hidden)) }}</p>
        @foreach ($dishes as ['fold' => $fold, 'debrief' => $debrief])
        @if (count($dishes) > 1)<h2>{{ $fold->plan()->dish->name }}</h2>@endif
        @if ($debrief === null)
            <p>{{ $t('pages/drill.the-lid-was-never') }} <a href="{{ route('meal-cook', $cook) }}">{{ $t('pages/drill.back-to-its-stove')
                }}</a></p>
        @else
            <p>{{ $t('pages/drill.it-came-out-with-a-crust') }} <span class="swatch crust-{{ $debrief->course->colour()->value }}"></span>
                {{ $th('pages/drill.crust-and-faults', colour: $debrief->course->colour(), isAllWell: $debrief->faults === []) }}</p>
            @if ($debrief->faults !== [])<ul class="faults">@foreach ($debrief->faults as $fault)<li>{{ $say($fault->says)
                }}</li>@endforeach</ul>@endif
            <h2>{{ $t('pages/drill.what-each-decision-cost') }}</h2>
            <ol class="decisions">
                @foreach ($debrief->decisions as $one)<li @class(['cost' => $one['cost'] > Orbek\Core\Drill\Debrief::COSTS])><p><strong>{{
                    $say->first($one['what']) }}</strong>: {{ $one['so'] }}.</p></li>@endforeach
            </ol>
            @if ($debrief->looks !== [])<h2>{{ $t('pages/drill.what-was-seen-and-what') }}</h2>
                <ul class="amounts">@foreach ($debrief->looks as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
            @if ($debrief->bestFrom !== null)<h2>{{ $t('pages/drill.what-would-have-been-best-from') }}</h2><p>{{
                $say->first($debrief->bestFrom) }}</p>@endif
            <h2>{{ $t('pages/drill.under-the-lid-as-it-really') }}</h2>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/drill.under-the-lid') }}">
                <x-drawing.heat :kitchen="$fold->plan()->kitchen" :ring="$fold->plan()->potted->first()->place->ring->id"
                    :heat="$debrief->course->heat" :course="$debrief->course"
                    :starts="$fold->state->of(Orbek\Core\Plan\Work\WorkKind::Layer)->doneAt
                        ->setTimezone($fold->plan()->kitchen->site->timezone)"
                    :width="620" />
            </div>
        @endif
        @endforeach
        <form method="post" action="{{ route('supper.begin') }}" class="tools">@csrf @if ($again !== null)<input type="hidden" name="dish"
            value="{{ $again }}"><button class="act">{{ $t('pages/drill.another-kitchen-the-same-dish') }}</button> @endif<a href="{{
                route('drill') }}">{{ $t('pages/drill.to-the-drill') }}</a></form>
    </div>
</x-layouts.place>
