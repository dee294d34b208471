@php
    $high = App\Drawings\TrendsDrawing::HIGH;
    $left = App\Drawings\TrendsDrawing::LEFT;
    $lifts = $trends->lifts(); $crusts = $trends->crusts(); $late = $trends->late(); $wide = $trends->wide();
    $axis = fn ($y) => 'M'.$left.','.$y.'H'.($trends->width - 8);
@endphp
<x-layouts.place :title="$t('pages/notebook.over-time')" place="notebook">
    <div class="page trends">
        <h1>{{ $t('pages/notebook.over-time') }}</h1>
        <p class="under">{{ $t('pages/notebook.the-last-noted-cooks-oldest-first', trends: $trends->count()) }} <a href="{{
            route('notebook') }}">{{ $t('pages/notebook.to-the-notebook') }}</a></p>
        @if ($trends->count() === 0)<p>{{ $t('pages/notebook.no-cook-has-been-noted-yet') }}</p>@else
        @php $days = function () use ($trends, $high) { foreach ($trends->labelled() as $index) { echo
            '<text class="small" x="'.$trends->x($index).'" y="'.($high + 16).'" text-anchor="middle">'.e($trends->dated($index)).'</text>';
            } }; @endphp
        <h2>{{ $t('pages/notebook.lift-foretold-and-done') }}</h2>
        <p>{{ $t('pages/notebook.of-lifted-within-the-window', lifts: collect($lifts)->where('in', true)->count(), all: count($lifts))
            }}</p>
        <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.lift-foretold-and-done') }}">
        <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} {{ $high + 22 }}" width="{{ $trends->width }}" height="{{ $high + 22
            }}" role="img"><title>{{ $t('pages/notebook.minutes-in-the-water-the-window') }}</title>
            <path class="axis" d="{{ $axis($high) }}"/><text class="small" x="0" y="{{ $high }}">{{ $t('pages/notebook.0-min') }}</text>
            @foreach ($lifts as $one)
                <path class="window" d="M{{ $one['x'] }},{{ $one['from'] }}V{{ $one['by'] }}"/><path class="foretold" d="M{{ $one['x'] - 6
                    }},{{ $one['foretold'] }}h12"/>
                @if ($one['in'])<circle class="in" cx="{{ $one['x'] }}" cy="{{ $one['lifted'] }}" r="4.5"/>@else<path class="out" d="M{{
                    $one['x'] }},{{ $one['lifted'] - 6 }}l6,6l-6,6l-6,-6z"/>@endif
                @if ($loop->first)<text class="small" x="0" y="{{ $one['foretold'] + 4 }}">{{ $one['told'][0] }}</text>@endif
            @endforeach
            @php $days() @endphp
        </svg></div>
        <details><summary>{{ $t('pages/notebook.the-same-as-a-table') }}</summary><table class="parts"><thead><tr><th scope="col">{{
            $t('pages/notebook.cook') }}</th><th
            scope="col">{{ $t('pages/notebook.foretold') }}</th><th scope="col">{{ $t('pages/notebook.window') }}</th><th scope="col">{{
                $t('pages/notebook.lifted') }}</th></tr></thead><tbody>
            @foreach ($lifts as $one)<tr><th scope="row">{{ $trends->dated($one['index']) }}</th>@foreach ($one['told'] as $told)<td>{{
                $told }}</td>@endforeach</tr>@endforeach</tbody></table></details>

        <h2>{{ $t('pages/notebook.crusts-in-their-own-colours') }}</h2>
        <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.crusts') }}">
        <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} 74" width="{{ $trends->width }}" height="74" role="img"><title>{{
            $t('pages/notebook.a-strip-of-crusts-oldest-first') }}</title>
            @foreach ($crusts as $index => $one)<rect class="crust" x="{{ $one['x'] - $wide / 2 }}" y="4" width="{{ $wide }}" height="44"
                fill="{{ $one['fill'] }}"/>@if ($one['measured'])<circle class="in" cx="{{ $one['x'] }}" cy="54" r="3"/>@endif @endforeach
            @foreach ($trends->labelled() as $index)<text class="small" x="{{ $trends->x($index) }}" y="70" text-anchor="middle">{{
                $trends->dated($index) }}</text>@endforeach
        </svg></div>
        <details><summary>{{ $t('pages/notebook.the-same-as-a-table') }}</summary><table class="parts"><thead><tr><th scope="col">{{
            $t('pages/notebook.cook') }}</th><th
            scope="col">{{ $t('pages/notebook.crust-2') }}</th><th scope="col">{{ $t('pages/notebook.known-by') }}</th></tr></thead><tbody>
            @foreach ($crusts as $index => $one)<tr><th scope="row">{{ $trends->dated($index) }}</th><td>{{ $one['colour'] }}</td><td>{{
                $t('pages/notebook.told-by', isMeasured: (bool) $one['measured']) }}</td></tr>@endforeach</tbody></table></details>

        <h2>{{ $t('pages/notebook.minutes-late') }}</h2>
        <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.minutes-late') }}">
        <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} {{ $high + 22 }}" width="{{ $trends->width }}" height="{{ $high + 22
            }}" role="img"><title>{{ $t('pages/notebook.minutes-late-upwards-early-downwards') }}</title>
            <path class="axis" d="{{ $axis($high / 2) }}"/><text class="small" x="0" y="{{ $high / 2 + 4 }}">{{ $t('pages/notebook.on-time')
                }}</text><text
                class="small" x="0" y="22">{{ $t('pages/notebook.late') }}</text><text class="small" x="0" y="{{ $high - 8 }}">{{
                    $t('pages/notebook.early') }}</text>
            @foreach ($late as $one)<rect class="{{ $one['isLate'] ? 'is-late' : 'is-timely' }}" x="{{ $one['x'] - $wide / 2 }}"
                y="{{ $one['y'] }}" width="{{ $wide }}" height="{{ $one['height'] }}"/>@endforeach
            @php $days() @endphp
        </svg></div>
        <details><summary>{{ $t('pages/notebook.the-same-as-a-table') }}</summary><table class="parts"><thead><tr><th scope="col">{{
            $t('pages/notebook.cook') }}</th><th scope="col">{{ $t('pages/notebook.minutes-late-2') }}</th></tr></thead><tbody>
            @foreach ($late as $index => $one)<tr><th scope="row">{{ $trends->dated($index) }}</th><td>{{ $say->digits($one['minutes'])
                }}</td></tr>@endforeach</tbody></table></details>

        @foreach ($trends->factors() as $thing)
            <h2>{{ $thing['name'] }}</h2>
            <p class="small">{{ $t('pages/notebook.likely-as-a-line', isStove: (bool) $thing['stove']) }}</p>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ $thing['name'] }}">
            <svg class="drawing trend" viewBox="0 0 {{ $trends->width }} {{ $high + 22 }}" width="{{ $trends->width }}" height="{{ $high +
                22 }}" role="img"><title>{{ $t('pages/notebook.after-each-cook-the-same', name: $thing['name']) }}</title>
                @php $points = collect($thing['points']); $path = fn ($key, $all) => $all->map(fn ($point) =>
                    $point['x'].','.$point[$key])->implode('L'); @endphp
                <path class="band" d="M{{ $path('low', $points) }}L{{ $path('high', $points->reverse()) }}Z"/>
                <path class="axis" d="{{ $axis($high / 2) }}"/><text class="small" x="0" y="{{ $high / 2 + 4 }}">{{
                    $t('pages/notebook.its-kind') }}</text><text
                    class="small" x="0" y="18">{{ $t('pages/notebook.more-or-slower', isStove: (bool) $thing['stove']) }}</text><text
                        class="small" x="0" y="{{ $high - 6
                    }}">{{ $t('pages/notebook.less-or-faster', isStove: (bool) $thing['stove']) }}</text>
                <path class="likely" d="M{{ $path('likely', $points) }}"/>
                @foreach ($points as $point)<circle class="in" cx="{{ $point['x'] }}" cy="{{ $point['likely'] }}" r="3"/>@endforeach
                @php $days() @endphp
            </svg></div>
            <details><summary>{{ $t('pages/notebook.the-same-as-a-table') }}</summary><table class="parts"><thead><tr><th scope="col">{{
                $t('pages/notebook.after-the-cook') }}</th><th
                scope="col">{{ $t('pages/notebook.likely-four-of-five') }}</th></tr></thead><tbody>
                @foreach ($thing['table'] as [$day, $told])<tr><th scope="row">{{ $day }}</th><td>{{ $told
                    }}</td></tr>@endforeach</tbody></table></details>
        @endforeach
        @endif
    </div>
</x-layouts.place>
