<x-layouts.place :title="$t('pages/meal.a-meal-from-a-file')" place="shelf">
    <div class="page preview">
        <h1>{{ $plan->meal->name }}</h1>
        <p class="lead">{{ $t('pages/meal.so-it-would', eaters: $plan->meal->eaters, tableAt: $say->dated($plan->tableAt, 'day'), hour:
            $say->time($plan->tableAt)) }}</p>
        <ul class="amounts">@foreach ($plan->plans as $one)<li>{{ $th('pages/meal.for-in', dish: $one->dish->name, eaters:
            $one->dish->table->eaters, pot: $one->pot()->name) }}</li>@endforeach @foreach ($plan->meal->sides as $side)<li>{{ $side->name
            }}</li>@endforeach</ul>
        @foreach ($plan->clashes as $clash)<p class="clash">{{ $clash->says }}</p>@endforeach
        <form method="post" action="{{ route('meal.import') }}">@csrf
            <input type="hidden" name="document" value="{{ $json }}">
            <button class="act">{{ $t('pages/meal.keep-it-and-its-dishes') }}</button> <a href="{{ route('shelf') }}">{{
                $t('pages/meal.leave-it') }}</a>
        </form>
    </div>
</x-layouts.place>
