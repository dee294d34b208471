<h2 id="crust">{{ $t('pages/notebook.photographs') }}</h2>
@if ($fold->state->measuredCrust !== null)
    <p class="measured"><svg class="swatch" viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><rect width="1" height="1"
        fill="{{ $fold->state->measuredCrust->colour->hex() }}"/></svg>
        @if ($fold->state->measuredCrust->tooOdd !== null) {{ $t('pages/notebook.the-crusts-colour-could', tooOdd:
            $say->first($fold->state->measuredCrust->tooOdd)) }} @else
            {{ $th('pages/notebook.crust-measured', colour: Orbek\Core\Lid\CrustColour::of($fold->state->measuredCrust->browning()), isSure:
                $fold->state->measuredCrust->between()[0] === $fold->state->measuredCrust->between()[1], from:
                $fold->state->measuredCrust->between()[0], to: $fold->state->measuredCrust->between()[1], browning:
                number_format($fold->state->measuredCrust->browning(), 2), least: number_format(exp($fold->state->measuredCrust->lnBrowning
                - 1.28 * $fold->state->measuredCrust->sd), 2), most: number_format(exp($fold->state->measuredCrust->lnBrowning + 1.28 *
                $fold->state->measuredCrust->sd), 2)) }}
        @endif
    </p>
@endif
<ul class="photographs">
    @foreach ($photographs as $photograph)
        <li x-data="crust">
            @if ($photograph->reading !== null)@include('glass.seen')<p class="small">{{ $t('pages/notebook.shows-first', shows:
                $photograph->shows->value) }}{{ $comma }}{{ $local($photograph->taken_at) }}</p>@else
            <figure>
                <div class="touched">
                    <img x-ref="picture" src="{{ route('photograph', $photograph) }}" width="{{ $photograph->width }}" height="{{
                        $photograph->height }}" alt="{{ $t('pages/notebook.shows-first', shows: $photograph->shows->value) }}, {{
                            $local($photograph->taken_at) }}"
                            loading="lazy" @if ($photograph->shows === App\Models\Shows::Crust)
                        x-on:click="touch($event)" @endif>
                    @if ($photograph->shows === App\Models\Shows::Crust)
                        <i class="spot crust" x-bind:style="spot('crust')" aria-hidden="true">{{ $t('pages/notebook.crust-2') }}</i><i
                            class="spot white"
                            x-bind:style="spot('white')" aria-hidden="true">{{ $t('pages/notebook.white') }}</i>
                    @endif
                </div>
                <figcaption>{{ $t('pages/notebook.shows-first', shows: $photograph->shows->value) }}{{ $comma }}{{
                    $local($photograph->taken_at)
                    }}</figcaption>
            </figure>
            @endif
            @if ($photograph->shows === App\Models\Shows::Crust)
                <form method="post" action="{{ route('photograph.measure', $photograph) }}" class="measure-crust">
                    @csrf
                    <p class="small">{{ $t('pages/notebook.touch-the-crust-in-the-picture') }}</p>
                    @foreach (['crust' => $t('pages/notebook.crust-4'), 'white' => $t('pages/notebook.white-2')] as $what => $title)
                        <p>{{ $t('pages/notebook.at', title: $title) }} <label><input name="{{ $what }}_across" type="number" min="0"
                            max="100" step="0.1" required
                            x-model="{{ $what }}.across" x-on:focus="aim('{{ $what }}')" aria-label="{{ $t('pages/notebook.from-the-left',
                                title: $title) }}">
                            {{ $t('units.percent-sign') }}</label> {{ $t('pages/notebook.across') }} <label><input name="{{ $what }}_down"
                                type="number" min="0"
                                max="100" step="0.1" required
                            x-model="{{ $what }}.down" x-on:focus="aim('{{ $what }}')" aria-label="{{ $t('pages/notebook.from-the-top',
                                title: $title) }}"> {{ $t('units.percent-sign')
                                    }}</label> {{ $t('pages/notebook.down') }}</p>
                    @endforeach
                    <button class="quiet">{{ $t('pages/notebook.measure-the-crust') }}</button>
                </form>
            @endif
            <form method="post" action="{{ route('photograph.away', $photograph) }}">@csrf<button class="small-button"
                aria-label="{{ $t('pages/notebook.take-away-2', shows: $t('pages/notebook.shows-first', shows: $photograph->shows->value),
                    takenAt:
                    $local($photograph->taken_at)) }}">{{ $t('pages/notebook.take-away') }}</button></form>
        </li>
    @endforeach
</ul>
@include('notebook.photograph-form', ['cook' => $cook, 'shows' => App\Models\Shows::Crust])
