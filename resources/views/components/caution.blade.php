@props(['caution'])
<p class="caution"><span class="visually-hidden">Caution: </span>{{ $caution->says() }}</p>
