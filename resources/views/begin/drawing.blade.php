@if ($wrong !== null)<p class="clash" role="alert">{{ $say->first($say->refusal($wrong)) }}</p>@endif
@if ($home !== null)
    <h2>{{ $home->name }}</h2>
    <x-drawing.kitchen :$home />
    <p class="small">{{ round($home->site->altitudeM) }} m above the sea, water boils at {{ $say->degrees($home->boilC(), 1) }}.
        @foreach ($home->equipment->plates as $plate){{ Str::ucfirst($plate->name) }} of {{ round($plate->kg, 1) }} kg. @endforeach
        @if ($home->equipment->oven !== null){{ Str::ucfirst($home->equipment->oven->name) }} from {{
            $say->degrees($home->equipment->oven->leastC) }} to {{
            $say->degrees($home->equipment->oven->mostC) }}. @endif
        Rice: {{ collect($home->pantry->bags)->map(fn ($bag) => $say->label($bag->kind))->implode(', ') }}.</p>
@endif
