{{-- What a cook does to a closed pot, and asks of it. --}}
<section class="lid" aria-label="What was done to the pot">
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
