<x-layouts.place :title="$t('pages/notebook.notebook')" place="notebook">
    <div class="page">
        <h1>{{ $t('pages/notebook.cooks-made') }}</h1>
        @if ($retold !== null)
            <section class="retold" aria-labelledby="retold">
                <h2 id="retold">{{ $t('pages/notebook.read-again') }}</h2>
                <p>{{ $t('pages/notebook.read-again-under-other-laws', cooks: $retold->cooks, hasChanged: $retold->stoves !== []) }}</p>
                @if ($retold->stoves !== [])<ul>@foreach ($retold->stoves as $one)<li>{{ $t('pages/notebook.ring-thought-otherwise',
                    ...$one) }}</li>@endforeach</ul>@endif
                <form method="post" action="{{ route('notebook.read') }}">@csrf<button class="quiet">{{ $t('pages/notebook.i-have-read-it')
                    }}</button></form>
            </section>
        @endif
        <form class="find seek" role="search" action="{{ route('notebook') }}">
            <label for="find">{{ $t('pages/notebook.dish') }}</label> <input id="find" name="find" type="search" maxlength="100" value="{{
                $asked['find'] }}"
                autocomplete="off">
            <select class="word" name="fault" aria-label="{{ $t('pages/notebook.how-it-came-out') }}"><option value="">{{
                $t('pages/notebook.however-it-came-out') }}</option>
                @foreach (['rice' => Orbek\Core\Cook\RiceOutcome::cases(), 'crust' => Orbek\Core\Lid\CrustColour::cases(), 'filling' =>
                    Orbek\Core\Cook\FillingOutcome::cases()] as $what => $cases)
                    @foreach ($cases as $case)<option value="{{ $what }}:{{ $case->value }}" @selected($asked['fault'] ===
                        "{$what}:{$case->value}")>{{ $what }} {{ $say->label($case) }}</option>@endforeach
                @endforeach
                <option value="late" @selected($asked['fault'] === 'late')>{{ $t('pages/notebook.10-min-late-or-more') }}</option></select>
            <select class="word" name="pot" aria-label="{{ $t('pages/notebook.pot') }}"><option value="">{{ $t('pages/notebook.any-pot')
                }}</option>@foreach ($home->equipment->pots as $pot)<option
                value="{{ $pot->id }}" @selected($asked['pot'] === $pot->id)>{{ $pot->name }}</option>@endforeach</select>
            <select class="word" name="ring" aria-label="{{ $t('pages/notebook.ring') }}"><option value="">{{ $t('pages/notebook.any-ring')
                }}</option>@foreach ($home->equipment->rings as $ring)<option
                value="{{ $ring->id }}" @selected($asked['ring'] === $ring->id)>{{ $ring->name }}</option>@endforeach</select>
            <select class="word" name="lot" aria-label="{{ $t('pages/notebook.bag') }}"><option value="">{{ $t('pages/notebook.any-bag')
                }}</option>@foreach ($home->pantry->bags as $bag)<option
                value="{{ $bag->id }}" @selected($asked['lot'] === $bag->id)>{{ $bag->name }}</option>@endforeach</select>
            <select class="word" name="month" aria-label="{{ $t('pages/notebook.month') }}"><option value="">{{
                $t('pages/notebook.any-month') }}</option>@foreach ($months as $month =>
                $name)<option value="{{ $month }}" @selected($asked['month'] === $month)>{{ $name }}</option>@endforeach</select>
            <button class="quiet">{{ $t('pages/notebook.find') }}</button>
            @if (array_filter($asked) !== [])<a href="{{ route('notebook') }}">{{ $t('pages/notebook.all-cooks') }}</a>@endif
        </form>
        <form action="{{ route('notebook.compare') }}" id="side-by-side">
        <p class="tools"><button class="quiet">{{ $t('pages/notebook.lay-the-two-ticked-side') }}</button> <a href="{{
            route('notebook.trends') }}">{{ $t('pages/notebook.over-time') }}</a> <a href="{{ route('notebook.meals') }}">{{
            $t('pages/notebook.meals-that-have-been') }}</a></p>
        </form>
        <ul class="notebook">
            @forelse ($cooks as [$cook, $card])
                <li>
                    {!! $card !!}
                        @if (isset($cook->summary['rice']))
                            <p class="came-out">
                                @isset($cook->summary['crust'])<span class="swatch crust-{{ $cook->summary['crust'] }}"></span>@endisset {{
                                    $th('pages/notebook.rice', it: $say->label(Orbek\Core\Cook\RiceOutcome::from($cook->summary['rice'])))
                                    }} @isset($cook->summary['crust']){{ $th('pages/notebook.crust', crust:
                                        Orbek\Core\Lid\CrustColour::from(
                                    $cook->summary['crust'])) }}
                                    @endisset {{ $th('pages/notebook.filling', it:
                                    $say->label(Orbek\Core\Cook\FillingOutcome::from($cook->summary['filling']))) }}
                            </p>
                            <p class="small"><a href="{{ route('cook.record', $cook) }}">{{ $t('pages/notebook.how-it-went-and-why') }}</a>
                                <label
                                class="tick-beside"><input type="checkbox" name="cook[]" value="{{ $cook->id }}" form="side-by-side"
                                aria-label="{{ $t('pages/notebook.side-by-side-2', cook: $cook->name, startedAt:
                                    $say->dated($cook->started_at, 'date')) }}"> {{ $t('pages/notebook.side-by-side') }}</label></p>
                            @if (($cook->summary['line'] ?? '') !== '')<p class="line">{{ $cook->summary['line'] }}</p>@endif
                        @elseif ($cook->served_at !== null)
                            <p><a href="{{ route('meal-cook', $cook->meal_cook_id) }}">{{ $t('pages/notebook.note-how-it-came-out')
                                }}</a></p>
                        @elseif ($cook->given_up_at !== null)
                            <form method="post" action="{{ route('meal-cook.give-up', $cook->meal_cook_id) }}"><p>{{
                                $t('pages/notebook.given-up') }} @csrf
                                @if ($cook->ofMeal()->given_up_at !== null)<button class="small-button" name="up" value="1"
                                aria-label="{{ $t('pages/notebook.take-up-again', cook: $cook->name) }}">{{
                                    $t('pages/notebook.take-it-up-again') }}</button>@endif</p></form>
                        @else
                            <p><a href="{{ route('meal-cook', $cook->meal_cook_id) }}">{{ $t('pages/notebook.still-on-the-stove') }}</a></p>
                        @endif
                    </div>
                    <dl class="facts">
                        @if (isset($cook->summary['lifted_s'], $cook->summary['lift_forecast_s']))
                            <div><dt>{{ $t('pages/notebook.lifted-at') }}</dt><dd>{{
                                $say->clock($cook->summary['lifted_s']) }} <span>{{ $t('pages/notebook.of-foretold',
                                it: $say->clock($cook->summary['lift_forecast_s'])) }}</span></dd></div>
                        @endif
                        @if (isset($cook->summary['late_min']))
                            <div><dt>{{ $t('pages/notebook.on-the-table') }}</dt><dd>{{ $say->lateness($cook->summary['late_min'])
                                }}</dd></div>
                        @endif
                    </dl>
                </li>
            @empty
                <li class="empty"><p>{{ $t('pages/notebook.no-cook-yet', isAsked: array_filter($asked) !== []) }}</p></li>
            @endforelse
        </ul>
        <x-pages :$pages :older="$t('pages/notebook.older-cooks')" :newer="$t('pages/notebook.newer-cooks')" />
        <p class="ruled"><a href="{{ route('cooks.file') }}" download>{{ $t('pages/notebook.all-cooks-as-a-table') }}</a> {{
            $t('pages/notebook.csv') }}</p>
        <form method="post" action="{{ route('cooks.look') }}" enctype="multipart/form-data" class="from-file">@csrf<label
            for="cooks-file">{{ $t('pages/notebook.cooks-from-a-table-of-your') }}</label><input id="cooks-file" type="file" name="file"
            accept=".csv,text/csv,text/plain" required><button class="quiet">{{ $t('pages/notebook.look-at') }}</button></form>
    </div>
</x-layouts.place>
