<x-layouts.place :title="$t('pages/stove.an-older-cook-is-open')" place="stove">
    <div class="page narrow">
        <h1>{{ $t('pages/stove.an-older-cook') }}</h1>
        <p class="lead">{{ $t('pages/stove.has-been-on-the-stove-since', cook: $cook->name, startedAt:
            $say->dated($cook->started_at->setTimezone(Orbek\Core\Kitchen\Kitchen::fromArray($cook->kitchen)->site->timezone), 'day-hour'))
            }}</p>
        <p><a class="act" href="{{ route('meal-cook', $cook) }}">{{ $t('pages/stove.go-on-with-that-one') }}</a></p>
        <form method="post" action="{{ route('meal-cook.give-up', $cook) }}">
            @csrf
            <input type="hidden" name="cook" value="{{ $asked }}">
            <button class="quiet">{{ $t('pages/stove.give-it-up-and-begin') }}</button>
        </form>
    </div>
</x-layouts.place>
