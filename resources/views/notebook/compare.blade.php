<x-layouts.place :title="$t('pages/notebook.two-cooks')" place="notebook">
    <div class="page compare">
        <h1>{{ $t('pages/notebook.two-cooks-side-by-side') }}</h1>
        <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.two-cooks-side-by-side') }}">
        <table class="versus">
            <thead><tr><td></td>@foreach ($cooks as $cook)<th scope="col"><a href="{{ route('cook.record', $cook) }}">{{
                $say->dated($cook->started_at->setTimezone($zone), 'date-year') }}</a></th>@endforeach</tr></thead>
            <tbody>
                @foreach ($rows as [$what, $one, $other])
                    <tr @class(['differs' => $one !== $other])><th scope="row">{{ $t('pages/notebook.compared', what: $what)
                        }}</th><td>@if ($what === 'crust' &&
                        isset($cooks[0]->summary['crust']))<span class="swatch crust-{{ $cooks[0]->summary['crust'] }}"></span> @endif{{
                        $one }}</td><td>@if ($what === 'crust' && isset($cooks[1]->summary['crust']))<span class="swatch crust-{{
                        $cooks[1]->summary['crust'] }}"></span> @endif{{ $other }}@if ($one !== $other)<span class="visually-hidden">{{
                            $t('pages/notebook.differs') }}</span>@endif</td></tr>
                @endforeach
            </tbody>
        </table>
        </div>
        <h2>{{ $t('pages/notebook.what-was-decided-otherwise') }}</h2>
        @if ($differences === [])<p>{{ $t('pages/notebook.nothing-the-dish-was-the-same') }}</p>@else<ul
            class="differences">@foreach ($differences as $one)<li>{{
            $one }}</li>@endforeach</ul>@endif
        <h2>{{ $t('pages/notebook.under-the-lid-as-it-must') }}</h2>
        <div x-data="later" data-url="{{ route('notebook.versus', ['cook' => [$cooks[0]->id, $cooks[1]->id]]) }}" aria-busy="true"
            aria-live="polite"><p><a href="{{ route('notebook.versus', ['cook' => [$cooks[0]->id, $cooks[1]->id]]) }}">{{
                $t('pages/notebook.follow-both-again') }}</a></p></div>
        <p><a href="{{ route('notebook') }}">{{ $t('pages/notebook.to-the-notebook') }}</a></p>
    </div>
</x-layouts.place>
