<x-layouts.place :title="$t('pages/meal.shopping-and-mise-2', meal: $meal->name)" place="clock">
    <div class="page list-page">
        <h1>{{ $t('pages/meal.for-2', meal: $meal->name, eaters: $plan->meal->eaters) }} <span class="under">{{
            $say->dated($plan->tableAt, 'day') }} {{
            $say->time($plan->tableAt) }}</span></h1>
        <p class="no-print"><a href="{{ route('meal', $meal) }}">{{ $t('pages/meal.back-to-the-clock') }}</a></p>
        <section>
            <h2>{{ $t('pages/meal.to-buy') }}</h2>
            @foreach ($shopping as $aisle => $things)
                <h3>{{ $say->label(Orbek\Core\Plan\Shopping\Aisle::from($aisle)) }}</h3>
                <ul class="amounts">@foreach ($things as $thing)<li><strong>{{ $say->amount($thing['amount'])
                    }}</strong> {{ $thing['name']
                    }}</li>@endforeach</ul>
            @endforeach
            @include('kitchen.run-out')
        </section>
        <section>
            <h2>{{ $t('pages/meal.to-put-ready-in-the-order') }}</h2>
            <ul class="amounts">
                @foreach ($plan->tasks as $id => $task)
                    @if ($plan->ingredientsOf($task) !== [])<li id="ready-{{ $id
                        }}"><strong>{{ $say->time($plan->at($plan->start($id))) }} {{ $task->name
                        }}</strong>@if (count($plan->plans) > 1){{ $comma }}{{ $plan->plans[$task->dish]->dish->name }}@endif: {{
                        collect($plan->ingredientsOf($task))->map(fn ($one) =>
                            $say->amount($one->amount).' '.$say($one->name))->implode($comma) }}</li>@endif
                @endforeach
            </ul>
        </section>
    </div>
</x-layouts.place>
