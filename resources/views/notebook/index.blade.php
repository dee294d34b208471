<x-layouts.place title="Notebook" place="notebook">
    <div class="page">
        <h1>Cooks made</h1>
        <form class="find seek" role="search" action="{{ route('notebook') }}">
            <label for="find">Dish</label> <input id="find" name="find" type="search" maxlength="100" value="{{ $asked['find'] }}"
                autocomplete="off">
            <select class="word" name="fault" aria-label="How it came out"><option value="">however it came out</option>
                @foreach (['rice' => Orbek\Core\Cook\RiceOutcome::cases(), 'crust' => Orbek\Core\Lid\CrustColour::cases(), 'filling' =>
                    Orbek\Core\Cook\FillingOutcome::cases()] as $what => $cases)
                    @foreach ($cases as $case)<option value="{{ $what }}:{{ $case->value }}" @selected($asked['fault'] ===
                        "{$what}:{$case->value}")>{{ $what }} {{ $say->label($case) }}</option>@endforeach
                @endforeach
                <option value="late" @selected($asked['fault'] === 'late')>10 min late or more</option></select>
            <select class="word" name="pot" aria-label="Pot"><option value="">any
                pot</option>@foreach ($home->equipment->pots as $pot)<option
                value="{{ $pot->id }}" @selected($asked['pot'] === $pot->id)>{{ $pot->name }}</option>@endforeach</select>
            <select class="word" name="ring" aria-label="Ring"><option value="">any
                ring</option>@foreach ($home->equipment->rings as $ring)<option
                value="{{ $ring->id }}" @selected($asked['ring'] === $ring->id)>{{ $ring->name }}</option>@endforeach</select>
            <select class="word" name="lot" aria-label="Bag"><option value="">any bag</option>@foreach ($home->pantry->bags as $bag)<option
                value="{{ $bag->id }}" @selected($asked['lot'] === $bag->id)>{{ $bag->name }}</option>@endforeach</select>
            <select class="word" name="month" aria-label="Month"><option value="">any month</option>@foreach ($months as $month =>
                $name)<option value="{{ $month }}" @selected($asked['month'] === $month)>{{ $name }}</option>@endforeach</select>
            <button class="quiet">Find</button>
            @if (array_filter($asked) !== [])<a href="{{ route('notebook') }}">All cooks</a>@endif
        </form>
        <form action="{{ route('notebook.compare') }}" id="side-by-side">
        <p class="tools"><button class="quiet">Lay the two ticked side by side</button> <a href="{{ route('notebook.trends') }}">Over
            time</a> <a href="{{ route('notebook.meals') }}">Meals that have been</a></p>
        </form>
        <ul class="notebook">
            @forelse ($cooks as [$cook, $card])
                <li>
                    {!! $card !!}
                        @if (isset($cook->summary['rice']))
                            <p class="came-out">
                                @isset($cook->summary['crust'])<span class="swatch crust-{{ $cook->summary['crust'] }}"></span>@endisset
                                rice <strong>{{ $say->label(Orbek\Core\Cook\RiceOutcome::from($cook->summary['rice'])) }}</strong>,
                                @isset($cook->summary['crust'])crust <strong>{{ $cook->summary['crust'] }}</strong>, @endisset
                                filling <strong>{{ $say->label(Orbek\Core\Cook\FillingOutcome::from($cook->summary['filling'])) }}</strong>
                            </p>
                            <p class="small"><a href="{{ route('cook.record', $cook) }}">How it went, and why</a> <label
                                class="tick-beside"><input type="checkbox" name="cook[]" value="{{ $cook->id }}" form="side-by-side"
                                aria-label="Side by side: {{ $cook->name }}, {{ $cook->started_at->format('j F') }}"> side by
                                side</label></p>
                            @if (($cook->summary['line'] ?? '') !== '')<p class="line">{{ $cook->summary['line'] }}</p>@endif
                        @elseif ($cook->served_at !== null)
                            <p><a href="{{ route('meal-cook', $cook->meal_cook_id) }}">Note how it came out</a></p>
                        @elseif ($cook->given_up_at !== null)
                            <form method="post" action="{{ route('meal-cook.give-up', $cook->meal_cook_id) }}"><p>Given up. @csrf
                                @if ($cook->ofMeal()->given_up_at !== null)<button class="small-button" name="up" value="1"
                                aria-label="Take {{ $cook->name }} up again">Take it up again</button>@endif</p></form>
                        @else
                            <p><a href="{{ route('meal-cook', $cook->meal_cook_id) }}">Still on the stove</a></p>
                        @endif
                    </div>
                    <dl class="facts">
                        @if (isset($cook->summary['lifted_s'], $cook->summary['lift_forecast_s']))
                            <div><dt>lifted at</dt><dd>{{ Orbek\Core\Measure\Figure::clock($cook->summary['lifted_s']) }} <span>of {{
                                Orbek\Core\Measure\Figure::clock($cook->summary['lift_forecast_s']) }} foretold</span></dd></div>
                        @endif
                        @if (isset($cook->summary['late_min']))
                            <div><dt>on the table</dt><dd>{{ $say->lateness($cook->summary['late_min']) }}</dd></div>
                        @endif
                    </dl>
                </li>
            @empty
                <li class="empty"><p>{{ array_filter($asked) === [] ? 'No cook yet. What you cook at the stove is written here.' :
                    'No cook has all that.' }}</p></li>
            @endforelse
        </ul>
        <x-pages :$pages older="Earlier cooks" newer="Later cooks" />
        <p class="ruled"><a href="{{ route('cooks.file') }}" download>All cooks as a table</a> (CSV)</p>
        <form method="post" action="{{ route('cooks.look') }}" enctype="multipart/form-data" class="from-file">@csrf<label
            for="cooks-file">Cooks from a table of your own</label><input id="cooks-file" type="file" name="file"
            accept=".csv,text/csv,text/plain" required><button class="quiet">Look at it</button></form>
    </div>
</x-layouts.place>
