{{-- Every step, for a page that goes on without its server; what has happened since is laid over it by alone.js. --}}
<ol class="steps" data-served="{{ $servedAt ?? '' }}">
    @foreach ($steps as $step)
        <li data-step="{{ $step['id'] }}" @if ($step['dish'] !== null) data-dish="{{ $step['dish'] }}" @endif @if ($step['follows'] !==
            null) data-follows="{{ $step['follows'] }}" @endif @if ($step['endsByItself']) data-ends-by-itself @endif data-minutes="{{
            $step['minutes'] }}" data-started="{{ $step['startedAt'] }}" data-done="{{ $step['doneAt'] }}">
            <p class="head"><span class="time">{{ $say->time((new DateTimeImmutable('@'.$step['startsAt']))->setTimezone($zone)) }}</span>
                <strong>{{ $step['name'] }}</strong>@if ($step['of'] !== '') <span class="small">{{ $step['of'] }}</span>@endif <span
                class="left" data-name="{{ $step['name'] }}" hidden>{{ $say->digits('0:00') }}</span></p>
            <p class="small">{{ $t('pages/stove.task-alone', minutes: $step['minutes'], hasDetail: $step['detail'] !== '', detail:
                lcfirst($step['detail'])) }}</p>
            @if ($step['amounts'] !== [])<p class="small">{{ implode($comma, $step['amounts']) }}</p>@endif
            @foreach ($step['cautions'] as $caution)<p class="caution"><span class="visually-hidden">{{ $t('pages/stove.caution') }}
                </span>{{ $caution
                }}</p>@endforeach
            @if ($step['boil'] !== null)
                <div class="boil-alone" hidden data-from="{{ round($step['boil']->liftAt->from ?? $step['boil']->liftAt->amount) }}">
                    <div class="boil-now"><p class="count" data-since-of>{{ $say->digits('0:00') }}</p><x-drawing.grain :doneness="0"
                        :size="96" live /></div>
                    <p class="window">{{ $th('pages/stove.lift-at-test-from', liftAt: $step['boil']->liftAt, fromText:
                        $step['boil']->liftAt->from(), byText: $step['boil']->liftAt->by()) }} <span data-live-words></span></p>
                    <div class="taps" role="group" aria-label="{{ $t('pages/stove.what-do-you-feel')
                        }}">@foreach (Orbek\Core\Rice\Stage::cases() as $stage)<button
                        type="button" data-event="tested" data-subject="{{ $step['id'] }}" data-stage="{{ $stage->value }}">{{
                        $say->label($stage) }}</button>@endforeach</div>
                    @include('stove.photograph', ['cook' => $cooks[$step['dish']], 'home' => route('cook', $cooks[$step['dish']], false),
                        'shows' => App\Models\Shows::Boil])
                    @include('stove.photograph', ['cook' => $cooks[$step['dish']], 'home' => route('cook', $cooks[$step['dish']], false),
                        'shows' => App\Models\Shows::Glass])
                    <script type="application/json" data-course-alone>@json(['course' => $whole->course($step['boil'])])</script>
                </div>
            @endif
            @if ($step['sealed'] !== null)
                @include('stove.lid-alone', ['sealed' => $step['sealed']->plan()])
            @endif
            <p class="does"><button type="button" class="beside" data-event="started" data-subject="{{ $step['id'] }}">{{ $step['begin']
                }}</button> <button type="button" class="beside" data-event="done" data-subject="{{ $step['id'] }}">{{ $step['finish']
                }}</button> <button type="button" class="beside" data-event="lengthened" data-subject="{{ $step['id'] }}" data-minutes="1"
                aria-label="{{ $t('pages/stove.1-min-2', name: $step['name']) }}">{{ $t('pages/stove.1-min') }}</button></p>
        </li>
    @endforeach
</ol>
