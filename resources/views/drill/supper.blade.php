<x-layouts.place title="A practice supper, looked back at" place="drill">
    <div class="page supper">
        <h1>{{ $cook->name }}, for practice</h1>
        <p class="lead">{{ $hidden === [] ? 'This kitchen hid nothing.' : 'What this kitchen hid: '.implode('; ', $hidden).'.' }}</p>
        @foreach ($dishes as ['fold' => $fold, 'debrief' => $debrief])
        @if (count($dishes) > 1)<h2>{{ $fold->plan()->dish->name }}</h2>@endif
        @if ($debrief === null)
            <p>The lid was never on. <a href="{{ route('meal-cook', $cook) }}">Back to its stove</a></p>
        @else
            <p>It came out with a crust <span class="swatch crust-{{ $debrief->course->colour()->value }}"></span> <strong>{{
                $say->label($debrief->course->colour()) }}</strong>{{ $debrief->faults === [] ? ', all as wanted.' : '.' }}</p>
            @if ($debrief->faults !== [])<ul class="faults">@foreach ($debrief->faults as $fault)<li>{{ $say($fault->says)
                }}</li>@endforeach</ul>@endif
            <h2>What each decision cost</h2>
            <ol class="decisions">
                @foreach ($debrief->decisions as $one)<li @class(['cost' => $one['cost'] > Orbek\Core\Drill\Debrief::COSTS])><p><strong>{{
                    $say->first($one['what']) }}</strong>: {{ $one['so'] }}.</p></li>@endforeach
            </ol>
            @if ($debrief->looks !== [])<h2>What was seen, and what that did</h2>
                <ul class="amounts">@foreach ($debrief->looks as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
            @if ($debrief->bestFrom !== null)<h2>What would have been best from there</h2><p>{{ $say->first($debrief->bestFrom) }}</p>@endif
            <h2>Under the lid, as it really was</h2>
            <div class="scrolls" tabindex="0" role="group" aria-label="Under the lid">
                <x-drawing.heat :kitchen="$fold->plan()->kitchen" :ring="$fold->plan()->potted->first()->place->ring->id"
                    :heat="$debrief->course->heat" :course="$debrief->course"
                    :starts="$fold->state->of(Orbek\Core\Plan\Work\WorkKind::Layer)->doneAt
                        ->setTimezone($fold->plan()->kitchen->site->timezone)"
                    :width="620" />
            </div>
        @endif
        @endforeach
        <form method="post" action="{{ route('supper.begin') }}" class="tools">@csrf @if ($again !== null)<input type="hidden" name="dish"
            value="{{ $again }}"><button class="act">Another kitchen, the same dish</button> @endif<a href="{{ route('drill') }}">To the
            Drill</a></form>
    </div>
</x-layouts.place>
