<x-layouts.place :title="$t('pages/shelf.put-away')" place="shelf">
    <div class="page">
        <h1>{{ $t('pages/shelf.put-away') }}</h1>
        <ul class="away-list">
            @forelse ($pages as $dish)
                <li class="row">
                    <p><strong>{{ $dish->name }}</strong><br><span class="small">{{ $t('pages/shelf.put-away-2', label:
                        (app(Orbek\Core\Dish\Craft::class)->schools->all[$dish->school] ?? null)?->label, deletedAt:
                        $say->dated($dish->deleted_at, 'date-year')) }}</span></p>
                    <form method="post" action="{{ route('dish.back', $dish->id) }}">@csrf<button class="quiet" aria-label="{{
                        $t('pages/shelf.take-out', dish: $dish->name) }}">{{ $t('pages/shelf.take-it-out-again') }}</button></form>
                </li>
            @empty
                <li><p>{{ $t('pages/shelf.nothing-is-put-away') }}</p></li>
            @endforelse
        </ul>
        <x-pages :$pages :older="$t('pages/shelf.older-away')" :newer="$t('pages/shelf.newer-away')" />
        <p><a href="{{ route('shelf') }}">{{ $t('pages/shelf.to-the-shelf') }}</a></p>
    </div>
</x-layouts.place>
