@php
    $high = App\Drawings\TrendsDrawing::HIGH;
    $left = App\Drawings\TrendsDrawing::LEFT;
    $lifts = $trends->lifts(); $crusts = $trends->crusts(); $late = $trends->late(); $wide = $trends->wide();
    $axis = fn ($y) => 'M'.$left.','.$y.'H'.($trends->width - 8);
@endphp
<x-layouts.place title="Over time" place="notebook">
    <div class="page trends">
        <h1>Over time</h1>
        <p class="under">The last {{ $trends->count() }} noted cooks, oldest first. <a href="{{ route('notebook') }}">To the
            Notebook</a></p>
        @if ($trends->count() === 0)<p>No cook has been noted yet.</p>@else
        @php $days = function () use ($trends, $high) { foreach ($trends->labelled() as $index) { echo
            '<text class="small" x="'.$trends->x($index).'" y="'.($high + 16).'" text-anchor="middle">'.e($trends->dated($index)).'</text>';
            } }; @endphp
        <h2>Lift foretold and done</h2>
        <p>{{ collect($lifts)->where('in', true)->count() }} of {{ count($lifts) }} lifted within the window that was foretold before any
            grain was tested.</p>
        <div class="scrolls" tabindex="0" role="group" aria-label="Lift foretold and done">
        <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} {{ $high + 22 }}" width="{{ $trends->width }}" height="{{ $high + 22
            }}" role="img"><title>Minutes in the water: the window foretold as a bar, when it was lifted as a dot; the same as a table
            below.</title>
            <path class="axis" d="{{ $axis($high) }}"/><text class="small" x="0" y="{{ $high }}">0 min</text>
            @foreach ($lifts as $one)
                <path class="window" d="M{{ $one['x'] }},{{ $one['from'] }}V{{ $one['by'] }}"/><path class="foretold" d="M{{ $one['x'] - 6
                    }},{{ $one['foretold'] }}h12"/>
                @if ($one['in'])<circle class="in" cx="{{ $one['x'] }}" cy="{{ $one['lifted'] }}" r="4.5"/>@else<path class="out" d="M{{
                    $one['x'] }},{{ $one['lifted'] - 6 }}l6,6l-6,6l-6,-6z"/>@endif
                @if ($loop->first)<text class="small" x="0" y="{{ $one['foretold'] + 4 }}">{{ $one['told'][0] }}</text>@endif
            @endforeach
            @php $days() @endphp
        </svg></div>
        <details><summary>The same as a table</summary><table class="parts"><thead><tr><th scope="col">cook</th><th
            scope="col">foretold</th><th scope="col">window</th><th scope="col">lifted</th></tr></thead><tbody>
            @foreach ($lifts as $one)<tr><th scope="row">{{ $trends->dated($one['index']) }}</th>@foreach ($one['told'] as $told)<td>{{
                $told }}</td>@endforeach</tr>@endforeach</tbody></table></details>

        <h2>Crusts, in their own colours</h2>
        <div class="scrolls" tabindex="0" role="group" aria-label="Crusts">
        <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} 74" width="{{ $trends->width }}" height="74" role="img"><title>A strip
            of crusts, oldest first; measured ones have a dot; the same as a table below.</title>
            @foreach ($crusts as $index => $one)<rect class="crust" x="{{ $one['x'] - $wide / 2 }}" y="4" width="{{ $wide }}" height="44"
                fill="{{ $one['fill'] }}"/>@if ($one['measured'])<circle class="in" cx="{{ $one['x'] }}" cy="54" r="3"/>@endif @endforeach
            @foreach ($trends->labelled() as $index)<text class="small" x="{{ $trends->x($index) }}" y="70" text-anchor="middle">{{
                $trends->dated($index) }}</text>@endforeach
        </svg></div>
        <details><summary>The same as a table</summary><table class="parts"><thead><tr><th scope="col">cook</th><th
            scope="col">crust</th><th scope="col">known by</th></tr></thead><tbody>
            @foreach ($crusts as $index => $one)<tr><th scope="row">{{ $trends->dated($index) }}</th><td>{{ $one['colour'] }}</td><td>{{
                $one['measured'] ? 'a photograph' : 'the eye' }}</td></tr>@endforeach</tbody></table></details>

        <h2>Minutes late</h2>
        <div class="scrolls" tabindex="0" role="group" aria-label="Minutes late">
        <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} {{ $high + 22 }}" width="{{ $trends->width }}" height="{{ $high + 22
            }}" role="img"><title>Minutes late upwards, early downwards; the same as a table below.</title>
            <path class="axis" d="{{ $axis($high / 2) }}"/><text class="small" x="0" y="{{ $high / 2 + 4 }}">on time</text><text
                class="small" x="0" y="22">late</text><text class="small" x="0" y="{{ $high - 8 }}">early</text>
            @foreach ($late as $one)<rect class="{{ $one['isLate'] ? 'is-late' : 'is-timely' }}" x="{{ $one['x'] - $wide / 2 }}"
                y="{{ $one['y'] }}" width="{{ $wide }}" height="{{ $one['height'] }}"/>@endforeach
            @php $days() @endphp
        </svg></div>
        <details><summary>The same as a table</summary><table class="parts"><thead><tr><th scope="col">cook</th><th scope="col">minutes
            late</th></tr></thead><tbody>
            @foreach ($late as $index => $one)<tr><th scope="row">{{ $trends->dated($index) }}</th><td>{{ $one['minutes']
                }}</td></tr>@endforeach</tbody></table></details>

        @foreach ($trends->factors() as $thing)
            <h2>{{ $thing['name'] }}</h2>
            <p class="small">{{ $thing['stove'] ? 'Heat over what its kind would give' : 'Minutes over what its kind would take' }}:
                likely as a line, four of five in the band.</p>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ $thing['name'] }}">
            <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} {{ $high + 22 }}" width="{{ $trends->width }}" height="{{ $high +
                22 }}" role="img"><title>{{ $thing['name'] }} after each cook; the same as a table below.</title>
                @php $points = collect($thing['points']); $path = fn ($key, $all) => $all->map(fn ($point) =>
                    $point['x'].','.$point[$key])->implode('L'); @endphp
                <path class="band" d="M{{ $path('low', $points) }}L{{ $path('high', $points->reverse()) }}Z"/>
                <path class="axis" d="{{ $axis($high / 2) }}"/><text class="small" x="0" y="{{ $high / 2 + 4 }}">its kind</text><text
                    class="small" x="0" y="18">{{ $thing['stove'] ? 'more' : 'slower' }}</text><text class="small" x="0" y="{{ $high - 6
                    }}">{{ $thing['stove'] ? 'less' : 'faster' }}</text>
                <path class="likely" d="M{{ $path('likely', $points) }}"/>
                @foreach ($points as $point)<circle class="in" cx="{{ $point['x'] }}" cy="{{ $point['likely'] }}" r="3"/>@endforeach
                @php $days() @endphp
            </svg></div>
            <details><summary>The same as a table</summary><table class="parts"><thead><tr><th scope="col">after the cook of</th><th
                scope="col">likely (four of five)</th></tr></thead><tbody>
                @foreach ($thing['table'] as [$day, $told])<tr><th scope="row">{{ $day }}</th><td>{{ $told
                    }}</td></tr>@endforeach</tbody></table></details>
        @endforeach
        @endif
    </div>
</x-layouts.place>
