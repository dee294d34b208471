<x-layouts.place title="Clock" place="clock" :$dish>
    @if (session('moved'))<div class="moved" role="status"><p><strong>It was made for other things, and moved to what is here:</strong> {{
        implode('; ', session('moved')) }}. <a href="{{ route('dish.versions', $dish) }}">Take it back</a></p></div>@endif
    @if (session('begun'))<div class="moved" role="status"><p>{{ session('begun') }} is set up. This dish is planned in it; touch a word to
        change it.</p></div>@endif
    <div x-data="pot" data-url="{{ route('dish.change', $dish) }}" data-view="clock" x-on:change="change($event)" x-on:click="act($event)">
        <div class="message" role="alert" x-show="message" x-cloak>
            <span x-text="message"></span>
            <button type="button" class="quiet" x-on:click="dismiss()">Close</button>
            <button type="button" class="quiet" x-show="unsaved" x-on:click="again()">Make my change now</button>
        </div>
        <div class="clock-page" id="body" data-version="{{ $dish->version }}">@include('clock.body')</div>
    </div>
</x-layouts.place>
