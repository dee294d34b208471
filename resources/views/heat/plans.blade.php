@if ($found === null)
    <p>The food does not go into this pot: see Layers.</p>
@else
    <h3>Other heats</h3>
    @foreach (['Most likely right' => $found->plan, 'Quicker' => $others?->quicker()?->plan, 'Safer against burning' =>
        $others?->safer()?->plan, 'The school’s own line' => $school] as $title => $one)
        @if ($one !== null)
            <div class="heat-plan">
                <p><strong>{{ $title }}</strong>: {{ $words($one) }}; {{ round($one->minutes()) }} min, crust {{
                    $say->label($one->course->colour()) }}@if (! $one->isRight()), but not all as it should be @endif</p>
                @if ($one !== $found->plan)
                    <button type="button" class="mend" data-mend data-path="heat:take"
                        data-value='@json(Orbek\Core\Lid\HeatLine::toArray($one->line))' aria-label="Take it: {{ $title }}">Take it</button>
                @elseif ($plan->heating()->origin === Orbek\Core\Heat\Origin::Found)
                    <p class="small">As planned now; it follows when a word changes.</p>
                @else
                    {{-- Not as a line of one's own, which would stay as it is whatever changes. --}}
                    <button type="button" class="mend" data-mend data-path="heat:stock" data-value="null" aria-label="Take it: {{ $title
                        }}">Take it</button>
                @endif
                <details><summary>How near each limit is</summary><ul class="amounts">@foreach ($one->limits as $limit)<li @class(['missed'
                    => ! $limit->isMet()])>{{ $limit->words() }}{{ $limit->isMet() ? '' : ': missed' }}</li>@endforeach</ul></details>
            </div>
        @endif
    @endforeach
    @if ($others !== null && $others->quicker() === null)<p class="small">Nothing quicker comes out right.</p>@endif
    @if ($others !== null && $others->safer() === null)<p class="small">Nothing found is safer against burning.</p>@endif
    <p class="small">Of what comes out right within 10 min of the shortest, the heat that comes out right on most stoves like this is
        taken.</p>
@endif
