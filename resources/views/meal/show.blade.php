<x-layouts.place :title="$meal->name" place="clock">
    <div x-data="meal" data-url="{{ route('meal.change', $meal) }}" data-view="meal" data-better="{{ $better ? '1' : '' }}"
        x-on:change="change($event)" x-on:click="act($event)" x-on:submit="add($event)" x-on:keydown="nudgeTask($event)"
        x-on:pointerdown="grabTask($event)">
        <div class="message" role="alert" x-show="message" x-cloak>
            <span x-text="message"></span>
            <button type="button" class="quiet" x-on:click="dismiss()">{{ $t('pages/meal.close') }}</button>
            <button type="button" class="quiet" x-show="unsaved" x-on:click="again()">{{ $t('pages/meal.make-my-change-now') }}</button>
        </div>
        <div class="bettering" role="status" x-show="looking" x-cloak>{{ $t('pages/meal.looking-for-a-shorter-plan') }} <button
            type="button" class="small-button"
            x-on:click="stop()">{{ $t('pages/meal.leave-it-2') }}</button></div>
        <form method="post" action="{{ route('meal-cook.begin', $meal) }}" class="begin-meal no-print" x-on:submit.stop>@csrf<input
            type="hidden" name="cook" value="{{ $nextCook }}"><button class="act">{{ $t('pages/meal.to-the-stove', isOn: $isOn)
                }}</button></form>
        <div class="clock-page" id="body" data-version="{{ $meal->version }}">@include('meal.body')</div>
    </div>
</x-layouts.place>
