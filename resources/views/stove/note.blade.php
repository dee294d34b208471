<form class="note">
    @foreach ($asks as $name => ['title' => $title, 'cases' => $cases, 'isWanted' => $isWanted])
        <fieldset>
            <legend>{{ $title }}</legend>
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
    <fieldset><legend>And, if so</legend><div class="taps">@foreach (Orbek\Core\Cook\Also::cases() as $one)<label><input type="checkbox"
        name="also" value="{{ $one->value }}" @checked($fold->state->outcome?->had($one) === true)><span>{{ $say->label($one)
        }}</span></label>@endforeach</div></fieldset>
    <fieldset class="where"><legend>Where was the rice off</legend><div
        class="taps">@foreach (Orbek\Core\Cook\Where::cases() as $where)<label><input type="radio" name="where" value="{{ $where->value }}"
        @checked($fold->state->outcome?->where === $where)><span>{{ $where->value }}</span></label>@endforeach</div></fieldset>
    <label class="line" for="line{{ $place ?? '' }}">One line for next time</label>
    <input id="line{{ $place ?? '' }}" name="line" maxlength="200" value="{{ $fold->state->outcome?->line }}" autocomplete="off">
    <button class="act main">{{ $fold->state->outcome === null ? 'Write it down' : 'Change the note' }}</button>
</form>
@if ($fold->state->outcome !== null)
    @if (($left = $fold->leftovers()) !== null)
        <p class="left-told">{{ $left->portions }} {{ Str::plural('portion', $left->portions) }} in the fridge{{ $left->isInTime() ?
            '; eat by '.$left->eatBy()->setTimezone($fold->plan()->kitchen->site->timezone)->format('l j F') :
            ', after '.$say->duration($left->stoodMin()).': longer than cooked rice may stand. Throw it away' }}.</p>
    @elseif ($fold->state->leftoversGone === null)
        <form class="left-form" data-event="chilled"><label>Left over, portions <input name="portions" type="number" min="1" max="40"
            step="1" value="{{ max(1, $fold->plan()->dish->table->leftovers) }}" required></label><button>Into the fridge
            now</button></form>
        <p class="small">Cool it shallow; within 2 h (1 h in a room above {{ $say->degrees(32) }}).</p>
    @endif
    @include('stove.photograph', ['home' => $home, 'shows' => App\Models\Shows::Crust])
@endif
