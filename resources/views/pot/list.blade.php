<x-layouts.place :title="$t('pages/pot.lists-for', dish: $dish->name)" place="pot" :$dish>
    <div class="page list-page" x-data="ticks" data-url="{{ route('dish.tick', $dish) }}" x-on:change="tick($event)">
        <h1>{{ $t('pages/pot.for-2', dish: $dish->name, eaters: $plan->dish->table->eaters) }} <span class="under">{{
            $say->dated($plan->day->tableAt, 'day') }} {{
            $say->time($plan->day->tableAt) }}</span></h1>
        <div class="message" role="alert" x-show="message" x-cloak><span x-text="message"></span></div>
        <section aria-labelledby="buy">
            <h2 id="buy">{{ $t('pages/pot.to-buy') }}</h2>
            @foreach (Orbek\Core\Plan\Shopping\Shopping::of($plan) as $aisle => $things)
                <h3>{{ $say->label(Orbek\Core\Plan\Shopping\Aisle::from($aisle)) }}</h3>
                <ul>
                    @foreach ($things as $thing)
                        <li class="row"><label class="tick-off"><input type="checkbox"
                            value="{{ $thing['key'] }}" @checked($ticked->has($thing['key']))
                            autocomplete="off"><span class="what"><strong>{{
                            $say->amount($thing['amount']) }}</strong> {{ $thing['name'] }}</span></label>
                            <form method="post" action="{{ route('pantry') }}">@csrf<x-of-kitchen :$row /><input type="hidden" name="name"
                                value="{{ $thing['shop'] }}"><button class="small-button" name="has" value="1" aria-label="{{
                                    $t('pages/pot.always-here-2', name: $thing['name']) }}">{{ $t('pages/pot.always-here')
                                    }}</button></form></li>
                    @endforeach
                </ul>
            @endforeach
            @include('kitchen.run-out', ['home' => $plan->kitchen])
            @if ($plan->kitchen->pantry->always !== [])
                <h3>{{ $t('pages/pot.left-out-since-it-is-always') }}</h3>
                <ul>@foreach ($plan->kitchen->pantry->always as $name)<li class="row"><span>{{
                    Orbek\Core\Dish\Staple::named($name) }}</span><form method="post" action="{{
                    route('pantry') }}">@csrf<x-of-kitchen :$row /><input type="hidden" name="name" value="{{ $name }}"><button
                    class="small-button" name="has" value="0" aria-label="{{ $t('pages/pot.buy-it-again-2', name:
                        Orbek\Core\Dish\Staple::named($name)) }}">{{
                        $t('pages/pot.buy-it-again') }}</button></form></li>@endforeach</ul>
            @endif
        </section>
        <section aria-labelledby="ready">
            <h2 id="ready">{{ $t('pages/pot.to-put-ready-in-the-order') }}</h2>
            @foreach (Orbek\Core\Plan\Work\Mise::of($plan) as $entry)
                <h3>{{ $say->time($plan->day->startsAt($entry->work->task->id)) }} {{ $entry->work->name }}@if ($entry->work->keeps !==
                    null)<span class="small">{{ $t('pages/pot.can-be-done-ahead-keeps', keeps: $entry->work->keeps) }}</span>@endif</h3>
                <ul>
                    @foreach ($entry->things as $thing)
                            <li><label class="tick-off"><input type="checkbox" value="{{ "ready:{$thing->task}:".$say($thing->name) }}"
                                @checked($ticked->has("ready:{$thing->task}:".$say($thing->name)))
                            autocomplete="off"><span class="what"><strong>{{ $say->amount($thing->amount) }}</strong> {{ $thing->name
                            }}</span></label></li>
                    @endforeach
                </ul>
            @endforeach
        </section>
    </div>
</x-layouts.place>
