{{-- What an edge eased off the wall is held against. --}}
<div class="swatches">@foreach ($edges as $cue)<button type="button" data-event="cue" data-subject="{{ $cue->id }}"><i class="{{
    $cue->id }}"></i>{{ $cue->short }}</button>@endforeach</div>
