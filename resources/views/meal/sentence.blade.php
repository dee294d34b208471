<x-sentence says="pages/meal.sentence" :given="['hasSides' => $m->sides !== [], 'many' => $m->hands]">
    <x-slot:day><select class="word choice" data-path="serve_at" data-part="day" aria-label="{{ $t('pages/meal.on-the-table-day') }}"
        autocomplete="off">@foreach ($days->groupBy(fn ($day) => $say->reading()->weekOf($day)) as $week => $inWeek)<optgroup label="{{
        $t('pages/meal.this-or-that-week', isThis: $week === $say->reading()->weekOf($today),
        week: $say->dated(Carbon\CarbonImmutable::parse($week), 'date')) }}">@foreach ($inWeek as $day)<option value="{{
        $day->format('Y-m-d') }}" @selected($day->format('Y-m-d') === $plan->tableAt->format('Y-m-d'))>{{ $say->dated($day, 'day')
        }}</option>@endforeach</optgroup>@endforeach</select></x-slot>
    <x-slot:hour><input class="word time" type="text" data-path="serve_at" data-part="time" data-at="{{
        $plan->tableAt->format('Y-m-d\TH:i') }}" aria-label="{{ $t('pages/meal.on-the-table-time') }}"
        value="{{ $say->reading()->isTwelveHours ? $plan->tableAt->format('g:i a') : $plan->tableAt->format('H:i') }}"
        pattern="([01]?\d|2[0-3]):[0-5]\d|(0?[1-9]|1[0-2]):[0-5]\d ?[aApP]\.?[mM]\.?" title="{{ $t('pages/meal.give-a-time', such:
        $say->reading()->isTwelveHours ? $t('pages/meal.7-30-pm') : '19:30') }}" size="8" maxlength="9" required
        autocomplete="off"></x-slot>
    <x-slot:eaters><x-word.number path="eaters" :value="$m->eaters" :label="$t('pages/meal.how-many-eat')" min="1" max="60" /></x-slot>
    <x-slot:children><x-word.number path="children" :value="$m->children" :label="$t('pages/meal.children-2')" min="0" max="60"
        /></x-slot>
    <x-slot:plates><x-word.choice path="plates" :options="['light' => $t('pages/meal.light'), 'usual' => $t('pages/meal.usual'),
        'hearty' => $t('pages/meal.hearty')]" :value="$m->portion->value" :label="$t('pages/meal.plates-2')" /></x-slot>
    <x-slot:leftovers><x-word.number path="leftovers" :value="$m->leftovers" :label="$t('pages/meal.portions-left-for-later')" min="0"
        max="20" /></x-slot>
    <x-slot:dishes>@foreach ($plan->plans as $index => $one)<span class="of-meal"><x-sentence says="pages/meal.dish-for">
        <x-slot:dish><strong>@if (count($plan->plans) > 1)<span class="of">{{ $say->digits($index + 1) }}</span> @endif<a href="{{
            route('pot', $m->shares[$index]->dish) }}">{{ $one->dish->name }}</a></strong></x-slot>
        <x-slot:eaters><x-word.number :path="'dishes:eaters:'.$index" :value="$one->dish->table->eaters"
            :label="$t('pages/meal.for-how-many', dish: $one->dish->name)" min="1" :max="$m->eaters" /></x-slot>
    </x-sentence>@if (count($plan->plans) > 1) <button type="button" class="small-button" data-mend
        data-path="dishes:remove:{{ $index }}" data-value="null" aria-label="{{ $t('pages/meal.take-out', dish: $one->dish->name)
        }}">×</button>@endif{{ $loop->last ? '' : trim($comma) }}</span> @endforeach</x-slot>
    <x-slot:sides>@foreach ($m->sides as $index => $side)<span class="of-meal">{{ $side->name }}<button type="button"
        class="small-button" data-mend data-path="sides:remove:{{ $index }}" data-value="null" aria-label="{{
        $t('pages/meal.take-out-2', side: $side->name) }}">×</button>{{ $loop->last ? '' : $comma }}</span>@endforeach</x-slot>
    <x-slot:hands><x-word.number path="hands" :value="$m->hands" :label="$t('pages/meal.how-many-cook')" min="1" max="6" /></x-slot>
</x-sentence>
