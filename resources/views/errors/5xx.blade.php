<x-layouts.bare title="Orbek failed">
    <h1>Orbek failed at this</h1>
    <p>What was saved before is kept. What went wrong stands in storage/logs/orbek.log ({{ $exception->getStatusCode() }}).</p>
    <p><a href="/shelf">To the Shelf</a></p>
</x-layouts.bare>
