<form class="note">
    @foreach ($asks as $name => ['cases' => $cases, 'isWanted' => $isWanted])
        <fieldset>
            <legend>{{ $t('pages/stove.asked-of', what: $name) }}</legend>
            <div class="taps">
                @foreach ($cases as $case)
                    <label><input type="radio" name="{{ $name }}" value="{{ $case->value }}" @required($isWanted)
                        @checked($fold->state->outcome?->{$name} === $case)><span>@if ($name === 'crust')<i class="swatch crust-{{
                        $case->value }}"></i>@endif{{ $say->label($case, $name === 'salt' ? 'dish' : 'label') }}</span></label>
                @endforeach
            </div>
        </fieldset>
    @endforeach
    @unless (isset($asks['filling']))<input type="hidden" name="filling" value="right">@endunless
    <fieldset><legend>{{ $t('pages/stove.and-if-so') }}</legend><div class="taps">@foreach (Orbek\Core\Cook\Also::cases()
        as $one)<label><input type="checkbox"
        name="also" value="{{ $one->value }}" @checked($fold->state->outcome?->had($one) === true)><span>{{ $say->label($one)
        }}</span></label>@endforeach</div></fieldset>
    <fieldset class="where"><legend>{{ $t('pages/stove.where-was-the-rice-off') }}</legend><div
        class="taps">@foreach (Orbek\Core\Cook\Where::cases() as $where)<label><input type="radio" name="where" value="{{ $where->value }}"
        @checked($fold->state->outcome?->where === $where)><span>{{ $say->label($where) }}</span></label>@endforeach</div></fieldset>
    <label class="line" for="line{{ $place ?? '' }}">{{ $t('pages/stove.one-line-for-next-time') }}</label>
    <input id="line{{ $place ?? '' }}" name="line" maxlength="200" value="{{ $fold->state->outcome?->line }}" autocomplete="off">
    <button class="act main">{{ $t('pages/stove.write-the-note', isNoted: $fold->state->outcome !== null) }}</button>
</form>
@if ($fold->state->outcome !== null)
    @if (($left = $fold->leftovers()) !== null)
        <p class="left-told">{{ $t('pages/stove.portions-in-the-fridge', portions: $left->portions, isInTime: $left->isInTime(), by:
            $say->dated($left->eatBy()->setTimezone($fold->plan()->kitchen->site->timezone), 'day'), stood:
                $say->duration($left->stoodMin()))
            }}</p>
    @elseif ($fold->state->leftoversGone === null)
        <form class="left-form" data-event="chilled"><label>{{ $t('pages/stove.left-over-portions') }} <input name="portions" type="number"
            min="1" max="40"
            step="1" value="{{ max(1, $fold->plan()->dish->table->leftovers) }}" required></label><button>{{
                $t('pages/stove.into-the-fridge-now') }}</button></form>
        <p class="small">{{ $t('pages/stove.cool-it-shallow-within-2-h', degrees: $say->degrees(32)) }}</p>
    @endif
    @include('stove.photograph', ['home' => $home, 'shows' => App\Models\Shows::Crust])
@endif
