{{-- A bowl that fills as its things are ticked. --}}
<div class="drawn-in"><svg class="filling-up" viewBox="0 0 {{ $bowl->width() }} {{ $bowl->height() }}" role="img"
    aria-label="A bowl in section, {{ count($goesIn) }} things from the bottom up">
    @foreach ($goesIn as $index => $one)
        <path class="of-filling" d="{{ $bowl->band($index) }}" data-in="{{ $id }}/{{ $index }}"/>
    @endforeach
    <path class="wall" d="{{ $bowl->wall() }}"/>
</svg></div>
