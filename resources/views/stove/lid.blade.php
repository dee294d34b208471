{{-- What goes on under the closed lid, and what is told of it. --}}
@php $faults = $lid->ahead(); $moment = $lid->course->at($lid->nowMin); @endphp
<section class="lid" aria-label="Under the lid">
    <x-drawing.heat :heat="$lid->heat" :course="$lid->course" :starts="$fold->progress['layer']->doneAt->setTimezone($zone)" :now="$lid->nowMin" :$probe :width="350" />
    @foreach ($lid->changes as $says)<p class="change" role="status">{{ $says }}</p>@endforeach
    @foreach ($faults as $fault)<p class="ahead">{{ $fault->says }}@if ($fault->mendLabel !== null) <span>{{ $fault->mendLabel }}.</span>@endif</p>@endforeach
    @if ($probe !== [])
        @php $read = $probe[count($probe) - 1]; @endphp
        <p class="window">Probe (simulated): <strong>{{ number_format($read[1], 1) }} °C</strong>, the forecast says {{ round(App\StandIns\SimulatedProbe::inTheFilling($moment)) }} °C. A computed temperature is never proof of safety.</p>
    @endif
    @if ($lid->asks !== [])
        <div class="cues" role="group" aria-label="What do you see?">
            @foreach ($lid->asks as $cue)<button type="button" data-event="cue" data-subject="{{ $cue->value }}">{{ $cue->label() }}</button>@endforeach
        </div>
    @endif
</section>
