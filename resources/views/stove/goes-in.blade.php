{{-- What goes in at the step at hand, in order; ticked with a wet knuckle where there are more than two; what has changed is marked. --}}
<ul class="goes-in" aria-label="{{ $t('pages/stove.what-goes') }}">
    @foreach ($goesIn as $index => $one)
        <li>@if (count($goesIn) > 2)<label><input type="checkbox" data-tick="{{ $id }}/{{ $index }}">
            <span><strong>{{ $say->amount($one->amount) }}</strong> {{ $one->inHand() }}@include('stove.was')</span></label>@else<strong>{{
            $say->amount($one->amount) }}</strong> {{ $one->inHand() }}@include('stove.was')@endif
            @isset($later[$one->toldName()])<span class="in-later" data-call-at="{{ $later[$one->toldName()]['at'] }}" data-says="{{
                $t('pages/stove.in-now', toldName: $one->toldName()) }}">{{ $th('pages/stove.in-at', clock:
                $later[$one->toldName()]['clock']) }}</span>@endisset</li>
    @endforeach
</ul>
