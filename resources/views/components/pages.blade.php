@props(['pages', 'older', 'newer'])
@if ($pages->hasPages())
    <nav class="pages" aria-label="{{ $t('pages/layout.pages') }}">
        @if ($pages->previousPageUrl()) <a href="{{ $pages->previousPageUrl() }}">{{ $newer }}</a> @endif
        @if ($pages->nextPageUrl()) <a href="{{ $pages->nextPageUrl() }}">{{ $older }}</a> @endif
    </nav>
@endif
