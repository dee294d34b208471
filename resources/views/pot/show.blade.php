<x-layouts.place :title="$dish->name" place="pot" :$dish>
    @if (session('changed'))<div class="moved" role="status"><p>{{ $th('pages/pot.changed-so', isSame: session('changed') === [], changes:
        implode($semicolon, session('changed'))) }}@if ($dish->version > 1) <a href="{{ route('dish.versions', $dish)
        }}">{{ $t('pages/pot.take-it-back') }}</a>@endif</p></div>@endif
    @if (session('moved'))<div class="moved" role="status"><p>{{ $th('pages/pot.it-was-made-for-other-things', number: implode($semicolon,
        session('moved'))) }} <a href="{{ route('dish.versions', $dish) }}">{{ $t('pages/pot.take-it-back') }}</a></p></div>@endif
    @if (session('begun'))<div class="moved" role="status"><p>{{ $t('pages/pot.is-set-up-this-dish', it: session('begun'))
        }}</p></div>@endif
    <div x-data="pot" data-url="{{ route('dish.change', $dish) }}" x-on:change="change($event)" x-on:click="act($event)"
        x-on:submit="add($event)" x-on:pointerdown="take($event)" x-on:keydown="press($event)">
        <div class="message" role="alert" x-show="message" x-cloak>
            <span x-text="message"></span>
            <button type="button" class="quiet" x-on:click="dismiss()">{{ $t('pages/pot.close') }}</button>
            <button type="button" class="quiet" x-show="unsaved" x-on:click="again()">{{ $t('pages/pot.make-my-change-now') }}</button>
        </div>
        <div class="pot-page" id="body" data-version="{{ $dish->version }}">
            @include('pot.body')
        </div>
    </div>
</x-layouts.place>
