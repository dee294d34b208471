<x-layouts.place :title="$cook->name" place="stove">
    <script src="/early.js"></script>
    <div class="stove" x-data="stove" data-live="{{ json_encode($live) }}" x-on:click="act($event)" x-on:submit="note($event)" x-on:keydown.window="onKey($event)">
        <div class="unsent" role="status" x-show="isUnsent" x-cloak><p><span x-text="why"></span> <span x-text="waiting"></span> noted here, sent when it is back.</p></div>
        <div class="message" role="alert" x-show="message" x-cloak><span x-text="message"></span></div>
        <div id="body">@include($body)</div>
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
