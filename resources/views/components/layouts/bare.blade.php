@props(['title'])
{{-- A page that asks nothing of the database: it may be what has failed. --}}
<!DOCTYPE html>
<html lang="{{ $say->language() }}" dir="{{ $say->direction() }}">
<x-layouts.head :title="$title" :scripts="false" />
<body class="place-none">
    <header class="masthead"><a class="wordmark" href="/shelf">{{ $t('pages/layout.orbek') }}</a></header>
    <main id="main"><div class="page">{{ $slot }}</div></main>
</body>
</html>
