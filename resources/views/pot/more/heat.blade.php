@if ($home->equipment->oven !== null && $load->place->pot->cooker === null)
    <p>@if ($d->lid->ovenC !== null)In the oven from the start, till all is cooked. <button type="button" class="small-button" data-mend
        data-path="lid/oven_c" data-value="null">On the ring instead</button>@elseif (!
        Orbek\Core\Lid\HeatLine::usesOven($load->line()))<button type="button" class="small-button" data-mend data-path="lid/oven_c"
        data-value="{{ round($home->equipment->oven->usualC()) }}">In the oven from the start instead</button>@endif</p>
@endif
@if ($course === null)
    <p>The food does not go into this pot: see Layers.</p>
@elseif ($load->place->pot->cooker !== null)
    <p class="origin">The cooker turns itself down when its water is gone, and keeps warm: {{ round($course->end()->minute) }} min before it
        is opened.</p>
@else
    @if ($asTold !== null)@include('pot.more.as-told', ['told' => $asTold])@endif
    @if ($restTold !== null)@include('pot.more.as-told', ['told' => $restTold])@endif
    <p class="origin">{{ match ($heating->origin) {
        Orbek\Core\Heat\Origin::Found => 'Found for this pot on this stove.',
        Orbek\Core\Heat\Origin::Own => 'Your own line, kept as you gave it.',
    } }} @if ($heating->origin === Orbek\Core\Heat\Origin::Own)<button type="button" class="small-button" data-mend data-path="heat:stock"
        data-value="null">Take the heat found for this pot</button>@endif</p>
    <table class="parts heat-words">
        <thead><tr><th scope="col">stretch</th><th scope="col">how long</th><th scope="col">heat</th><th scope="col">plate</th><th
            scope="col"><span class="visually-hidden">change</span></th></tr></thead>
        <tbody>
            @foreach ($heating->line() as $index => $stretch)
                <tr>
                    <th scope="row">{{ $index + 1 }}</th>
                    <td>
                        @if ($stretch->isRest())
                            <x-word.number :path="'heat:minutes:'.$index" :value="round($stretch->minutes, 1)" :label="'Stretch '.($index +
                                1).', minutes'"
                                min="0.5" max="240" step="0.5" /> min rest
                        @elseif ($stretch->till !== null)
                            <x-word.choice :path="'heat:until:'.$index" type="optional" :options="$cues" :value="$stretch->till->id"
                                :label="'Stretch '.($index + 1).', till'" />
                            and <x-word.number :path="'heat:after:'.$index" :value="round($stretch->afterMin, 1)"
                                :label="'Stretch '.($index + 1).', minutes past the cue'" min="0" max="240" step="0.5" /> min more:
                            <strong>{{ round($course->heat[$index]->minutes) }} min</strong>{{ $heating->window($index) === null ? '' :
                                sprintf(' (cue at %d to %d)',
                                round($heating->window($index)[0]), round($heating->window($index)[1])) }}
                        @else
                            <x-word.number :path="'heat:minutes:'.$index" :value="round($stretch->minutes, 1)" :label="'Stretch '.($index +
                                1).', minutes'"
                                min="0.5" max="240" step="0.5" /> min
                            @if ($stretch->flame->ovenC === null)<x-word.choice :path="'heat:until:'.$index" type="optional"
                                :options="$cues"
                                value="none" :label="'Stretch '.($index + 1).', till'" />@endif
                        @endif
                    </td>
                    <td>@if ($stretch->flame->ovenC !== null){{ $say->degrees($stretch->flame->ovenC) }} in the oven @elseif (!
                        $stretch->isRest())<x-word.choice :path="'heat:setting:'.$index" type="number" :options="$marks($stretch->flame)"
                        :value="(string) round(100 * $stretch->flame->setting)" :label="'Stretch '.($index + 1).', knob at'" /> on
                            <x-word.choice
                        :path="'heat:ring:'.$index" :options="$rings" :value="$stretch->flame->ring" :label="'Stretch '.($index +
                            1).', ring'" />@endif</td>
                    <td>@if ($stretch->flame->ovenC === null && ! $stretch->isRest())<x-word.choice :path="'heat:plate:'.$index"
                        type="optional"
                        :options="$plates" :value="($stretch->flame->plate->id ?? 'none').($stretch->flame->isPlateHot ? ':hot' : '')"
                        :label="'Stretch '.($index + 1).', plate'"
                            />@endif</td>
                    <td><button type="button" class="small-button" data-mend data-path="heat:part:{{ $index }}" data-value="null"
                        aria-label="Part stretch {{ $index + 1 }}">Part</button> <button type="button" class="small-button" data-mend
                        data-path="heat:remove:{{ $index }}" data-value="null" aria-label="Remove stretch {{ $index + 1
                        }}">Remove</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p>Crust wanted: <x-word.choice path="base/crust" :options="['pale' => 'none, a clean base', 'straw' => 'straw', 'golden' => 'golden',
        'amber' => 'amber']" :value="$d->build->base->crust->value" label="Crust wanted" />.</p>
    <ul class="amounts">
        @foreach ($course->end()->layers as $index => $state)
            @if ($state->matter->value === 'rice')<li>Layer {{ $index + 1 }}, rice: <strong>{{ round(100 * $state->doneness) }} %</strong>
                done, {{ $say->label($state->texture()) }}, {{ number_format($state->uptake, 2) }} times its raw weight</li>
            @elseif ($state->matter->value === 'filling')<li>Layer {{ $index + 1 }}, {{ $state->label }}: core <strong>{{
                $say->degrees($state->coreC) }}</strong>{{ $course->pot->layers[$index]->pieces->tenderS > 0 ?
                ', '.number_format($state->tenderness, 1).' times tender' : '' }}</li>@endif
        @endforeach
        <li>{{ $steam($course->end()->leakG) }} of steam get out, {{ $steam($course->end()->clothG) }} go into the cloth</li>
    </ul>
    @foreach (array_slice($plan->potted->loads, 1) as $other)
        @if ($other->heating !== null)
            <h3>The {{ $other->place->pot->name }}, on its own</h3>
            <x-drawing.heat :kitchen="$home" :ring="$other->place->ring->id" :heat="$other->heat()" :course="$other->heating->course()" />
            <p>{{ collect($other->heating->line())->map(fn ($stretch, $at) => $say->stretch($stretch, $other->heating->course()->heat[$at],
                $home, $other->place->ring->id))->implode(', ') }}: crust {{ $say($other->heating->colours()->words()) }}.</p>
        @endif
    @endforeach
    <p class="small">{{ $say->first($plan->stove()->stoveWords()) }}. Computed temperatures are never proof of safety: only a thermometer
        shows a safe core.</p>
    <p class="asks">
        <button type="button" class="mend" data-asks="plans">Other heats</button>
        <button type="button" class="mend" data-asks="sure">How sure is this</button>
        <button type="button" class="mend" data-asks="whatif">What if</button>
    </p>
    <div class="answer" data-answer aria-live="polite"></div>
@endif
