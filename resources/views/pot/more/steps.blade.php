{{-- A filling's work, each step a sentence to change. --}}
@if ($steps !== [])
    <ol class="work-steps" aria-label="{{ $of }}: its work">
        @foreach ($steps as $index => $step)
            <li>
                <p class="sentence"><x-word.text :path="$at.'/steps/'.$index.'/name'" :value="$step->name" :label="'Step '.($index + 1).
                    ': what is done'" />, <x-word.number :path="$at.'/steps/'.$index.'/minutes'" :value="$step->minutes"
                    :label="$step->name.': minutes'" min="1" max="2880" /> min,
                    till <x-word.text :path="$at.'/steps/'.$index.'/till'" :value="$step->till" :label="$step->name.': till what is seen'"
                        else="its minutes are up" />@if ($step->till !== null), looked for from <x-word.perhaps
                        :path="$at.'/steps/'.$index.'/least_min'" :value="$step->leastMin" :label="$step->name.': least minutes'" min="1"
                        :max="$step->minutes" /> min on, too far at <x-word.perhaps :path="$at.'/steps/'.$index.'/most_min'"
                        :value="$step->mostMin" :label="$step->name.': most minutes'" :min="$step->minutes" max="2880" /> min;@else;@endif
                    <x-word.choice :path="$at.'/steps/'.$index.'/burner'" type="optional" :options="['none' => 'on no ring'] +
                        array_map(fn ($ring) => 'on '.$ring->label(), $plan->kitchen->equipment->rings)" :value="$step->ring ?? 'none'"
                        :label="$step->name.': where'" />,
                    <x-word.choice :path="$at.'/steps/'.$index.'/attention'"
                        :options="$say->options(Orbek\Core\Clock\Attention::cases())" :value="$step->attention->value"
                        :label="$step->name.': whose hands'" />{{ $step->underPressure ? ', in the pressure cooker' : '' }};
                    done ahead it keeps <x-word.text :path="$at.'/steps/'.$index.'/keeps'" :value="$step->keeps"
                        :label="$step->name.': how long it keeps'" else="not at all" />;
                    <x-word.choice :path="$at.'/steps/'.$index.'/tastes'" type="optional" :options="['none' => 'not tasted'] +
                        array_map(fn ($what) => 'taste '.$what, $say->options(Orbek\Core\Dish\Tasting::cases()))"
                        :value="$step->tastes->value ?? 'none'" :label="$step->name.': what is tasted'" />@if ($step->pours !== null),
                        <x-word.number :path="$at.'/steps/'.$index.'/pours/ml_per_kg'" :value="round($step->pouredMlPerKg)"
                        :label="$step->name.': ml poured in for each kg'" min="1" max="3000" /> ml of <x-word.text
                        :path="$at.'/steps/'.$index.'/pours/name'" :value="$step->pours" :label="$step->name.': what is poured in'" /> a kg
                        poured in @endif.</p>
                @if ($goIn !== [])
                    <details class="goes-into" data-keep-open><summary>What goes in: {{ $step->with === [] ? ($step->of === null ?
                        'not said' : 'what brought it') : implode(', ', $step->with) }}</summary>
                        @foreach ($goIn as $one)<button type="button" class="small-button" data-mend data-path="{{ $at }}/steps/{{ $index
                            }}/with" data-value="{{ json_encode($step->takes($one) ? array_values(array_diff($step->with, [$one])) :
                            [...$step->with, $one]) }}" aria-pressed="{{ $step->takes($one) ? 'true' : 'false' }}">{{ $one }}</button>
                        @endforeach</details>
                @endif
                <p class="moves">
                    @if (! $loop->first)<button type="button" class="small-button" data-mend data-path="{{ $list }}:up:{{ $index }}"
                        data-value="null" aria-label="Up: {{ $step->name }}, before the step above">Up</button>@endif
                    @if (! $loop->last)<button type="button" class="small-button" data-mend data-path="{{ $list }}:down:{{ $index }}"
                        data-value="null" aria-label="Down: {{ $step->name }}, after the step below">Down</button>@endif
                    @if ($step->minutes > 1)<button type="button" class="small-button" data-mend
                        data-path="{{ $list }}:split:{{ $index }}" data-value='"till the next day, cold"'
                        aria-label="Part of it ahead: {{ $step->name }}">Part of it ahead</button>@endif
                    @if ($step->ring !== null)<button type="button" class="small-button" data-mend data-path="{{ $at }}/steps/{{ $index
                        }}/pressure" data-value="{{ $step->underPressure ? 'null' : 'true' }}" aria-label="{{
                        $step->underPressure ? 'In an open pan' : 'Under pressure' }}: {{ $step->name }}">{{ $step->underPressure ?
                        'In an open pan' : 'Under pressure' }}</button>@endif
                    <button type="button" class="small-button" data-mend data-path="{{ $at }}/steps/{{ $index }}/pours" data-value='{{
                        $step->pours === null ? '{"name":"water","ml_per_kg":200}' : 'null' }}' aria-label="{{ $step->pours === null ?
                        'Pour something in' : 'Pour nothing in' }}: {{ $step->name }}">{{ $step->pours === null ? 'Pour something in' :
                        'Pour nothing in' }}</button>
                    <button type="button" class="small-button" data-mend data-path="{{ $list }}:remove:{{ $index }}" data-value="null"
                        aria-label="Leave it out: {{ $step->name }}">Leave it out</button>
                </p>
            </li>
        @endforeach
    </ol>
@endif
<details class="adding" data-keep-open><summary>Another step</summary>
    <form data-add="{{ $list }}">
        <label>What is done <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>Minutes <input name="minutes" type="number" min="1" max="2880" step="1" value="10" required></label>
        <label>Till what is seen <input name="till" maxlength="80" autocomplete="off" placeholder="golden"></label>
        <label>Where <select name="burner"><option value="">on no ring</option>@foreach ($plan->kitchen->equipment->rings as $ring)<option
            value="{{ $ring->id }}">{{ $ring->label() }}</option>@endforeach</select></label>
        <label>Hands <select name="attention">@foreach ($say->options(Orbek\Core\Clock\Attention::cases()) as $one => $label)<option
            value="{{ $one }}">{{ $label }}</option>@endforeach</select></label>
        <button class="quiet">Put it at the end</button>
    </form>
</details>
