@if ($wrong !== null)<p class="clash" role="alert">{{ $say->first($say->refusal($wrong)) }}</p>@endif
@if ($home !== null)
    <h2>{{ $home->name }}</h2>
    <x-drawing.kitchen :$home />
    <p class="small">{{ round($home->altitudeM) }} m above the sea, water boils at {{ $say->degrees($home->boilC(), 1) }}.
        @foreach ($home->plates as $plate){{ Str::ucfirst($plate->name) }} of {{ round($plate->kg, 1) }} kg. @endforeach
        @if ($home->oven !== null){{ Str::ucfirst($home->oven->name) }} from {{ $say->degrees($home->oven->leastC) }} to {{
            $say->degrees($home->oven->mostC) }}. @endif
        Rice: {{ collect($home->lots)->map(fn ($lot) => $say->label($lot->kind))->implode(', ') }}.</p>
@endif
