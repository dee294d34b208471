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
    <form class="turned" data-event="heat-set" data-subject="{{ $id ?? 'heat' }}"><label for="setting">I turned it to</label><input id="setting" name="setting" type="number" inputmode="numeric" min="0" max="100" step="1" value="{{ round($lid->setting()) }}" required> % <button>Turned</button></form>
    <div class="cues">
        <button type="button" data-event="opened" data-subject="lid">I opened it</button>
        <button type="button" data-event="late" data-subject="table" data-minutes="10">We are 10 min late</button>
        @if ($hasProbe)<button type="button" x-on:click="probe({{ $probe === [] ? 'true' : 'false' }})">{{ $probe === [] ? 'Put the probe in' : 'Take the probe out' }}</button>@endif
    </div>
    <details class="rescue" data-keep-open><summary>Something is wrong</summary>
        <div class="cues">@foreach (Orbek\Core\Cook\Complaint::cases() as $complaint)<button type="button" x-on:click="rescue('{{ $complaint->value }}')">{{ Str::ucfirst($complaint->label()) }}</button>@endforeach</div>
    </details>
    <div class="rescued" aria-live="polite" x-html="rescued"></div>
</section>
