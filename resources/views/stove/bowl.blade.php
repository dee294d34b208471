{{-- A bowl that fills as its things are ticked. --}}
<div class="drawn-in"><svg class="filling-up" viewBox="0 0 {{ $bowl->width() }} {{ $bowl->height() }}" role="img"
    aria-label="{{ $t('pages/stove.a-bowl-in-section-things-from', goesIn: count($goesIn)) }}">
    @foreach ($goesIn as $index => $one)
        <path class="of-filling" d="{{ $bowl->band($index) }}" data-in="{{ $id }}/{{ $index }}"/>
    @endforeach
    <path class="wall" d="{{ $bowl->wall() }}"/>
</svg></div>
