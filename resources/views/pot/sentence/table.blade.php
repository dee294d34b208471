<x-sentence says="pages/pot.sentence-table" :given="['inCups' => $cups !== null, 'isOwn' => $d->table->ownEachG !== null,
    'each' => Orbek\Core\Measure\Quantity::grams($d->table->eachG()), 'feeds' => (int) round($d->table->feeds())]">
    <x-slot:eaters><x-word.number path="usual/eaters" :value="$d->table->eaters" :label="$t('pages/pot.people-eating')" min="1"
        max="60" /></x-slot>
    <x-slot:children><x-word.number path="usual/children" :value="$d->table->children" :label="$t('pages/pot.children-among-them')" min="0"
        :max="$d->table->eaters" /></x-slot>
    <x-slot:plates><x-word.choice path="usual/plates" :options="['light' => $t('pages/pot.light'), 'usual' => $t('pages/pot.usual'),
        'hearty' => $t('pages/pot.hearty')]" :value="$d->table->portion->value" :label="$t('pages/pot.plates-2')" /></x-slot>
    <x-slot:leftovers><x-word.number path="usual/leftovers" :value="$d->table->leftovers" :label="$t('pages/pot.portions-left-for-later')"
        min="0" max="20" /></x-slot>
    <x-slot:sides><x-word.number path="usual/side_dishes" :value="$d->table->sideDishes" :label="$t('pages/pot.filling-side-dishes-2')"
        min="0" max="4" /></x-slot>
    <x-slot:rice>@if ($cups !== null)<x-word.number path="usual/raw_cups" :value="$cups" :label="$t('pages/pot.raw-rice-cups')" min="0.1"
        max="100" step="0.01" />@else<x-word.number path="usual/raw_g" :value="round($plan->potted->raw->inGrams())"
        :label="$t('pages/pot.raw-rice-g')" min="1" max="20000" />@endif</x-slot>
</x-sentence>
