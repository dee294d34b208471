<x-layouts.place :title="'Lists for '.$dish->name" place="pot" :$dish>
    <div class="page list-page" x-data="ticks" data-url="{{ route('dish.tick', $dish) }}" x-on:change="tick($event)">
        <h1>{{ $dish->name }}, for {{ $plan->dish->table->eaters }} <span class="under">{{ $plan->day->tableAt->format('l j F') }} {{
            $say->time($plan->day->tableAt) }}</span></h1>
        <div class="message" role="alert" x-show="message" x-cloak><span x-text="message"></span></div>
        <section aria-labelledby="buy">
            <h2 id="buy">To buy</h2>
            @foreach (Orbek\Core\Plan\Shopping\Shopping::of($plan) as $aisle => $things)
                <h3>{{ $say->label(Orbek\Core\Plan\Shopping\Aisle::from($aisle)) }}</h3>
                <ul>
                    @foreach ($things as $thing)
                        <li class="row"><label class="tick-off"><input type="checkbox"
                            value="{{ $thing['key'] }}" @checked($ticked->has($thing['key']))
                            autocomplete="off"><span class="what"><strong>{{
                            $say->amount($thing['amount']) }}</strong> {{ $thing['name'] }}</span></label>
                            <form method="post" action="{{ route('pantry') }}">@csrf<x-of-kitchen :$row /><input type="hidden" name="name"
                                value="{{ $thing['name'] }}"><button class="small-button" name="has" value="1" aria-label="Always here: {{
                                $thing['name'] }}">Always here</button></form></li>
                    @endforeach
                </ul>
            @endforeach
            @include('kitchen.run-out', ['home' => $plan->kitchen])
            @if ($plan->kitchen->pantry->always !== [])
                <h3>Left out, since it is always here</h3>
                <ul>@foreach ($plan->kitchen->pantry->always as $name)<li class="row"><span>{{ $name }}</span><form method="post" action="{{
                    route('pantry') }}">@csrf<x-of-kitchen :$row /><input type="hidden" name="name" value="{{ $name }}"><button
                    class="small-button" name="has" value="0" aria-label="Buy it again: {{ $name }}">Buy it
                    again</button></form></li>@endforeach</ul>
            @endif
        </section>
        <section aria-labelledby="ready">
            <h2 id="ready">To put ready, in the order of the work</h2>
            @foreach (Orbek\Core\Plan\Work\Mise::of($plan) as $entry)
                <h3>{{ $say->time($plan->day->startsAt($entry->work->task->id)) }} {{ $entry->work->name }}@if ($entry->work->keeps !==
                    null)<span class="small">; can be done ahead, keeps {{ $entry->work->keeps }}</span>@endif</h3>
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
