<x-layouts.place title="Stove" place="stove">
    <div class="page">
        <h1>Nothing on the stove</h1>
        <p class="lead">Start a cook from its <a href="{{ route('pot.last') }}">Pot</a>.</p>
    </div>
</x-layouts.place>
