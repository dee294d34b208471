@if ($wrong !== null)<p class="clash" role="alert">{{ $say->first($say->refusal($wrong)) }}</p>@endif
@if ($home !== null)
    <h2>{{ $home->name }}</h2>
    <x-drawing.kitchen :$home />
    <p class="small">{{ $t('pages/begin.m-above-the-sea-water-boils', altitudeM: round($home->site->altitudeM), boilC:
        $say->degrees($home->boilC(), 1)) }} @foreach ($home->equipment->plates as $plate){{ $t('pages/begin.of-kg', plate:
        $say->first($plate->name), kg: round($plate->kg, 1)) }} @endforeach
        @if ($home->equipment->oven !== null){{ $t('pages/begin.from-to', oven: $say->first($home->equipment->oven->name), leastC:
            $say->degrees($home->equipment->oven->leastC), mostC: $say->degrees($home->equipment->oven->mostC)) }} @endif {{
            $t('pages/begin.rice', bags: collect($home->pantry->bags)->map(fn ($bag) => $say->label($bag->kind))->implode($comma)) }}</p>
@endif
