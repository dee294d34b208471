<x-layouts.place title="Notebook" place="notebook">
    <div class="page">
        <h1>Cooks made</h1>
        <ul class="notebook">
            @forelse ($cooks as [$cook, $card])
                @php $noted = $cook->summary ?? []; @endphp
                <li>
                    {!! $card !!}
                        @if (isset($noted['rice']))
                            <p class="came-out">
                                <span class="swatch crust-{{ $noted['crust'] }}"></span>
                                rice <strong>{{ $say->label(Orbek\Core\Cook\RiceOutcome::from($noted['rice'])) }}</strong>,
                                crust <strong>{{ $noted['crust'] }}</strong>,
                                filling <strong>{{ $say->label(Orbek\Core\Cook\FillingOutcome::from($noted['filling'])) }}</strong>
                            </p>
                            <p class="small"><a href="{{ route('cook.record', $cook) }}">How it went, and why</a></p>
                            @if (($noted['line'] ?? '') !== '')<p class="line">{{ $noted['line'] }}</p>@endif
                        @elseif ($cook->served_at !== null)
                            <p><a href="{{ route('cook', $cook) }}">Note how it came out</a></p>
                        @elseif ($cook->given_up_at !== null)
                            <form method="post" action="{{ route('cook.give-up', $cook) }}"><p>Given up. @csrf<button class="small-button" name="up" value="1" aria-label="Take {{ $cook->name }} up again">Take it up again</button></p></form>
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
        <x-pages :$pages older="Earlier cooks" newer="Later cooks" />
    </div>
</x-layouts.place>
