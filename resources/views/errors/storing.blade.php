<x-layouts.bare :title="$t('pages/errors.orbek-cannot-keep-anything-now')">
    <h1>{{ $t('pages/errors.orbek-cannot-keep-anything-now') }}</h1>
    <p>{{ $message }}</p>
    <p><a href="">{{ $t('pages/errors.load-this-page-again') }}</a> {{ $t('pages/errors.when-that-is-done') }}</p>
</x-layouts.bare>
