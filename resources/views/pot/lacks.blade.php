<x-layouts.place :title="$dish->name" :$place :$dish>
    <div class="page">
        <h1>{{ $dish->name }}</h1>
        <div class="clash" role="status"><p>It cannot be cooked in this kitchen: {{ $say->text($lacks->why) }}</p></div>
        <p class="lead">It stays as it is. Add what it lacks, and it is planned as before.</p>
        <div class="tools">
            <a class="act" href="{{ route('kitchen.things') }}">Pots, rings and plates</a>
            <a href="{{ route('dish.versions', $dish) }}">What changed in it</a>
            <a href="{{ route('dish.export', $dish) }}" download>Save it as a file</a>
            <form method="post" action="{{ route('dish.away', $dish) }}">@csrf<button class="quiet">Put it away</button></form>
        </div>
    </div>
</x-layouts.place>
