<x-layouts.bare title="Without the network">
    <h1>This page is not kept</h1>
    <p>The network or the laptop is gone, and this page was not seen on this device before. Kept here: <a href="/stove">the
        Stove</a>, as far as a cook is open, <a href="/shelf">the Shelf</a> and the meals ahead.</p>
</x-layouts.bare>
