{{-- A step that ends by a look: from when on to look, how much room there is, and what is tasted. --}}
@if ($asked->look !== null)
    <p class="window"><span data-shown-till="{{ $asked->from->getTimestamp() }}">{{ $t('pages/stove.look-from', from: $local($asked->from))
        }}</span>
        @unless ($asked->isTender)<strong data-shown-from="{{ $asked->tooFarFrom->getTimestamp() }}" hidden>{{
            $t('pages/stove.look-now') }}</strong>@endunless
        @if ($asked->roomMin !== null){{ $t('pages/stove.it-may-go-on-min-past', roomMin: $asked->roomMin) }}@endif</p>
@endif
@if ($asked->tastes !== null)
    <h2 id="taste">{{ $t('pages/stove.taste', tastes: $say->label($asked->tastes)) }}</h2>
    <div class="asks" role="group" aria-labelledby="taste">
        @foreach (Orbek\Core\Cook\TasteSaid::sayOf($asked->tastes) as $one)
            <button type="button" data-event="tasted" data-subject="{{ $task->task }}" data-taste="{{ $one->value }}" aria-pressed="{{
                $one === $asked->taste ? 'true' : 'false' }}">{{ $say->label($one) }}</button>
        @endforeach
    </div>
    @if ($asked->mend !== null)<p class="window" role="status">{{ $say->first($asked->mend) }}</p>@endif
@endif
