<x-layouts.place title="Put away" place="shelf">
    <div class="page">
        <h1>Put away</h1>
        <ul class="away-list">
            @forelse ($pages as $dish)
                <li class="row">
                    <p><strong>{{ $dish->name }}</strong><br><span class="small">{{
                        (app(Orbek\Core\Dish\Craft::class)->schools->all[$dish->school] ?? null)?->label }}, put away on {{
                        $dish->deleted_at->format('j F Y') }}</span></p>
                    <form method="post" action="{{ route('dish.back', $dish->id) }}">@csrf<button class="quiet" aria-label="Take out: {{
                        $dish->name }}">Take it out again</button></form>
                </li>
            @empty
                <li><p>Nothing is put away.</p></li>
            @endforelse
        </ul>
        <x-pages :$pages older="Put away earlier" newer="Put away later" />
        <p><a href="{{ route('shelf') }}">To the Shelf</a></p>
    </div>
</x-layouts.place>
