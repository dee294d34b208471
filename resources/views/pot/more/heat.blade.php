@if ($home->equipment->oven !== null && $load->place->pot->cooker === null)
    <p>@if ($d->lid->ovenC !== null){{ $t('pages/pot-more.in-the-oven-from-the-start') }} <button type="button" class="small-button"
        data-mend
        data-path="lid/oven_c" data-value="null">{{ $t('pages/pot-more.on-the-ring-instead') }}</button>@elseif (!
        Orbek\Core\Lid\HeatLine::usesOven($load->line()))<button type="button" class="small-button" data-mend data-path="lid/oven_c"
        data-value="{{ round($home->equipment->oven->usualC()) }}">{{ $t('pages/pot-more.in-the-oven-from-the-start-2')
            }}</button>@endif</p>
@endif
@if ($course === null)
    <p>{{ $t('pages/pot-more.the-food-does-not-go-into') }}</p>
@elseif ($load->place->pot->cooker !== null)
    <p class="origin">{{ $t('pages/pot-more.the-cooker-turns-itself-down-when', minute: round($course->end()->minute)) }}</p>
@else
    @if ($asTold !== null)@include('pot.more.as-told', ['told' => $asTold])@endif
    @if ($restTold !== null)@include('pot.more.as-told', ['told' => $restTold])@endif
    <p class="origin">{{ match ($heating->origin) {
        Orbek\Core\Heat\Origin::Found => $t('pages/pot-more.found-for-this-pot'),
        Orbek\Core\Heat\Origin::Own => $t('pages/pot-more.your-own-line-kept-as-you'),
    } }} @if ($heating->origin === Orbek\Core\Heat\Origin::Own)<button type="button" class="small-button" data-mend data-path="heat:stock"
        data-value="null">{{ $t('pages/pot-more.take-the-heat-found') }}</button>@endif</p>
    <table class="parts heat-words">
        <thead><tr><th scope="col">{{ $t('pages/pot-more.stretch') }}</th><th scope="col">{{ $t('pages/pot-more.how-long') }}</th><th
            scope="col">{{ $t('pages/pot-more.heat') }}</th><th scope="col">{{ $t('pages/pot-more.plate') }}</th><th
            scope="col"><span class="visually-hidden">{{ $t('pages/pot-more.change') }}</span></th></tr></thead>
        <tbody>
            @foreach ($heating->line() as $index => $stretch)
                <tr>
                    <th scope="row">{{ $say->digits($index + 1) }}</th>
                    <td>
                        <x-sentence says="pages/pot-more.stretch-lasts" :given="['isRest' => $stretch->isRest(), 'hasTill' => $stretch->till
                            !== null, 'isInOven' => $stretch->flame->ovenC !== null, 'comesTo' => (int)
                            round($course->heat[$index]->minutes), 'hasCue' => $heating->window($index) !== null, 'from' => (int)
                            round($heating->window($index)[0] ?? 0), 'to' => (int) round($heating->window($index)[1] ?? 0)]">
                            <x-slot:minutes>@if ($stretch->till === null)<x-word.number :path="'heat:minutes:'.$index"
                                :value="round($stretch->minutes, 1)" :label="$t('pages/pot-more.stretch-minutes', index: $index + 1)"
                                min="0.5" max="240" step="0.5" />@else<x-word.number :path="'heat:after:'.$index"
                                :value="round($stretch->afterMin, 1)" :label="$t('pages/pot-more.stretch-minutes-past-the-cue', index:
                                $index + 1)" min="0" max="240" step="0.5" />@endif</x-slot>
                            <x-slot:till>@if (! $stretch->isRest() && $stretch->flame->ovenC === null)<x-word.choice
                                :path="'heat:until:'.$index" type="optional" :options="$cues" :value="$stretch->till->id ?? 'none'"
                                :label="$t('pages/pot-more.stretch-till', index: $index + 1)" />@endif</x-slot>
                        </x-sentence>
                    </td>
                    <td>@if ($stretch->flame->ovenC !== null){{ $t('pages/pot-more.in-the-oven', ovenC:
                        $say->degrees($stretch->flame->ovenC)) }} @elseif (! $stretch->isRest())<x-sentence
                        says="pages/pot-more.mark-on-ring"><x-slot:mark><x-word.choice
                        :path="'heat:setting:'.$index" type="number" :options="$marks($stretch->flame)"
                        :value="(string) round(100 * $stretch->flame->setting)" :label="$t('pages/pot-more.stretch-knob', index: $index +
                        1)" /></x-slot><x-slot:ring><x-word.choice :path="'heat:ring:'.$index" :options="$rings"
                        :value="$stretch->flame->ring" :label="$t('pages/pot-more.stretch-ring', index: $index + 1)"
                        /></x-slot></x-sentence>@endif</td>
                    <td>@if ($stretch->flame->ovenC === null && ! $stretch->isRest())<x-word.choice :path="'heat:plate:'.$index"
                        type="optional"
                        :options="$plates" :value="($stretch->flame->plate->id ?? 'none').($stretch->flame->isPlateHot ? ':hot' : '')"
                        :label="$t('pages/pot-more.stretch-plate', index: $index + 1)"
                            />@endif</td>
                    <td><button type="button" class="small-button" data-mend data-path="heat:part:{{ $index }}" data-value="null"
                        aria-label="{{ $t('pages/pot-more.part-stretch', index: $index + 1) }}">{{ $t('pages/pot-more.part-2') }}</button>
                            <button type="button" class="small-button" data-mend
                        data-path="heat:remove:{{ $index }}" data-value="null" aria-label="{{ $t('pages/pot-more.remove-stretch', index:
                            $index + 1) }}">{{ $t('pages/pot-more.remove') }}</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p><x-sentence says="pages/pot-more.wants-crust"><x-slot:crust><x-word.choice path="base/crust" :options="['pale' =>
        $t('pages/pot-more.none-a-clean-base'), 'straw' => $t('pages/pot-more.straw'), 'golden' => $t('pages/pot-more.golden'),
        'amber' => $t('pages/pot-more.amber')]" :value="$d->build->base->crust->value" :label="$t('pages/pot-more.crust-wanted-2')"
        /></x-slot></x-sentence></p>
    <ul class="amounts">
        @foreach ($course->end()->layers as $index => $state)
            @if ($state->matter->value === 'rice')<li>{{ $th('pages/pot-more.layer-rice-done-times-its-raw', index:
                $course->layerNumber($index), doneness: round(100 * $state->doneness), texture: $say->label($state->texture()),
                uptake: number_format($state->uptake, 2)) }}</li>
            @elseif ($state->matter->value === 'filling')<li>{{ $th('pages/pot-more.layer-core', number:
                $course->layerNumber($index), layer: $state->label, core: $say->degrees($state->coreC), isTender:
                $course->pot->layers[$index]->pieces->tenderS > 0, times: number_format($state->tenderness, 1)) }}</li>@endif
        @endforeach
        <li>{{ $t('pages/pot-more.of-steam-get-out-go-into', steam: $steam($course->end()->leakG), cloth: $steam($course->end()->clothG))
            }}</li>
    </ul>
    @foreach (array_slice($plan->potted->loads, 1) as $other)
        @if ($other->heating !== null)
            <h3>{{ $t('pages/pot-more.the-on-its-own', pot: $other->place->pot->name) }}</h3>
            <x-drawing.heat :kitchen="$home" :ring="$other->place->ring->id" :heat="$other->heat()" :course="$other->heating->course()" />
            <p>{{ $t('pages/pot-more.crust', line: collect($other->heating->line())->map(fn ($stretch, $at) =>
                $say($home->saysStretch($stretch,
                $other->heating->course()->heat[$at], $other->place->ring->id)))->implode($comma), colours:
                $say($other->heating->colours()->words())) }}</p>
        @endif
    @endforeach
    <p class="small">{{ $t('pages/pot-more.computed-temperatures-are-never-proof', stoveWords: $say->first($plan->stove()->stoveWords()))
        }}</p>
    <p class="asks">
        <button type="button" class="mend" data-asks="plans">{{ $t('pages/pot-more.other-heats') }}</button>
        <button type="button" class="mend" data-asks="sure">{{ $t('pages/pot-more.how-sure') }}</button>
        <button type="button" class="mend" data-asks="whatif">{{ $t('pages/pot-more.what-if') }}</button>
    </p>
    <div class="answer" data-answer aria-live="polite"></div>
@endif
