@php
    $clock = fn ($seconds) => $seconds === null ? 'not noted' : Orbek\Core\Measure\Figure::clock($seconds);
    $rows = collect([
        ['dish', fn ($cook, $dish) => $cook->name], ['people', fn ($cook, $dish) => (string) $dish->table->eaters],
        ['rice used', fn ($cook, $dish) => isset($cook->summary['used']) ? round($cook->summary['used']['g']).' g' : 'not noted'],
        ['bag', fn ($cook, $dish) => $names[$cook->lot] ?? $cook->lot], ['pot', fn ($cook, $dish) => $names[$cook->pot] ?? (string)
            $cook->pot],
        ['ring', fn ($cook, $dish) => $names[$cook->ring] ?? (string) $cook->ring], ['closed with', fn ($cook, $dish) =>
            $say->text($dish->lid->seal->name)],
        ['lift foretold', fn ($cook, $dish) => $clock($cook->summary['lift_forecast_s'] ?? null)], ['lifted', fn ($cook, $dish) =>
            $clock($cook->summary['lifted_s'] ?? null)],
        ['minutes late', fn ($cook, $dish) => (string) ($cook->summary['late_min'] ?? 'not noted')],
        ['rice', fn ($cook, $dish) => isset($cook->summary['rice']) ?
            $say->text($say->label(Orbek\Core\Cook\RiceOutcome::from($cook->summary['rice']))) : 'not noted'],
        ['crust', fn ($cook, $dish) => ($cook->summary['crust'] ?? 'not noted').(isset($cook->summary['browning']) ?
            ', measured '.$cook->summary['browning'] : '')],
        ['filling', fn ($cook, $dish) => isset($cook->summary['filling']) ?
            $say->text($say->label(Orbek\Core\Cook\FillingOutcome::from($cook->summary['filling']))) : 'not noted'],
        ['said of it', fn ($cook, $dish) => $cook->summary['line'] ?? ''],
    ])->map(fn ($row) => [$row[0], $row[1]($cooks[0], $dishes[0]), $row[1]($cooks[1], $dishes[1])]);
@endphp
<x-layouts.place title="Two cooks" place="notebook">
    <div class="page compare">
        <h1>Two cooks side by side</h1>
        <div class="scrolls" tabindex="0" role="group" aria-label="Two cooks side by side">
        <table class="versus">
            <thead><tr><td></td>@foreach ($cooks as $cook)<th scope="col"><a href="{{ route('cook.record', $cook) }}">{{
                $cook->started_at->setTimezone($zone)->format('j F Y') }}</a></th>@endforeach</tr></thead>
            <tbody>
                @foreach ($rows as [$what, $one, $other])
                    <tr @class(['differs' => $one !== $other])><th scope="row">{{ $what }}</th><td>@if ($what === 'crust' &&
                        isset($cooks[0]->summary['crust']))<span class="swatch crust-{{ $cooks[0]->summary['crust'] }}"></span> @endif{{
                        $one }}</td><td>@if ($what === 'crust' && isset($cooks[1]->summary['crust']))<span class="swatch crust-{{
                        $cooks[1]->summary['crust'] }}"></span> @endif{{ $other }}@if ($one !== $other)<span class="visually-hidden">,
                        differs</span>@endif</td></tr>
                @endforeach
            </tbody>
        </table>
        </div>
        <h2>What was decided otherwise</h2>
        @if ($differences === [])<p>Nothing: the dish was the same.</p>@else<ul class="differences">@foreach ($differences as $one)<li>{{
            $one }}</li>@endforeach</ul>@endif
        <h2>Under the lid, as it must have been</h2>
        @php $url = route('notebook.versus', ['cook' => [$cooks[0]->id, $cooks[1]->id]]); @endphp
        <div x-data="later" data-url="{{ $url }}" aria-busy="true" aria-live="polite"><p><a href="{{ $url }}">Follow both
            again</a></p></div>
        <p><a href="{{ route('notebook') }}">To the Notebook</a></p>
    </div>
</x-layouts.place>
