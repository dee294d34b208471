<x-sentence says="pages/pot.sentence-layers" :given="['isSliced' => $d->build->base->sliceMm > 0, 'hasFat' => $fat !== null,
    'takesRice' => $d->build->base->kind->takesRice, 'isFolded' => $d->build->folded]">
    <x-slot:base><x-word.choice path="base:kind" :options="collect($d->craft->bases->all)->map(fn ($kind) => $kind->name)"
        :value="$d->build->base->kind->id" :label="$t('pages/pot.base-of-the-pot')" /></x-slot>
    <x-slot:thick>@if ($d->build->base->sliceMm > 0)<x-word.number path="base/slice_mm" :label="$t('pages/pot.slices-mm-thick')"
        :value="round($d->build->base->sliceMm, 1)" min="2" max="15" step="0.5" />@endif</x-slot>
    <x-slot:fat>@if ($fat !== null)<x-figure :figure="$fat->amount" />@endif</x-slot>
    <x-slot:share>@if ($d->build->base->kind->takesRice)<x-word.number path="base:rice_share"
        :value="round(100 * $d->build->base->riceShare)" :label="$t('pages/pot.rice-in-the-base-per-cent')" min="5" max="60"
        />@endif</x-slot>
    <x-slot:layers>@unless ($d->build->folded)@foreach ($d->build->layers as $index => $layer)<x-sentence says="pages/pot.layer-that"
        :given="['layer' => $layer->matter->value === 'rice' || count($d->fillings->inPot()->all) < 2 ? $say->label($layer->matter)
        : $d->fillings->get($layer->of)->name, 'isApart' => $layer->stage !== null && $d->isLiftedApart()]">
        <x-slot:stage>@if ($layer->stage !== null && $d->isLiftedApart())<x-word.choice :path="'layers/'.$index.'/stage'"
            :options="$say->options(Orbek\Core\Rice\Stage::cases(), 'words')" :value="$layer->stage->value"
            :label="$t('pages/pot.stage-of-the-rice-in-layer', index: $index + 1)" />@endif</x-slot>
    </x-sentence>{{ $loop->last ? '' : $comma }}@endforeach @endunless</x-slot>
    <x-slot:shape><x-word.choice path="mound" type="flag" :options="['1' => $t('pages/pot.a-mound'), '0' => $t('pages/pot.a-level-fill')]"
        :value="$d->build->mound ? '1' : '0'" :label="$t('pages/pot.shape')" /></x-slot>
    <x-slot:holes><x-word.number path="steam_holes" :value="$d->build->steamHoles" :label="$t('pages/pot.steam-holes-2')" min="0" max="9"
        /></x-slot>
</x-sentence>
