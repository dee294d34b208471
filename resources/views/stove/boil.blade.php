{{-- Rice in the boil: the grain, its window and what is felt. --}}
<div class="boil-now">
    <p class="count" data-since="{{ $progress->startedAt->getTimestamp() }}" data-call-at="{{ $progress->startedAt->getTimestamp() + (int)
        round($forecast->liftAt(0.1)) }}" aria-live="off">{{ $say->digits('0:00') }}</p>
    <x-drawing.grain :doneness="0" :size="116" live />
</div>
@if (count($boil->lifts) > 1)
    <p class="window">{{ $th('pages/stove.which-lift', isScoop: $fold->isScoopNext(), percent: (int) round(100 * $lift->share), stage:
        $say->label($lift->stage, 'words')) }}</p>
@endif
<p class="window">{{ $hand }}</p>
@if ($goesIn !== [])@include('stove.goes-in', ['later' => $later])@endif
@if ($brought !== [])@include('stove.brought', ['of' => $fold])@endif
<p class="window lifts">{{ $th('pages/stove.lift-window', likely: $say->clock($forecast->liftAt()), from:
    $say->clock($forecast->liftAt(0.1)), by: $say->clock($forecast->liftAt(0.9)), wasTested: (bool) $seen, before: $seen ? $lift->at
    : '') }} <span
    data-live-words></span></p>
<x-drawing.boil :$boil :width="350" live :$lift :$forecast :tests="$fold->state->observations" />
@if ($at->advice !== [])
    <div class="clash" role="status">@foreach ($at->advice as $line)<p>{{ $line }}</p>@endforeach</div>
@endif
<h2 id="feel">{{ $t('pages/stove.what-do-you-feel') }}</h2>
<div class="stages" role="group" aria-labelledby="feel">
    @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
        <button type="button" data-event="tested" data-subject="{{ $task }}" data-stage="{{ $stage->value }}" title="{{
            $t('pages/stove.a-grain', stage: $say->label($stage, 'words')) }}"><x-drawing.pressed :$stage />{{ $say->label($stage)
            }}</button>
    @endforeach
</div>
@if ($glass?->read() !== null)<details class="glass-seen" open data-keep-open><summary>{{
    $t('pages/glass.under-glass-so-far', percent: (int) round(100 * $glass->read()->doneness), seesHearts:
    $glass->read()->seesHearts()) }}</summary>
    @include('glass.seen', ['photograph' => $glass])</details>@endif
<script type="application/json" data-course>@json(['startedAt' => $progress->startedAt->getTimestamp(), 'course' => $at->course])</script>
