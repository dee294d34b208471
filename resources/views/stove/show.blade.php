<x-layouts.place :title="$cook->name" place="stove">
    <script src="/early.js"></script>
    <div class="stove" x-data="stove" data-live="{{ json_encode($live) }}" x-on:click="act($event)" x-on:submit="note($event)"
        x-on:change="tickOff($event)" x-on:keydown.window="onKey($event)">
        <div class="unsent" role="status" x-show="isUnsent" x-cloak><p><span x-text="why"></span> <span x-text="unsent()"></span> {{
            $t('pages/stove.noted-here-sent-when') }}</p></div>
        <div class="unsent keeps-nothing" role="status" x-show="! isStored" x-cloak><p>{{ $t('pages/stove.this-browser-keeps-nothing-here')
            }}</p></div>
        <div class="message" role="alert" x-show="message" x-cloak><span x-text="message"></span></div>
        <section id="alone" class="alone" aria-label="{{ $t('pages/stove.without-the-network') }}" hidden>
            <h1>{{ $t('pages/stove.without-the-network') }}</h1>
            <p class="over">{{ $t('pages/stove.the-plan-goes-on-from-here') }}</p>
            <div data-steps></div>
            <p><button type="button" class="beside" data-undo-last>{{ $t('pages/stove.undo-the-last-tap') }}</button></p>
        </section>
        <div id="body">@include('stove.body')</div>
        <details class="calls" data-keep-open><summary>{{ $t('pages/stove.how-it-calls-you') }}</summary>
            <div class="tools" role="group" aria-label="{{ $t('pages/stove.how-it-calls-you') }}">
                @foreach (['voice' => $t('pages/stove.voice'), 'sound' => $t('pages/stove.sound'), 'vibration' =>
                    $t('pages/stove.vibration'), 'title' => $t('pages/stove.count-in-the-title'), 'notice' =>
                    $t('pages/stove.notice-when-hidden'), 'lit' => $t('pages/stove.screen-kept-lit')] as $way => $label)<button
                        type="button" data-call="{{ $way }}"
                    aria-pressed="true">{{ $label }}</button>@endforeach
                <button type="button" class="beside" data-try-call>{{ $t('pages/stove.try-a-call') }}</button>
                <button type="button" class="beside" data-from-afar aria-pressed="false">{{ $t('pages/stove.large-to-be-read-from-afar')
                    }}</button>
            </div>
            <p class="small" role="status" x-text="tried"></p>
        </details>
        @if ($standIns)
            <form class="clock-hands" x-on:submit.stop.prevent aria-label="{{ $t('pages/stove.practice-clock') }}">
                <span>{{ $t('pages/stove.practice-clock') }}</span>
                <button type="button" data-forward="60">{{ $t('pages/stove.1-min-4') }}</button>
                <button type="button" data-forward="600">{{ $t('pages/stove.10-min') }}</button>
                <button type="button" data-forward="7200">{{ $t('pages/stove.plus-2-h') }}</button>
                <button type="button" data-speed="1">{{ $say->digits('×1') }}</button>
                <button type="button" data-speed="60">{{ $say->digits('×60') }}</button>
            </form>
        @endif
    </div>
</x-layouts.place>
