{{-- The pot filled from below, a row for each thing; what is in fades, what is next is lit. --}}
@foreach ($pots as $pot)
    <div class="layering">
        @if (count($pots) > 1)<h2>{{ $pot->name }}</h2>@endif
        <svg class="filling-up" viewBox="0 0 {{ $pot->drawing->width() }} {{ $pot->drawing->height() }}" role="img"
            aria-label="{{ $t('pages/stove.the-pot-in-section-things-from', rows: count($pot->rows)) }}">
            @foreach ($pot->rows as $index => $row)
                @if ($row->layer !== null)
                    <path class="of-{{ $pot->matter($row->layer) }}" d="{{ $pot->drawing->layer($row->layer) }}"
                        data-in="{{ $pot->tick($index) }}"/>
                    <text x="{{ $pot->drawing->left() }}" y="{{ $pot->drawing->middle($row->layer) }}">{{ $index + 1 }}</text>
                @endif
            @endforeach
            <path class="wall" d="{{ $pot->drawing->pot() }}"/>
        </svg>
        <ol class="rows" aria-label="{{ $t('pages/stove.from-the-base-up-2') }}">
            @foreach ($pot->rows as $index => $row)
                <li><label><input type="checkbox" data-tick="{{ $pot->tick($index) }}"><span class="at">{{ $index + 1 }}</span>
                    <span class="what">{{ $say->first($row->says) }}@foreach ($row->on as $on)<span class="small">{{ $say->text($on)
                        }}</span>@endforeach @if ($pot->was($index) !== null)<span class="was">{{ $t('pages/stove.changed-before', was:
                            $say->amount($pot->was($index))) }}</span>@endif</span>@if ($row->amount !== null)<strong>{{
                        $say->amount($row->amount) }}</strong>@endif</label></li>
            @endforeach
        </ol>
    </div>
@endforeach
