@php
    use App\Models\Shows;
    $measured = $fold->state->measuredCrust;
    $told = fn ($colour) => $say->label($colour);
@endphp
<h2 id="crust">Photographs</h2>
@if ($measured !== null)
    <p class="measured"><svg class="swatch" viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><rect width="1" height="1"
        fill="{{ $measured->colour->hex() }}"/></svg>
        @if ($measured->tooOdd !== null)
            The crust’s colour could not be measured: {{ $say->first($measured->tooOdd) }}.
        @else
            @php [$from, $to] = $measured->between(); @endphp
            The crust, measured under white light: likely <strong>{{ $told(Orbek\Core\Lid\CrustColour::of($measured->browning()))
                }}</strong>{{ $from === $to ? '' : ', '.$told($from).' to '.$told($to) }} (browning {{ number_format($measured->browning(),
                2) }}, {{ number_format(exp($measured->lnBrowning - 1.28 * $measured->sd), 2) }} to {{
                number_format(exp($measured->lnBrowning + 1.28 * $measured->sd), 2) }}). It teaches the ring instead of the colour that was
                picked.
        @endif
    </p>
@endif
<ul class="photographs">
    @foreach ($photographs as $photograph)
        @php $words = ucfirst($photograph->shows->words()); $at = $local($photograph->taken_at); @endphp
        <li x-data="crust">
            <figure>
                <div class="touched">
                    <img x-ref="picture" src="{{ route('photograph', $photograph) }}" width="{{ $photograph->width }}" height="{{
                        $photograph->height }}" alt="{{ $words }}, {{ $at }}" loading="lazy" @if ($photograph->shows === Shows::Crust)
                        x-on:click="touch($event)" @endif>
                    @if ($photograph->shows === Shows::Crust)
                        <i class="spot crust" x-bind:style="spot('crust')" aria-hidden="true">crust</i><i class="spot white"
                            x-bind:style="spot('white')" aria-hidden="true">white</i>
                    @endif
                </div>
                <figcaption>{{ $words }}, {{ $at }}</figcaption>
            </figure>
            @if ($photograph->shows === Shows::Crust)
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
                aria-label="Take away: {{ $words }}, {{ $at }}">Take away</button></form>
        </li>
    @endforeach
</ul>
@include('notebook.photograph-form', ['cook' => $cook, 'shows' => Shows::Crust])
