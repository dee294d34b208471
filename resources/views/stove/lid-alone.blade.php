<div class="lid-alone" hidden data-px-per-min="{{ round($drawing->pxPerMin(), 4) }}" data-end="{{ round($drawing->minutes(),
    2) }}">
    <x-drawing.heat :kitchen="$sealed->kitchen" :ring="$sealed->potted->first()->place->ring->id" :heat="$sealed->potted->first()->heat()"
        :course="$sealed->course()" :now="0" :width="350" />
    <p class="steer-alone" data-steers="{{ json_encode($steers) }}" role="status" hidden></p>
    <div class="taps" role="group" aria-label="{{ $t('pages/stove.what-do-you-see')
        }}">@foreach ($cues as $cue)<button
        type="button" data-event="cue" data-subject="{{ $cue->id }}">{{ $cue->says }}</button>@endforeach</div>
    <p>{{ $t('pages/stove.look-at-the-edge') }}</p>
    @include('stove.swatches', ['edges' => $edges])
    @include('stove.photograph', ['cook' => $cooks[$step['dish']], 'home' => route('cook', $cooks[$step['dish']], false),
        'shows' => App\Models\Shows::Lid])
</div>
