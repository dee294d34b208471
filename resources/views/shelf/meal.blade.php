<a href="{{ route('meal', $meal, false) }}" class="table">
    @if ($plan !== null)<span class="pots">@foreach ($plan->plans as $one)<x-drawing.pot :plan="$one" :scale="4.2" :labels="false"
        />@endforeach</span>@endif
    <strong>{{ $meal->name }}</strong>
</a>
<p class="facts">{{ $at->format('l j F') }} <strong>{{ $say->time($at) }}</strong>, for {{ $meal->document['eaters'] }}@if ($plan !== null);
    begin {{ $begins->format('Y-m-d') === $at->format('Y-m-d') ? '' : $begins->format('l').' ' }}at <strong>{{ $say->time($begins)
    }}</strong>, {{ $say->hours($plan->laid->busyMin) }} in the kitchen @endif</p>
@if ($wrong !== [])<p class="clash">{{ $wrong[0]->says }}</p>@endif
