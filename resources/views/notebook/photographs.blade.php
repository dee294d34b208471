<h2 id="crust">Photographs</h2>
@if ($fold->state->measuredCrust !== null)
    <p class="measured"><svg class="swatch" viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><rect width="1" height="1"
        fill="{{ $fold->state->measuredCrust->colour->hex() }}"/></svg>
        @if ($fold->state->measuredCrust->tooOdd !== null)
            The crust’s colour could not be measured: {{ $say->first($fold->state->measuredCrust->tooOdd) }}.
        @else
            The crust, measured under white light: likely <strong>{{
                $say->label(Orbek\Core\Lid\CrustColour::of($fold->state->measuredCrust->browning()))
                }}</strong>{{ $fold->state->measuredCrust->between()[0] === $fold->state->measuredCrust->between()[1] ? '' :
                    ', '.$say->label($fold->state->measuredCrust->between()[0]).' to '
                    .$say->label($fold->state->measuredCrust->between()[1])
                    }} (browning {{ number_format($fold->state->measuredCrust->browning(),
                2) }}, {{ number_format(exp($fold->state->measuredCrust->lnBrowning - 1.28 * $fold->state->measuredCrust->sd), 2) }} to {{
                number_format(exp($fold->state->measuredCrust->lnBrowning + 1.28 * $fold->state->measuredCrust->sd), 2) }}). It teaches the
                    ring instead of the colour that was
                picked.
        @endif
    </p>
@endif
<ul class="photographs">
    @foreach ($photographs as $photograph)
        <li x-data="crust">
            <figure>
                <div class="touched">
                    <img x-ref="picture" src="{{ route('photograph', $photograph) }}" width="{{ $photograph->width }}" height="{{
                        $photograph->height }}" alt="{{ ucfirst($photograph->shows->words()) }}, {{ $local($photograph->taken_at) }}"
                            loading="lazy" @if ($photograph->shows === App\Models\Shows::Crust)
                        x-on:click="touch($event)" @endif>
                    @if ($photograph->shows === App\Models\Shows::Crust)
                        <i class="spot crust" x-bind:style="spot('crust')" aria-hidden="true">crust</i><i class="spot white"
                            x-bind:style="spot('white')" aria-hidden="true">white</i>
                    @endif
                </div>
                <figcaption>{{ ucfirst($photograph->shows->words()) }}, {{ $local($photograph->taken_at) }}</figcaption>
            </figure>
            @if ($photograph->shows === App\Models\Shows::Crust)
                <form method="post" action="{{ route('photograph.measure', $photograph) }}" class="measure-crust">
                    @csrf
                    <p class="small">Touch the crust in the picture, then something white beside it (paper, a plate): the colour is
                        measured as under white light.</p>
                    @foreach (['crust' => 'Crust', 'white' => 'White'] as $what => $title)
                        <p>{{ $title }} at <label><input name="{{ $what }}_across" type="number" min="0" max="100" step="0.1" required
                            x-model="{{ $what }}.across" x-on:focus="aim('{{ $what }}')" aria-label="{{ $title }}, % from the left">
                            %</label> across, <label><input name="{{ $what }}_down" type="number" min="0" max="100" step="0.1" required
                            x-model="{{ $what }}.down" x-on:focus="aim('{{ $what }}')" aria-label="{{ $title }}, % from the top"> %</label>
                            down</p>
                    @endforeach
                    <button class="quiet">Measure the crust</button>
                </form>
            @endif
            <form method="post" action="{{ route('photograph.away', $photograph) }}">@csrf<button class="small-button"
                aria-label="Take away: {{ ucfirst($photograph->shows->words()) }}, {{ $local($photograph->taken_at) }}">Take
                    away</button></form>
        </li>
    @endforeach
</ul>
@include('notebook.photograph-form', ['cook' => $cook, 'shows' => App\Models\Shows::Crust])
