{{-- What was got ready before and goes in now. --}}
<ul class="goes-in brought" aria-label="{{ $t('pages/stove.got-ready-before') }}">
    @foreach ($brought as $one)
        <li><strong>{{ $say->amount($one->amount) }}</strong> {{ $one->name }}@if (isset($of->state->progress[$one->task]->doneAt))<span
            class="small">{{ $t('pages/stove.ready-since', doneAt: $local($of->state->progress[$one->task]->doneAt)) }}</span>@endif</li>
    @endforeach
</ul>
