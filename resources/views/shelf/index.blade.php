<x-layouts.place :title="$t('pages/shelf.shelf')" place="shelf">
    <div class="page">
        <h1>{{ $t('pages/shelf.what-is-next', isCooking: $cooking !== []) }}</h1>
        @foreach ($cooking as $cook)<p class="lead"><a class="act" href="{{ route('meal-cook', $cook) }}">{{ $t('pages/shelf.back-to', cook:
            $cook->name) }}</a></p>@endforeach
        @if (session('given-up'))
            <form method="post" action="{{ route('meal-cook.give-up', session('given-up')['id']) }}" class="taken" role="status">@csrf<p>{{
                $t('pages/shelf.is-given-up', name: session('given-up')['name']) }}</p><button class="quiet" name="up" value="1">{{
                $t('pages/shelf.take-it-up-again') }}</button></form>
        @endif
        @if (session('put-away'))
            <form method="post" action="{{ route('dish.back', session('put-away')['id']) }}" class="taken" role="status">@csrf<p>{{
                $t('pages/shelf.is-put-away', name: session('put-away')['name']) }}</p><button class="quiet">{{
                $t('pages/shelf.take-it-out-again') }}</button></form>
        @endif
        @if ($passed->isNotEmpty() || $forgotten !== [])
            <section aria-label="{{ $t('pages/shelf.what-has-passed') }}">@include('shelf.passed')</section>
        @endif
        @if ($meals !== [])
            <ul class="meals-ahead" aria-label="{{ $t('pages/shelf.meals-ahead') }}">
                @foreach ($meals as $card)<li>{!! $card !!}</li>@endforeach
            </ul>
        @endif
        @if (session('meal-away'))<form method="post" action="{{ route('meal.back') }}" class="taken" role="status">@csrf<p>{{
            $t('pages/shelf.is-taken-away', name: session('meal-away')['name']) }}</p><button class="quiet">{{ $t('pages/shelf.put-it-back')
            }}</button></form>@endif
        @if ($left !== [])
            <section class="in-the-fridge" aria-label="{{ $t('pages/shelf.in-the-fridge') }}"><h2>{{ $t('pages/shelf.in-the-fridge')
                }}</h2>@foreach ($left as [$cook,
                $one])@include('notebook.left', ['cook' => $cook, 'left' => $one, 'now' => $clockNow])@endforeach</section>
        @endif
        <form class="find" role="search" action="{{ route('shelf') }}">
            <label for="find">{{ $t('pages/shelf.find-a-dish-by-its-name') }}</label>
            <input id="find" name="find" type="search" maxlength="100" value="{{ $asked }}" autocomplete="off">
            <button class="quiet">{{ $t('pages/shelf.find') }}</button>
            @if ($asked !== '')<a href="{{ route('shelf') }}">{{ $t('pages/shelf.all-dishes') }}</a>@endif
        </form>
        <ul class="shelf">
            @forelse ($cards as $card)
                <li>
                    {!! $card !!}
                </li>
            @empty
                <li><p>@if ($asked !== ''){{ $t('pages/shelf.no-dish-has-in-its-name', asked: $asked) }}@else {{
                    $t('pages/shelf.no-dish-yet') }} <code>{{ $t('pages/shelf.orbek-start-fresh') }}</code> {{
                    $t('pages/shelf.loads-the-demo-kitchen') }}@endif</p></li>
            @endforelse
        </ul>
        <x-pages :$pages :older="$t('pages/shelf.older-dishes')" :newer="$t('pages/shelf.newer-dishes')" />
        @if ($hasAway)<p><a href="{{ route('shelf.put-away') }}">{{ $t('pages/shelf.dishes-put-away') }}</a></p>@endif
        <h2 class="start-school">{{ $t('pages/shelf.start-a-dish-from-its-school') }}</h2>
        <ul class="schools">
            @foreach (app(Orbek\Core\Dish\Craft::class)->schools->all as $school)
                <li><p><strong>{{ $school->label }}</strong><br><span class="small">{{ $school->gloss }}</span></p>
                    <form method="post" action="{{ route('dish.start') }}">@csrf<button name="school" value="{{ $school->id }}"
                        aria-label="{{ $t('pages/shelf.start-2', school: $school->label) }}">{{ $t('pages/shelf.start')
                            }}</button></form></li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('dish.preview') }}" enctype="multipart/form-data" class="from-file">
            @csrf
            <label for="file">{{ $t('pages/shelf.a-dish-or-a-recipe-from') }}</label>
            <input id="file" type="file" name="file" accept=".json,.jsonld,application/json,application/ld+json" required>
            <button class="quiet">{{ $t('pages/shelf.look-at') }}</button>
        </form>

        <details class="as-text"><summary>{{ $t('pages/shelf.a-recipe-as-text') }}</summary>
            <form method="post" action="{{ route('dish.preview') }}">@csrf
                <label for="text">{{ $t('pages/shelf.its-name-for-how-many') }}</label>
                <textarea id="text" name="text" rows="8" maxlength="20000" required></textarea>
                <button class="quiet">{{ $t('pages/shelf.look-at') }}</button>
            </form>
        </details>
        <form method="post" action="{{ route('meal.preview') }}" enctype="multipart/form-data" class="from-file">@csrf<label
            for="meal-file">{{ $t('pages/shelf.a-meal-from-a-file') }}</label><input id="meal-file" type="file" name="file"
                accept=".json,application/json"
            required><button class="quiet">{{ $t('pages/shelf.look-at') }}</button></form>
    </div>
</x-layouts.place>
