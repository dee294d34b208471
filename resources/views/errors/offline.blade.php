<x-layouts.bare :title="$t('pages/errors.without-the-network')">
    <h1>{{ $t('pages/errors.this-page-is-not-kept') }}</h1>
    <p>{{ $t('pages/errors.the-network-or-the-laptop') }} <a href="/stove">{{ $t('pages/errors.the-stove') }}</a>{{
        $t('pages/errors.as-far-as-a-cook') }} <a href="/shelf">{{ $t('pages/errors.the-shelf') }}</a> {{
        $t('pages/errors.and-the-meals-ahead') }}</p>
</x-layouts.bare>
