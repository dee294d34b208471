<svg class="drawing clock" viewBox="0 0 {{ $drawing->width }} {{ round($drawing->height) }}" width="{{ $drawing->width }}" height="{{
    round($drawing->height) }}" aria-hidden="true">
    @foreach ($drawing->halfHours() as $line)
        <path class="hour" d="M96,{{ $line['y'] }}H{{ $drawing->width }}"/>
        <text class="time" x="86" y="{{ $line['y'] + 5 }}" text-anchor="end">{{ $line['time'] }}</text>
    @endforeach
    @if ($drawing->isFolded())
        <path class="fold" d="M96,{{ $drawing->foldY() }}{{ str_repeat('q6,-4 12,0t12,0', (int) (($drawing->width - 100) / 24)) }}"/>
        <text class="time" x="86" y="62" text-anchor="end">{{ $say->time($plan->day->at($plan->day->schedule->firstStart())) }}</text>
    @endif
    @foreach ($drawing->columns() as $column)
        <text class="head" x="{{ $column['x'] }}" y="26">{{ $column['title'] }}</text>
        <path class="rail" d="M{{ $column['x'] }},36h{{ $column['width'] }}"/>
        @foreach ($column['ropes'] as $rope)
            <rect class="rope {{ $rope['kind'] }}" x="{{ $column['x'] }}" y="{{ $rope['y'] }}" width="15" height="{{ $rope['height'] }}"/>
            <path class="leader" d="M{{ $column['x'] + 15 }},{{ $rope['y'] + 0.5 }}h6L{{ $column['x'] + 26 }},{{ $rope['labelY'] - 3.5
                }}h4"/>
            @foreach ($rope['lines'] as $line)
                <text class="label" x="{{ $column['x'] + 33 }}" y="{{ $rope['labelY'] + 1 + 15 * $loop->index }}">{{ $line }}</text>
            @endforeach
            @if ($rope['detail'] !== null)
                <text class="detail" x="{{ $column['x'] + 33 }}" y="{{ $rope['labelY'] + 15 * count($rope['lines']) }}">{{ $rope['detail']
                    }}</text>
            @endif
        @endforeach
    @endforeach
    <path class="table" d="M96,{{ $tableY }}H{{ $drawing->width }}"/>
    <text class="table-time" x="86" y="{{ $tableY + 6 }}" text-anchor="end">{{ $say->time($plan->day->tableAt) }}</text>
    <text class="label" x="104" y="{{ $tableY + 24 }}">{{ $t('pages/drawings.table-of-you', eaters: $plan->dish->table->eaters) }}</text>
</svg>
