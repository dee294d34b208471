@props(['caution'])
<p class="caution"><span class="visually-hidden">{{ $t('pages/drawings.caution') }} </span>{{ $say->label($caution, 'says') }}</p>
