{{-- A filling's work, each step a sentence to change. --}}
@if ($steps !== [])
    <ol class="work-steps" aria-label="{{ $t('pages/pot-more.its-work', of: $of) }}">
        @foreach ($steps as $index => $step)
            <li>
                <p class="sentence"><x-sentence says="pages/pot-more.step-is-done" :given="['isLookedFor' => $step->till !== null,
                    'isUnderPressure' => $step->underPressure, 'isPoured' => $step->pours !== null]">
                    <x-slot:name><x-word.text :path="$at.'/steps/'.$index.'/name'" :value="$step->name"
                        :label="$t('pages/pot-more.step-what-is-done', index: $index + 1)" /></x-slot>
                    <x-slot:minutes><x-word.number :path="$at.'/steps/'.$index.'/minutes'" :value="$step->minutes"
                        :label="$t('pages/pot-more.minutes-2', step: $step->name)" min="1" max="2880" /></x-slot>
                    <x-slot:till><x-word.text :path="$at.'/steps/'.$index.'/till'" :value="$step->till"
                        :label="$t('pages/pot-more.till-what-is-seen-2', step: $step->name)" :else="$t('pages/pot-more.its-minutes-are-up')"
                        /></x-slot>
                    <x-slot:least>@if ($step->till !== null)<x-word.perhaps :path="$at.'/steps/'.$index.'/least_min'"
                        :value="$step->leastMin" :label="$t('pages/pot-more.least-minutes', step: $step->name)" min="1"
                        :max="$step->minutes" />@endif</x-slot>
                    <x-slot:most>@if ($step->till !== null)<x-word.perhaps :path="$at.'/steps/'.$index.'/most_min'" :value="$step->mostMin"
                        :label="$t('pages/pot-more.most-minutes', step: $step->name)" :min="$step->minutes" max="2880" />@endif</x-slot>
                    <x-slot:where><x-word.choice :path="$at.'/steps/'.$index.'/burner'" type="optional" :options="['none' =>
                        $t('pages/pot-more.on-no-ring')] + array_map(fn ($ring) => $t('pages/pot-more.on-ring', ring: $ring->label()),
                        $plan->kitchen->equipment->rings)" :value="$step->ring ?? 'none'" :label="$t('pages/pot-more.where-2', step:
                        $step->name)" /></x-slot>
                    <x-slot:hands><x-word.choice :path="$at.'/steps/'.$index.'/attention'"
                        :options="$say->options(Orbek\Core\Clock\Attention::cases())" :value="$step->attention->value"
                        :label="$t('pages/pot-more.whose-hands', step: $step->name)" /></x-slot>
                    <x-slot:keeps><x-word.text :path="$at.'/steps/'.$index.'/keeps'" :value="$step->keeps"
                        :label="$t('pages/pot-more.how-long-it-keeps', step: $step->name)" :else="$t('pages/pot-more.not-at-all')"
                        /></x-slot>
                    <x-slot:tasted><x-word.choice :path="$at.'/steps/'.$index.'/tastes'" type="optional" :options="['none' =>
                        $t('pages/pot-more.not-tasted')] + array_map(fn ($what) => $t('pages/pot-more.taste-it', what: $what),
                        $say->options(Orbek\Core\Dish\Tasting::cases()))" :value="$step->tastes->value ?? 'none'"
                        :label="$t('pages/pot-more.what-is-tasted', step: $step->name)" /></x-slot>
                    <x-slot:ml>@if ($step->pours !== null)<x-word.number :path="$at.'/steps/'.$index.'/pours/ml_per_kg'"
                        :value="round($step->pouredMlPerKg)" :label="$t('pages/pot-more.ml-poured-in-for-each-kg', step: $step->name)"
                        min="1" max="3000" />@endif</x-slot>
                    <x-slot:what>@if ($step->pours !== null)<x-word.text :path="$at.'/steps/'.$index.'/pours/name'" :value="$step->pours"
                        :label="$t('pages/pot-more.what-is-poured', step: $step->name)" />@endif</x-slot>
                    </x-sentence></p>
                @if ($goIn !== [])
                    <details class="goes-into" data-keep-open><summary>{{ $t('pages/pot-more.what-goes-in', isTold: $step->with !== [],
                        things: $step->with, isOf: $step->of !== null) }}</summary>
                        @foreach ($goIn as $one)<button type="button" class="small-button" data-mend data-path="{{ $at }}/steps/{{ $index
                            }}/with" data-value="{{ json_encode($step->takes($one) ? array_values(array_diff($step->with, [$one])) :
                            [...$step->with, $one]) }}" aria-pressed="{{ $step->takes($one) ? 'true' : 'false' }}">{{ $one }}</button>
                        @endforeach</details>
                @endif
                <p class="moves">
                    @if (! $loop->first)<button type="button" class="small-button" data-mend data-path="{{ $list }}:up:{{ $index }}"
                        data-value="null" aria-label="{{ $t('pages/pot-more.up-before-the-step-above', step: $step->name) }}">{{
                            $t('pages/pot-more.up') }}</button>@endif
                    @if (! $loop->last)<button type="button" class="small-button" data-mend data-path="{{ $list }}:down:{{ $index }}"
                        data-value="null" aria-label="{{ $t('pages/pot-more.down-after-the-step-below', step: $step->name) }}">{{
                            $t('pages/pot-more.down') }}</button>@endif
                    @if ($step->minutes > 1)<button type="button" class="small-button" data-mend
                        data-path="{{ $list }}:split:{{ $index }}" data-value='"till the next day, cold"'
                        aria-label="{{ $t('pages/pot-more.part-of-it-ahead-2', step: $step->name) }}">{{
                            $t('pages/pot-more.part-of-it-ahead') }}</button>@endif
                    @if ($step->ring !== null)<button type="button" class="small-button" data-mend data-path="{{ $at }}/steps/{{ $index
                        }}/pressure" data-value="{{ $step->underPressure ? 'null' : 'true' }}" aria-label="{{
                        $step->underPressure ? $t('pages/pot-more.in-an-open-pan') : $t('pages/pot-more.under-pressure') }}: {{ $step->name
                            }}">{{
                            $t('pages/pot-more.under-pressure-or-not', isUnderPressure: $step->underPressure) }}</button>@endif
                    <button type="button" class="small-button" data-mend data-path="{{ $at }}/steps/{{ $index }}/pours" data-value='{{
                        $step->pours === null ? '{"name":"water","ml_per_kg":200}' : 'null' }}' aria-label="{{ $step->pours === null ?
                        $t('pages/pot-more.pour-something') : $t('pages/pot-more.pour-nothing') }}: {{ $step->name }}">{{
                            $t('pages/pot-more.pour-or-not', pours:
                            $step->pours !== null) }}</button>
                    <button type="button" class="small-button" data-mend data-path="{{ $list }}:remove:{{ $index }}" data-value="null"
                        aria-label="{{ $t('pages/pot-more.leave-it-out-2', step: $step->name) }}">{{ $t('pages/pot-more.leave-it-out')
                            }}</button>
                </p>
            </li>
        @endforeach
    </ol>
@endif
<details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.another-step') }}</summary>
    <form data-add="{{ $list }}">
        <label>{{ $t('pages/pot-more.what-is-done') }} <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>{{ $t('pages/pot-more.minutes') }} <input name="minutes" type="number" min="1" max="2880" step="1" value="10"
            required></label>
        <label>{{ $t('pages/pot-more.till-what-is-seen') }} <input name="till" maxlength="80" autocomplete="off" placeholder="{{
            $t('pages/pot-more.golden') }}"></label>
        <label>{{ $t('pages/pot-more.where') }} <select name="burner"><option value="">{{ $t('pages/pot-more.on-no-ring')
            }}</option>@foreach ($plan->kitchen->equipment->rings as $ring)<option
            value="{{ $ring->id }}">{{ $ring->label() }}</option>@endforeach</select></label>
        <label>{{ $t('pages/pot-more.hands') }} <select name="attention">@foreach ($say->options(Orbek\Core\Clock\Attention::cases())
            as $one => $label)<option
            value="{{ $one }}">{{ $label }}</option>@endforeach</select></label>
        <button class="quiet">{{ $t('pages/pot-more.put-it-at-the-end') }}</button>
    </form>
</details>
