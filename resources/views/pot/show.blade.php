<x-layouts.place :title="$dish->name" place="pot" :$dish>
    @if (session('changed'))<div class="moved" role="status"><p><strong>{{ session('changed') === [] ? 'The same as it was cooked.' :
        'Changed:' }}</strong> {{ implode('; ', session('changed')) }}.@if ($dish->version > 1) <a href="{{ route('dish.versions', $dish)
        }}">Take it back</a>@endif</p></div>@endif
    @if (session('moved'))<div class="moved" role="status"><p><strong>It was made for other things, and moved to what is here:</strong> {{
        implode('; ', session('moved')) }}. <a href="{{ route('dish.versions', $dish) }}">Take it back</a></p></div>@endif
    @if (session('begun'))<div class="moved" role="status"><p>{{ session('begun') }} is set up. This dish is planned in it; touch a word to
        change it.</p></div>@endif
    <div x-data="pot" data-url="{{ route('dish.change', $dish) }}" x-on:change="change($event)" x-on:click="act($event)"
        x-on:submit="add($event)" x-on:pointerdown="take($event)" x-on:keydown="press($event)">
        <div class="message" role="alert" x-show="message" x-cloak>
            <span x-text="message"></span>
            <button type="button" class="quiet" x-on:click="dismiss()">Close</button>
            <button type="button" class="quiet" x-show="unsaved" x-on:click="again()">Make my change now</button>
        </div>
        <div class="pot-page" id="body" data-version="{{ $dish->version }}">
            @include('pot.body')
        </div>
    </div>
</x-layouts.place>
