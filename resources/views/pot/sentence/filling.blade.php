<x-sentence says="pages/pot.sentence-filling" :given="['isMany' => count($d->fillings->all) > 1, 'filling' => $f->name]">
    <x-slot:things>@foreach ($parts[$station->value] ?? [] as $ingredient){{ $loop->first ? '' : ($loop->last ?
        $t('pages/pot.and-between') : $comma) }}{{ $loop->first ? $say->first($ingredient->name) : $ingredient->name }} <x-figure
        :figure="$ingredient->amount" />@endforeach</x-slot>
    <x-slot:ready><x-word.number :path="$at.'/ready'" type="percent" :value="round(100 * $f->ready)"
        :label="$t('pages/pot.filling-cooked-to-per-cent')" min="0" max="100" step="5" /></x-slot>
    <x-slot:wetness><x-word.choice :path="$at.'/wetness'" :options="$say->options(Orbek\Core\Filling\Wetness::cases())"
        :value="$f->wetness->value" :label="$t('pages/pot.filling-how-wet')" /></x-slot>
    <x-slot:salt><x-word.salt :path="$at.'/salt_g_per_kg'" :grams="$f->saltGPerKg" :label="$t('pages/pot.salt-in-the-filling')" most="40"
        :salt="$plan->kitchen->pantry->salt" :each="$t('pages/pot.a-kg')" /></x-slot>
</x-sentence>
