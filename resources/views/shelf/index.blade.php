<x-layouts.place title="Shelf" place="shelf">
    <div class="page">
        <h1>{{ $cooking === null ? 'What is next' : 'On the stove' }}</h1>
        @if ($cooking !== null)
            <p class="lead"><a class="act" href="{{ route('cook', $cooking) }}">Back to {{ $cooking->name }}</a></p>
        @endif
        @if (session('put-away'))
            <form method="post" action="{{ route('dish.back', session('put-away')['id']) }}" class="taken" role="status">@csrf<p>{{ session('put-away')['name'] }} is put away.</p><button class="quiet">Take it out again</button></form>
        @endif
        <ul class="shelf">
            @forelse ($dishes as [$dish, $plan])
                <li>
                    <a href="{{ route('pot', $dish) }}" class="dish">
                        <x-drawing.pot :$plan :scale="9.4" :labels="false" />
                        <h2>{{ $dish->name }}</h2>
                    </a>
                    <p>{{ $plan->dish->school->label() }}</p>
                    <p class="facts">for <strong>{{ $plan->dish->table->eaters }}</strong>, <strong>{{ $plan->rice->text() }}</strong> of rice in the <strong>{{ $plan->pot()->name }}</strong>;
                        start <strong>{{ $plan->timeAt($plan->schedule->firstStart())->format('H:i') }}</strong> for the table at <strong>{{ $plan->tableAt->format('D H:i') }}</strong></p>
                    @foreach ($plan->clashes as $clash)
                        <p class="clash">{{ $clash->says }}</p>
                    @endforeach
                </li>
            @empty
                <li><p>No dish yet. <code>./orbek start --fresh</code> loads the demo kitchen.</p></li>
            @endforelse
        </ul>
        <h2 class="start-school">Start a dish from its school</h2>
        <ul class="schools">
            @foreach (Orbek\Core\Dish\School::cases() as $school)
                <li><p><strong>{{ $school->label() }}</strong><br><span class="small">{{ $school->gloss() }}</span></p>
                    <form method="post" action="{{ route('dish.start') }}">@csrf<button name="school" value="{{ $school->value }}" aria-label="Start: {{ $school->label() }}">Start</button></form></li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('dish.preview') }}" enctype="multipart/form-data" class="from-file">
            @csrf
            <label for="file">A dish or a recipe from a file</label>
            <input id="file" type="file" name="file" accept=".json,.jsonld,application/json,application/ld+json" required>
            <button class="quiet">Look at it</button>
        </form>
    </div>
</x-layouts.place>
