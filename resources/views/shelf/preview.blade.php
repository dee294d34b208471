<x-layouts.place :title="$t('pages/shelf.a-dish-from-a-file')" place="shelf">
    <div class="page preview">
        <h1>{{ $plan->dish->name }}</h1>
        <p class="under">{{ $plan->dish->school->label }}: {{ $plan->dish->school->gloss }}.</p>
        <div class="both">
            <x-drawing.pot :$plan :scale="10" />
            <div>
                <p class="lead">{{ $t('pages/shelf.so-it-would', eaters: $plan->dish->table->eaters) }}</p>
                @if ($known)<p>{{ $t('pages/shelf.there-is-a-dish') }}</p>@endif
                @foreach ($plan->clashes as $clash)<p class="clash">{{ $clash->says }}</p>@endforeach
                <ul class="measure">
                    @foreach ($plan->ingredients as $ingredient)<li><span>{{ $ingredient->name }}</span> <strong>{{
                        $say->amount($ingredient->amount) }}</strong></li>@endforeach
                </ul>
                <form method="post" action="{{ route('dish.import') }}">
                    @csrf
                    <input type="hidden" name="document" value="{{ json_encode($plan->dish->toArray(), JSON_UNESCAPED_UNICODE |
                        JSON_PRESERVE_ZERO_FRACTION) }}">
                    <button class="act">{{ $t('pages/shelf.put-it-on-the-shelf') }}</button>
                    <a href="{{ route('shelf') }}">{{ $t('pages/shelf.leave-it') }}</a>
                </form>
            </div>
        </div>
    </div>
</x-layouts.place>
