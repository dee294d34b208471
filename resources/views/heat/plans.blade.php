@if ($found === null)
    <p>{{ $t('pages/heat.the-food-does-not-go-into') }}</p>
@else
    <h3>{{ $t('pages/heat.other-heats') }}</h3>
    @foreach ([$t('pages/heat.most-likely-right') => $found->plan, $t('pages/heat.quicker') => $others?->quicker()?->plan,
        $t('pages/heat.safer-against-burning') =>
        $others?->safer()?->plan, $t('pages/heat.the-schools-own-line') => $school] as $title => $one)
        @if ($one !== null)
            <div class="heat-plan">
                <p>{{ $th('pages/heat.min-crust', title: $title, words: $words($one), minutes: round($one->minutes()), colour:
                    $say->label($one->course->colour())) }}@if (! $one->isRight()){{ $t('pages/heat.but-not-all-as-it-should') }} @endif</p>
                @if ($one !== $found->plan)
                    <button type="button" class="mend" data-mend data-path="heat:take"
                        data-value='@json(Orbek\Core\Lid\HeatLine::toArray($one->line))' aria-label="{{ $t('pages/heat.take-it-2', title:
                            $title) }}">{{ $t('pages/heat.take-it') }}</button>
                @elseif ($plan->heating()->origin === Orbek\Core\Heat\Origin::Found)
                    <p class="small">{{ $t('pages/heat.as-planned-now-it-follows-when') }}</p>
                @else
                    {{-- Not as a line of one's own, which would stay as it is whatever changes. --}}
                    <button type="button" class="mend" data-mend data-path="heat:stock" data-value="null" aria-label="{{
                        $t('pages/heat.take-it-2', title: $title) }}">{{ $t('pages/heat.take-it') }}</button>
                @endif
                <details><summary>{{ $t('pages/heat.how-near-each-limit') }}</summary><ul class="amounts">@foreach ($one->limits
                    as $limit)<li @class(['missed'
                    => ! $limit->isMet()])>{{ $t('pages/heat.limit', limit: $limit->words(), isMet: $limit->isMet())
                        }}</li>@endforeach</ul></details>
            </div>
        @endif
    @endforeach
    @if ($others !== null && $others->quicker() === null)<p class="small">{{ $t('pages/heat.nothing-quicker-comes-out-right') }}</p>@endif
    @if ($others !== null && $others->safer() === null)<p class="small">{{ $t('pages/heat.nothing-found-is-safer-against-burning')
        }}</p>@endif
    <p class="small">{{ $t('pages/heat.of-what-comes-out-right-within') }}</p>
@endif
