@php $course = $plan->course(); $faults = $plan->foretold(); @endphp
@if ($course === null)
    <p>The food does not go into this pot: see Layers.</p>
@else
    <table class="parts heat-words">
        <thead><tr><th scope="col">stretch</th><th scope="col">minutes</th><th scope="col">heat</th><th scope="col">plate</th><th scope="col"><span class="visually-hidden">change</span></th></tr></thead>
        <tbody>
            @foreach ($plan->heat->blocks as $index => $block)
                <tr>
                    <th scope="row">{{ $index + 1 }}{{ $block->until === null ? '' : ', till '.$block->until }}</th>
                    <td><x-word.number :path="'heat:minutes:'.$index" :value="round($block->minutes, 1)" :label="'Stretch '.($index + 1).', minutes'" min="0.5" max="240" step="0.5" /> min</td>
                    <td>@if ($block->ovenC === null)<x-word.number :path="'heat:setting:'.$index" :value="round(100 * $block->setting)" :label="'Stretch '.($index + 1).', heat, per cent'" min="0" max="100" /> %@else {{ round($block->ovenC) }} °C in the oven @endif</td>
                    <td>@if ($block->ovenC === null && ! $block->isRest())<x-word.choice :path="'heat:plate:'.$index" type="flag" :options="['0' => 'no plate', '1' => 'on the plate']" :value="$block->plate ? '1' : '0'" :label="'Stretch '.($index + 1).', plate'" />@endif</td>
                    <td><button type="button" class="small-button" data-mend data-path="heat:part:{{ $index }}" data-value="null" aria-label="Part stretch {{ $index + 1 }}">Part</button> <button type="button" class="small-button" data-mend data-path="heat:remove:{{ $index }}" data-value="null" aria-label="Remove stretch {{ $index + 1 }}">Remove</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p>Crust wanted: <x-word.choice path="base/crust" :options="['pale' => 'none, a clean base', 'straw' => 'straw', 'golden' => 'golden', 'amber' => 'amber']" :value="$d->base->crust->value" label="Crust wanted" />.
        @if (! $plan->heat->isStock)<button type="button" class="small-button" data-mend data-path="heat:stock" data-value="null">Back to the school's own line</button>@endif</p>
    @foreach ($faults as $fault)
        <div class="clash" role="status"><p>{{ $fault->says }}</p>
            @if ($fault->mend !== null)<button type="button" class="mend" data-mend data-path="heat:take" data-value="{{ json_encode((new Orbek\Core\Lid\HeatPlan($fault->mend, 0.0, 0.0, []))->toArray()) }}">{{ $fault->mendLabel }}</button>@endif
        </div>
    @endforeach
    <ul class="amounts">
        @foreach ($course->end()->layers as $index => $state)
            @if ($state->matter->value === 'rice')<li>Layer {{ $index + 1 }}, rice: <strong>{{ round(100 * $state->doneness) }} %</strong> done, {{ $state->texture()->label() }}, {{ number_format($state->uptake, 2) }} times its raw weight</li>
            @elseif ($state->matter->value === 'filling')<li>Layer {{ $index + 1 }}, {{ $state->label }}: core <strong>{{ round($state->coreC) }} °C</strong>{{ $course->pot->layers[$index]->tenderS > 0 ? ', '.number_format($state->tenderness, 1).' times tender' : '' }}</li>@endif
        @endforeach
        <li>{{ round($course->end()->leakG) }} g of steam get out, {{ round($course->end()->clothG) }} g go into the cloth</li>
    </ul>
    <p class="small">{{ Str::ucfirst($plan->stove->stoveWords()) }}. Computed temperatures are never proof of safety: only a thermometer shows a safe core.</p>
    <p class="asks">
        <button type="button" class="mend" x-on:click="ask('plans')">Find a heat plan</button>
        <button type="button" class="mend" x-on:click="ask('sure')">How sure is this</button>
        <button type="button" class="mend" x-on:click="ask('whatif')">What if</button>
    </p>
    <div class="answer" data-answer aria-live="polite"></div>
@endif
