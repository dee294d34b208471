<x-layouts.place title="Notebook" place="notebook">
    <div class="page">
        <h1>Cooks made</h1>
        <ul class="notebook">
            @forelse ($cooks as [$cook, $plan])
                @php $noted = $cook->summary ?? []; @endphp
                <li>
                    <x-drawing.pot :$plan :scale="5.6" :labels="false" />
                    <div class="entry">
                        <h2><a href="{{ route('cook', $cook) }}">{{ $cook->name }}</a></h2>
                        <p class="under">{{ $cook->started_at->setTimezone($plan->kitchen->timezone)->format('l j F Y') }}, for {{ $plan->dish->table->eaters }}, {{ $plan->rice->text() }} of rice</p>
                        @if (isset($noted['rice']))
                            <p class="came-out">
                                <span class="swatch crust-{{ $noted['crust'] }}"></span>
                                rice <strong>{{ Orbek\Core\Cook\RiceOutcome::from($noted['rice'])->label() }}</strong>,
                                crust <strong>{{ $noted['crust'] }}</strong>,
                                filling <strong>{{ Orbek\Core\Cook\FillingOutcome::from($noted['filling'])->label() }}</strong>
                            </p>
                            <p class="small"><a href="{{ route('cook.causes', $cook) }}">Why it came out so</a></p>
                            @if (($noted['line'] ?? '') !== '')<p class="line">{{ $noted['line'] }}</p>@endif
                        @elseif ($cook->served_at !== null)
                            <p><a href="{{ route('cook', $cook) }}">Note how it came out</a></p>
                        @else
                            <p><a href="{{ route('cook', $cook) }}">Still on the stove</a></p>
                        @endif
                    </div>
                    <dl class="facts">
                        @if (isset($noted['lifted_s'], $noted['lift_forecast_s']))
                            <div><dt>lifted at</dt><dd>{{ Orbek\Core\Measure\Figure::clock($noted['lifted_s']) }} <span>of {{ Orbek\Core\Measure\Figure::clock($noted['lift_forecast_s']) }} foretold</span></dd></div>
                        @endif
                        @if (isset($noted['late_min']))
                            <div><dt>on the table</dt><dd>{{ $noted['late_min'] === 0 ? 'on time' : abs($noted['late_min']).' min '.($noted['late_min'] > 0 ? 'late' : 'early') }}</dd></div>
                        @endif
                    </dl>
                </li>
            @empty
                <li class="empty"><p>No cook yet. What you cook at the stove is written here.</p></li>
            @endforelse
        </ul>
        @if ($pages->hasPages())
            <nav class="pages" aria-label="Pages">
                @if ($pages->previousPageUrl()) <a href="{{ $pages->previousPageUrl() }}">Later cooks</a> @endif
                @if ($pages->nextPageUrl()) <a href="{{ $pages->nextPageUrl() }}">Earlier cooks</a> @endif
            </nav>
        @endif
    </div>
</x-layouts.place>
