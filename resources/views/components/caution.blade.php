@props(['caution'])
<p class="caution"><span class="visually-hidden">Caution: </span>{{ $say->label($caution, 'says') }}</p>
