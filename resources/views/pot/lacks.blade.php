<x-layouts.place :title="$dish->name" :$place :$dish>
    <div class="page">
        <h1>{{ $dish->name }}</h1>
        <div class="clash" role="status"><p>{{ $t('pages/pot.it-cannot-be-cooked', why: $say->text($lacks->why)) }}</p></div>
        <p class="lead">{{ $t('pages/pot.it-stays-as-it-is-add') }}</p>
        <div class="tools">
            <a class="act" href="{{ route('kitchen.things') }}">{{ $t('pages/pot.pots-rings-and-plates') }}</a>
            <a href="{{ route('dish.versions', $dish) }}">{{ $t('pages/pot.what-changed-2') }}</a>
            <a href="{{ route('dish.export', $dish) }}" download>{{ $t('pages/pot.save-it-as-a-file') }}</a>
            <form method="post" action="{{ route('dish.away', $dish) }}">@csrf<button class="quiet">{{ $t('pages/pot.put-it-away')
                }}</button></form>
        </div>
    </div>
</x-layouts.place>
