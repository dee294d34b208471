<x-sentence says="pages/pot.sentence-serve" :given="['hasTop' => ($parts[$station->value] ?? []) !== []]">
    <x-slot:serving><x-word.choice path="serve" :options="$say->options($d->servings())" :value="$d->table->serving->value"
        :label="$t('pages/pot.serving')" /></x-slot>
    <x-slot:weight><x-figure :figure="$plan->totals->weight()" /></x-slot>
    <x-slot:top>@foreach ($parts[$station->value] ?? [] as $ingredient){{ $loop->first ? '' : $semicolon }}{{ $ingredient->name }} <x-figure
        :figure="$ingredient->amount" />@endforeach</x-slot>
</x-sentence>
