<a href="{{ route('meal', $meal, false) }}" class="table">
    @if ($plan !== null)<span class="pots">@foreach ($plan->plans as $one)<x-drawing.pot :plan="$one" :scale="4.2" :labels="false"
        />@endforeach</span>@endif
    <strong>{{ $meal->name }}</strong>
</a>
<p class="facts">{{ $th('pages/shelf.for', format: $say->dated($at, 'day'), at: $say->time($at), eaters: $meal->document['eaters'])
    }}@if ($plan !== null){{ $th('pages/shelf.begin-at', isThatDay: $begins->format('Y-m-d') === $at->format('Y-m-d'), day:
        $say->dated($begins, 'weekday'), at: $say->time($begins), busy: $say->hours($plan->laid->busyMin)) }} @endif</p>
@if ($wrong !== [])<p class="clash">{{ $wrong[0]->says }}</p>@endif
