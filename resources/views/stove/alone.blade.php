{{-- Every step, for a page that goes on without its server; what has happened since is laid over it by alone.js. --}}
@php $clock = Orbek\Core\Measure\Figure::clock(...); @endphp
<ol class="steps" data-served="{{ $servedAt ?? '' }}">
    @foreach ($steps as $step)
        <li data-step="{{ $step['id'] }}" @if ($step['dish'] !== null) data-dish="{{ $step['dish'] }}" @endif @if ($step['follows'] !==
            null) data-follows="{{ $step['follows'] }}" @endif @if ($step['endsByItself']) data-ends-by-itself @endif data-minutes="{{
            $step['minutes'] }}" data-started="{{ $step['startedAt'] }}" data-done="{{ $step['doneAt'] }}">
            <p class="head"><span class="time">{{ $say->time((new DateTimeImmutable('@'.$step['startsAt']))->setTimezone($zone)) }}</span>
                <strong>{{ $step['name'] }}</strong>@if ($step['of'] !== '') <span class="small">{{ $step['of'] }}</span>@endif <span
                class="left" data-name="{{ $step['name'] }}" hidden>0:00</span></p>
            <p class="small">{{ $step['minutes'] }} min{{ $step['detail'] === '' ? '' : '; '.lcfirst($step['detail']) }}</p>
            @if ($step['amounts'] !== [])<p class="small">{{ implode(', ', $step['amounts']) }}</p>@endif
            @foreach ($step['cautions'] as $caution)<p class="caution"><span class="visually-hidden">Caution: </span>{{ $caution
                }}</p>@endforeach
            @if ($step['boil'] !== null)
                @php $lift = $step['boil']->liftAt; @endphp
                <div class="boil-alone" hidden data-from="{{ round($lift->from ?? $lift->amount) }}">
                    <div class="boil-now"><p class="count" data-since-of>0:00</p><x-drawing.grain :doneness="0" :size="96" live /></div>
                    <p class="window">lift at <strong>{{ $lift->text() }}</strong>, test from {{ $lift->fromText() }}, by {{ $lift->byText()
                        }} at the latest. <span data-live-words></span></p>
                    <div class="taps" role="group" aria-label="What do you feel?">@foreach (Orbek\Core\Rice\Stage::cases() as $stage)<button
                        type="button" data-event="tested" data-subject="{{ $step['id'] }}" data-stage="{{ $stage->value }}">{{
                        $say->label($stage) }}</button>@endforeach</div>
                    @include('stove.photograph', ['cook' => $cooks[$step['dish']], 'home' => route('cook', $cooks[$step['dish']], false),
                        'shows' => App\Models\Shows::Boil])
                    <script type="application/json" data-course-alone>@json(['course' => $whole->course($step['boil'])])</script>
                </div>
            @endif
            @if ($step['sealed'] !== null)
                @php $sealed = $step['sealed']->plan(); $load = $sealed->potted->first(); $drawing = new
                    App\Drawings\HeatDrawing($sealed->course(), $load->heat(), $say, $sealed->kitchen, $load->place->ring->id, 350); @endphp
                <div class="lid-alone" hidden data-px-per-min="{{ round($drawing->pxPerMin(), 4) }}" data-end="{{ round($drawing->minutes(),
                    2) }}">
                    <x-drawing.heat :kitchen="$sealed->kitchen" :ring="$load->place->ring->id" :heat="$load->heat()"
                        :course="$sealed->course()" :now="0" :width="350" />
                    <div class="taps" role="group" aria-label="What do you see?">@foreach (array_filter($sealed->dish->craft->cues->all, fn
                        ($cue)
                        => $cue->says !== null) as $cue)<button
                        type="button" data-event="cue" data-subject="{{ $cue->id }}">{{ $cue->says }}</button>@endforeach</div>
                    @include('stove.photograph', ['cook' => $cooks[$step['dish']], 'home' => route('cook', $cooks[$step['dish']], false),
                        'shows' => App\Models\Shows::Lid])
                </div>
            @endif
            <p class="does"><button type="button" class="beside" data-event="started" data-subject="{{ $step['id'] }}">{{ $step['begin']
                }}</button> <button type="button" class="beside" data-event="done" data-subject="{{ $step['id'] }}">{{ $step['finish']
                }}</button> <button type="button" class="beside" data-event="lengthened" data-subject="{{ $step['id'] }}" data-minutes="1"
                aria-label="{{ $step['name'] }}: + 1 min">+ 1 min</button></p>
        </li>
    @endforeach
</ol>
