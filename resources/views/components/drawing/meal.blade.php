<svg class="drawing clock meal" id="meal-drawing" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" width="{{ $drawing->width }}"
    height="{{ $drawing->height }}" data-px-per-min="{{ $drawing->pxPerMin }}" role="group"
    aria-label="{{ $t('pages/drawings.the-work-on-the-clock') }}">
    @foreach ($drawing->halfHours() as $line)
        <path class="hour" d="M96,{{ $line['y'] }}H{{ $drawing->width }}"/>
        <text class="time" x="86" y="{{ $line['y'] + 5 }}" text-anchor="end">{{ $line['time'] }}</text>
    @endforeach
    @foreach ($drawing->columns() as $column)
        <text class="head" x="{{ $column['x'] }}" y="24">{{ Str::limit($column['title'], (int) ($column['width'] / 7.5), '…') }}</text>
        <path class="rail" d="M{{ $column['x'] }},34h{{ $column['width'] }}"/>
        @foreach ($column['ropes'] as $rope)
            <g class="task {{ $rope['isPinned'] ? 'pinned' : '' }}" data-task="{{ $rope['task']->job->id }}" data-start="{{
                $plan->start($rope['task']->job->id) }}" @if ($rope['lines'] !== []) tabindex="0" role="button" aria-label="{{
                $t('pages/drawings.task-at', task: $rope['task']->name, isOfDish: $rope['dish'] !== '' && $many, dish: $rope['dish'],
                isFixed: $rope['isPinned'], at: $say->time($plan->at($plan->start($rope['task']->job->id))),
                minutes: $rope['task']->job->minutes) }}" @endif>
                <rect class="rope {{ $rope['kind'] }}" x="{{ $column['x'] }}" y="{{ $rope['y'] }}" width="13" height="{{ $rope['height']
                    }}"/>
                @if ($rope['lines'] !== [])<path class="leader" d="M{{ $column['x'] + 13 }},{{ $rope['y'] + .5 }}h4L{{ $column['x'] + 21
                    }},{{ $rope['labelY'] - 3.5 }}h3"/>@endif
                @foreach ($rope['lines'] as $line)
                    <text class="label" x="{{ $column['x'] + 27 }}" y="{{ $rope['labelY'] + 15 * $loop->index }}">{{ $line
                        }}@if ($loop->first && $many && $rope['dish'] !== '') <tspan class="of">{{ $rope['dish'] }}</tspan>@endif
                        @if ($loop->first && $rope['isPinned'])<tspan class="of">{{ $t('pages/drawings.fixed') }}</tspan>@endif</text>
                @endforeach
            </g>
        @endforeach
    @endforeach
    <g data-table tabindex="0" role="button" aria-label="{{ $t('pages/drawings.table-moves', at: $say->time($plan->tableAt), eaters:
        $plan->meal->eaters) }}">
        <path class="table" d="M96,{{ $tableY }}H{{ $drawing->width }}"/>
        <text class="table-time" x="86" y="{{ $tableY + 6 }}" text-anchor="end">{{ $say->time($plan->tableAt) }}</text>
        <text class="label" x="104" y="{{ $tableY + 24 }}">{{ $t('pages/drawings.table-of-you', eaters: $plan->meal->eaters) }}</text>
    </g>
</svg>
