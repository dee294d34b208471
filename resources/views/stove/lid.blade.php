{{-- What goes on under the closed lid, and what is told of it. --}}
<section class="lid" aria-label="{{ $t('pages/stove.under-the-lid', dish: $lid->plan->dish->name) }}">
    {{-- What is to be done comes before the picture of why. --}}
    @if ($at->steer !== null)@include('stove.steer', ['steer' => $at->steer, 'of' => $place ?? $dish])@endif
    <x-drawing.heat :kitchen="$lid->plan->kitchen" :ring="$lid->plan->potted->first()->place->ring->id" :heat="$lid->course->heat"
        :course="$lid->course" :starts="$fold->state->of(Orbek\Core\Plan\Work\WorkKind::Layer)->doneAt->setTimezone($zone)"
        :now="$lid->nowMin" :probes="$at->probes" :width="350" />
    @if ($lid->followedToMin !== null)<p class="change" role="status">{{ $t('pages/stove.followed-for-h-min-what-went', followedToMin:
        intdiv((int) $lid->followedToMin, 60), minutes: (int) $lid->followedToMin % 60) }}</p>@endif
    @foreach ($lid->changes as $says)<p class="change" role="status">{{ $says }}</p>@endforeach
    @foreach ($faults as $fault)<p class="ahead">{{ $fault->says }}</p>@endforeach
    @if ($at->probes !== [])
        <p class="window">@foreach ($at->probes as $name => $read){{ $th('pages/stove.probe-reads', isNamed: $name !== '', probe:
            $say->first($name), read: $say->degrees($read[count($read) - 1][1], 1), isLast: $loop->last) }}@endforeach {{
                $t('pages/stove.says-a-computed-temperature-is-never', it:
                $say->degrees(App\StandIns\SimulatedProbe::inTheFilling($moment))) }}</p>
    @endif
    @if ($lid->asks !== [])
        <div class="cues" role="group" aria-label="{{ $t('pages/stove.what-do-you-see') }}">
            @foreach ($lid->asks as $cue)<button type="button" data-event="cue" data-subject="{{ $cue->id }}">{{ $cue->says
                }}</button>@endforeach
        </div>
    @endif
</section>
