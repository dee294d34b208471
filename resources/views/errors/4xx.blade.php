<x-layouts.bare :title="$t('pages/errors.not-here')">
    <h1>{{ $t('pages/errors.not-here-or-taken', isMissing: $exception->getStatusCode() === 404) }}</h1>
    <p>{{ match ($exception->getStatusCode()) {
        404 => $t('pages/errors.there-is-nothing-at-this-address'),
        405 => $t('pages/errors.this-address-cannot-be-asked'),
        413 => $t('pages/errors.that-is-too-large-give'),
        419 => $t('pages/errors.this-page-is-too-old'),
        429 => $t('pages/errors.too-often-in-too-short'),
        default => $t('pages/errors.cannot-be-answered', code: $exception->getStatusCode()),
    } }}</p>
    <p><a href="/shelf">{{ $t('pages/errors.to-the-shelf') }}</a></p>
</x-layouts.bare>
