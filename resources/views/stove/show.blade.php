<x-layouts.place :title="$cook->name" place="stove">
    <script src="/early.js"></script>
    <div class="stove" x-data="stove" data-live="{{ json_encode($live) }}" x-on:click="act($event)" x-on:submit="note($event)"
        x-on:change="tickOff($event)" x-on:keydown.window="onKey($event)">
        <div class="unsent" role="status" x-show="isUnsent" x-cloak><p><span x-text="why"></span> <span x-text="waiting"></span> noted here,
            sent when it is back.</p></div>
        <div class="unsent keeps-nothing" role="status" x-show="! isStored" x-cloak><p>This browser keeps nothing here: its storage is
            blocked, full or does not answer. What you tap is sent at once; what the laptop has not got yet is lost when this page is closed
            or loaded again.</p></div>
        <div class="message" role="alert" x-show="message" x-cloak><span x-text="message"></span></div>
        <section id="alone" class="alone" aria-label="Without the network" hidden>
            <h1>Without the network</h1>
            <p class="over">The plan goes on from here; what you tap is sent when it is back.</p>
            <div data-steps></div>
            <p><button type="button" class="beside" data-undo-last>Undo the last tap</button></p>
        </section>
        <div id="body">@include('stove.body')</div>
        <details class="calls" data-keep-open><summary>How it calls you</summary>
            <div class="tools" role="group" aria-label="How it calls you">
                @foreach (['voice' => 'Voice', 'sound' => 'Sound', 'vibration' => 'Vibration', 'title' => 'Count in the title', 'notice' =>
                    'Notice when hidden', 'lit' => 'Screen kept lit'] as $way => $label)<button type="button" data-call="{{ $way }}"
                    aria-pressed="true">{{ $label }}</button>@endforeach
                <button type="button" class="beside" data-try-call>Try a call</button>
                <button type="button" class="beside" data-from-afar aria-pressed="false">Large, to be read from afar</button>
            </div>
            <p class="small" role="status" x-text="tried"></p>
        </details>
        @if ($standIns)
            <form class="clock-hands" x-on:submit.stop.prevent aria-label="Practice clock">
                <span>Practice clock</span>
                <button type="button" data-forward="60">+1 min</button>
                <button type="button" data-forward="600">+10 min</button>
                <button type="button" data-forward="7200">+2 h</button>
                <button type="button" data-speed="1">×1</button>
                <button type="button" data-speed="60">×60</button>
            </form>
        @endif
    </div>
</x-layouts.place>
