{{-- What goes on under the closed lid, and what is told of it. --}}
<section class="lid" aria-label="Under the lid: {{ $lid->plan->dish->name }}">
    {{-- What is to be done comes before the picture of why. --}}
    @if ($at->steer !== null)@include('stove.steer', ['steer' => $at->steer, 'of' => $place ?? $dish])@endif
    <x-drawing.heat :kitchen="$lid->plan->kitchen" :ring="$lid->plan->potted->first()->place->ring->id" :heat="$lid->course->heat"
        :course="$lid->course" :starts="$fold->state->of(Orbek\Core\Plan\Work\WorkKind::Layer)->doneAt->setTimezone($zone)"
        :now="$lid->nowMin" :probes="$at->probes" :width="350" />
    @if ($lid->followedToMin !== null)<p class="change" role="status">Followed for {{ intdiv((int) $lid->followedToMin, 60) }} h {{ (int)
        $lid->followedToMin % 60 }} min; what went on under the lid after that is not known. Is it still meant for the table?</p>@endif
    @foreach ($lid->changes as $says)<p class="change" role="status">{{ $says }}</p>@endforeach
    @foreach ($faults as $fault)<p class="ahead">{{ $fault->says }}</p>@endforeach
    @if ($at->probes !== [])
        <p class="window">@foreach ($at->probes as $name => $read){{ $name === '' ? 'Probe (simulated)' : ucfirst($name) }}: <strong>{{
            $say->degrees($read[count($read) - 1][1], 1) }}</strong>{{ $loop->last ? ', the forecast' : '; ' }}@endforeach says {{
            $say->degrees(App\StandIns\SimulatedProbe::inTheFilling($moment)) }}. A computed temperature is never proof of safety.</p>
    @endif
    @if ($lid->asks !== [])
        <div class="cues" role="group" aria-label="What do you see?">
            @foreach ($lid->asks as $cue)<button type="button" data-event="cue" data-subject="{{ $cue->id }}">{{ $cue->says
                }}</button>@endforeach
        </div>
    @endif
</section>
