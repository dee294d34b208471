@props(['figure', 'plain' => false])
{{-- A figure in the cook's units that opens to where it came from. --}}
<details {{ $attributes->class(['figure', 'plain' => $plain]) }} data-keep-open><summary>{{ $slot->isEmpty() ? $say->amount($figure) : $slot
    }}</summary><span class="why">@foreach ($figure->why as $line)<span>{{ $line }}</span>@endforeach</span></details>