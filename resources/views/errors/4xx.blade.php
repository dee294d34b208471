<x-layouts.bare title="Not here">
    <h1>{{ $exception->getStatusCode() === 404 ? 'Not here' : 'Not taken' }}</h1>
    <p>{{ match ($exception->getStatusCode()) {
        404 => 'There is nothing at this address, or not any more.',
        405 => 'This address cannot be asked that way.',
        413 => 'That is too large: give at most 1 MB.',
        419 => 'This page is too old to write. Load it again, then say it once more.',
        429 => 'Too often in too short a time. Wait a minute, then try again.',
        default => 'This cannot be answered ('.$exception->getStatusCode().').',
    } }}</p>
    <p><a href="/shelf">To the Shelf</a></p>
</x-layouts.bare>
