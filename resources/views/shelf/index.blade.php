<x-layouts.place title="Shelf" place="shelf">
    <div class="page">
        <h1>{{ $cooking === [] ? 'What is next' : 'On the stove' }}</h1>
        @foreach ($cooking as $cook)<p class="lead"><a class="act" href="{{ route('meal-cook', $cook) }}">Back to {{ $cook->name
            }}</a></p>@endforeach
        @if (session('given-up'))
            <form method="post" action="{{ route('meal-cook.give-up', session('given-up')['id']) }}" class="taken" role="status">@csrf<p>{{
                session('given-up')['name'] }} is given up.</p><button class="quiet" name="up" value="1">Take it up again</button></form>
        @endif
        @if (session('put-away'))
            <form method="post" action="{{ route('dish.back', session('put-away')['id']) }}" class="taken" role="status">@csrf<p>{{
                session('put-away')['name'] }} is put away.</p><button class="quiet">Take it out again</button></form>
        @endif
        @if ($passed->isNotEmpty() || $forgotten !== [])
            <section aria-label="What has passed">@include('shelf.passed')</section>
        @endif
        @if ($meals !== [])
            <ul class="meals-ahead" aria-label="Meals ahead">
                @foreach ($meals as $card)<li>{!! $card !!}</li>@endforeach
            </ul>
        @endif
        @if (session('meal-away'))<form method="post" action="{{ route('meal.back') }}" class="taken" role="status">@csrf<p>{{
            session('meal-away')['name'] }} is taken away.</p><button class="quiet">Put it back</button></form>@endif
        @if ($left !== [])
            <section class="in-the-fridge" aria-label="In the fridge"><h2>In the fridge</h2>@foreach ($left as [$cook,
                $one])@include('notebook.left', ['cook' => $cook, 'left' => $one, 'now' => $clockNow])@endforeach</section>
        @endif
        <form class="find" role="search" action="{{ route('shelf') }}">
            <label for="find">Find a dish by its name, its school or what is in it</label>
            <input id="find" name="find" type="search" maxlength="100" value="{{ $asked }}" autocomplete="off">
            <button class="quiet">Find</button>
            @if ($asked !== '')<a href="{{ route('shelf') }}">All dishes</a>@endif
        </form>
        <ul class="shelf">
            @forelse ($cards as $card)
                <li>
                    {!! $card !!}
                </li>
            @empty
                <li><p>@if ($asked !== '')No dish has “{{ $asked }}” in its name, its school or its parts.@else No dish yet. <code>./orbek
                    start --fresh</code> loads the demo kitchen.@endif</p></li>
            @endforelse
        </ul>
        <x-pages :$pages older="Further dishes" newer="Dishes before" />
        @if ($hasAway)<p><a href="{{ route('shelf.put-away') }}">Dishes put away</a></p>@endif
        <h2 class="start-school">Start a dish from its school</h2>
        <ul class="schools">
            @foreach (app(Orbek\Core\Dish\Craft::class)->schools->all as $school)
                <li><p><strong>{{ $school->label }}</strong><br><span class="small">{{ $school->gloss }}</span></p>
                    <form method="post" action="{{ route('dish.start') }}">@csrf<button name="school" value="{{ $school->id }}"
                        aria-label="Start: {{ $school->label }}">Start</button></form></li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('dish.preview') }}" enctype="multipart/form-data" class="from-file">
            @csrf
            <label for="file">A dish or a recipe from a file</label>
            <input id="file" type="file" name="file" accept=".json,.jsonld,application/json,application/ld+json" required>
            <button class="quiet">Look at it</button>
        </form>

        <details class="as-text"><summary>A recipe as text</summary>
            <form method="post" action="{{ route('dish.preview') }}">@csrf
                <label for="text">Its name, for how many, and what goes in, a line each</label>
                <textarea id="text" name="text" rows="8" maxlength="20000" required></textarea>
                <button class="quiet">Look at it</button>
            </form>
        </details>
        <form method="post" action="{{ route('meal.preview') }}" enctype="multipart/form-data" class="from-file">@csrf<label
            for="meal-file">A meal from a file</label><input id="meal-file" type="file" name="file" accept=".json,application/json"
            required><button class="quiet">Look at it</button></form>
    </div>
</x-layouts.place>
