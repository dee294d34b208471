<x-layouts.bare title="Orbek cannot keep anything now">
    <h1>Orbek cannot keep anything now</h1>
    <p>{{ $message }}</p>
    <p><a href="">Load this page again</a> when that is done.</p>
</x-layouts.bare>
