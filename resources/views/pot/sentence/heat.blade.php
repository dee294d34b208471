<x-sentence says="pages/pot.sentence-heat" :given="['where' => $inOven ? 'oven' : ($load->place->pot->cooker !== null ? 'cooker' : 'ring'),
    'oven' => $plan->kitchen->equipment->oven->name ?? $t('pages/pot.an-oven'), 'isTold' => $d->lid->ovenC !== null,
    'pot' => $plan->pot()->name, 'sign' => $say->reading()->degrees->sign(), 'line' => $say->list(array_map(
    fn ($stretch, $at) => $say($plan->kitchen->saysStretch($stretch, $load->heat()[$at], $load->place->ring->id)), $load->line(),
    array_keys($load->line())))]">
    <x-slot:degrees>@if ($inOven && $d->lid->ovenC !== null)<x-word.number path="lid/oven_c"
        :value="round($say->reading()->degrees($d->lid->ovenC))"
        :label="$t('pages/pot.oven', reading: $say->reading()->degrees->sign())" :min="round($say->reading()->degrees(50))"
        :max="round($say->reading()->degrees(250))" step="5" />@endif</x-slot>
    <x-slot:ring>@unless ($inOven || $load->place->pot->cooker !== null)<x-word.choice path="lid/burner" :options="$rings"
        :value="$d->lid->ring" :label="$t('pages/pot.ring-to-steam')" />@endunless</x-slot>
</x-sentence>
