<x-layouts.place :title="$t('pages/clock.clock')" place="clock" :$dish>
    @if (session('moved'))<div class="moved" role="status"><p>{{ $th('pages/clock.it-was-made-for-other-things', number: implode($semicolon,
        session('moved'))) }} <a href="{{ route('dish.versions', $dish) }}">{{ $t('pages/clock.take-it-back') }}</a></p></div>@endif
    @if (session('begun'))<div class="moved" role="status"><p>{{ $t('pages/clock.is-set-up-this-dish', it: session('begun'))
        }}</p></div>@endif
    <div x-data="pot" data-url="{{ route('dish.change', $dish) }}" data-view="clock" x-on:change="change($event)" x-on:click="act($event)">
        <div class="message" role="alert" x-show="message" x-cloak>
            <span x-text="message"></span>
            <button type="button" class="quiet" x-on:click="dismiss()">{{ $t('pages/clock.close') }}</button>
            <button type="button" class="quiet" x-show="unsaved" x-on:click="again()">{{ $t('pages/clock.make-my-change-now') }}</button>
        </div>
        <div class="clock-page" id="body" data-version="{{ $dish->version }}">@include('clock.body')</div>
    </div>
</x-layouts.place>
