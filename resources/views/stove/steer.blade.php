{{-- What to do with the heat from here, and the look that would tell most. --}}
@if ($steer->asksForALook())
    <div class="look-at" role="group" aria-labelledby="look-at-{{ $of }}">
        <h3 id="look-at-{{ $of }}">{{ $t('pages/stove.look-at-the-edge') }}</h3>
        <p>{{ $t('pages/stove.slide-a-knife-down-the-wall', number: (int) round(1000 * Orbek\Core\Lid\Steaming::OPENED_KG)) }}</p>
        @include('stove.swatches', ['edges' => $cues(Orbek\Core\Lid\Sense::Look)])
        <p>{{ $t('pages/stove.or-smell-and-listen-the-lid') }}</p>
        <div class="cues">@foreach ([...$cues(Orbek\Core\Lid\Sense::Smell), ...$cues(Orbek\Core\Lid\Sense::Sound)] as $cue)<button
            type="button" data-event="cue" data-subject="{{ $cue->id }}">{{ $t('pages/stove.smells-or-sounds', smells: $cue->sense ===
                Orbek\Core\Lid\Sense::Smell, what: $cue->short) }}</button>@endforeach @foreach ($cues(Orbek\Core\Lid\Sense::None)
                as $cue)<button type="button"
            data-event="cue" data-subject="{{ $cue->id }}">{{ $cue->says }}</button>@endforeach</div>
    </div>
@endif
<div class="steer" role="status">
    @if ($steer->says() !== null)
        <p class="what-to-do"><strong>{{ $steer->says() }}</strong>
            <s><span class="visually-hidden">{{ $t('pages/stove.instead-of') }} </span>{{ $steer->was() }}</s></p>
        <button type="button" class="act steered" data-event="steered" data-subject="lid"
            @foreach ($steer->event() as $field => $value)data-{{ $field }}="{{ $value }}" @endforeach>{{
                $t('pages/stove.turned-so', isSprinkled: isset($steer->event()['sprinkled'])) }}<span
            class="visually-hidden">: {{ $lid->plan->dish->name }}</span></button>
    @endif
    @foreach ($steer->more() as $says)<p class="small">{{ $says }}</p>@endforeach
</div>
