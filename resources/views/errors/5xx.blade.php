<x-layouts.bare :title="$t('pages/errors.orbek-failed-2')">
    <h1>{{ $t('pages/errors.orbek-failed') }}</h1>
    <p>{{ $t('pages/errors.what-was-saved-before-is-kept', exception: $exception->getStatusCode()) }}</p>
    <p><a href="/shelf">{{ $t('pages/errors.to-the-shelf') }}</a></p>
</x-layouts.bare>
