<x-layouts.place title="A meal from a file" place="shelf">
    <div class="page preview">
        <h1>{{ $plan->meal->name }}</h1>
        <p class="lead">So it would be in this kitchen, for {{ $plan->meal->eaters }} on {{ $plan->tableAt->format('l j F') }} at {{
            $say->time($plan->tableAt) }}. Nothing is kept yet.</p>
        <ul class="amounts">@foreach ($plan->plans as $one)<li><strong>{{ $one->dish->name }}</strong> for {{ $one->dish->table->eaters }},
            in the {{ $one->pot()->name }}</li>@endforeach @foreach ($plan->meal->sides as $side)<li>{{ $side->name }}</li>@endforeach</ul>
        @foreach ($plan->clashes as $clash)<p class="clash">{{ $clash->says }}</p>@endforeach
        <form method="post" action="{{ route('meal.import') }}">@csrf
            <input type="hidden" name="document" value="{{ $json }}">
            <button class="act">Keep it, and its dishes</button> <a href="{{ route('shelf') }}">Leave it</a>
        </form>
    </div>
</x-layouts.place>
