<x-layouts.place :title="$t('pages/stove.stove')" place="stove">
    <div class="page">
        <h1>{{ $t('pages/stove.nothing-on-the-stove') }}</h1>
        <p class="lead">{{ $t('pages/stove.start-a-cook-from') }} <a href="{{ route('pot.last') }}">{{ $t('pages/stove.pot') }}</a>.</p>
    </div>
</x-layouts.place>
