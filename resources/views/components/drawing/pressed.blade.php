@props(['stage'])
{{-- The same grain pressed between two lines: what thumb and finger feel. --}}
<svg class="drawing pressed" viewBox="0 0 64 40" width="64" height="40" aria-hidden="true">
    <path class="plates" d="M6,6H58M6,34H58"/>
    @switch($stage->value)
        @case('snaps')
            <path class="flesh" d="M8,20Q18,11 29,13L26,20L30,27Q18,29 8,20Z"/><path class="flesh"
                d="M56,20Q46,11 35,13L32,20L36,27Q46,29 56,20Z"/>
            @break
        @case('half')
            <path class="flesh" d="M7,20Q32,4 57,20Q32,36 7,20Z"/><path class="heart" d="M15,20Q32,10 49,20Q32,30 15,20Z"/>
            @break
        @case('rises')
            <path class="flesh" d="M7,20Q32,4 57,20Q32,36 7,20Z"/><path class="heart" d="M20,20Q32,13 44,20Q32,27 20,20Z"/><path
                class="plates" d="M32,14v12"/>
            @break
        @case('breaks')
            @foreach ([16, 32, 48] as $x)
                <path class="flesh" d="M{{ $x - 8 }},20q4,-10 8,-10t8,10q-4,10 -8,10t-8,-10Z"/><circle class="heart" cx="{{ $x }}" cy="20"
                    r="2.6"/>
            @endforeach
            @break
        @case('thread')
            <path class="flesh" d="M5,22Q32,4 59,22Q32,38 5,22Z"/><path class="plates" stroke-dasharray="4 3" d="M17,21H47"/>
            @break
        @case('point')
            <path class="flesh" d="M4,23Q32,6 60,23Q32,37 4,23Z"/><circle class="point" cx="32" cy="22" r="1.8"/>
            @break
        @default
            <path class="flesh" d="M3,33Q4,22 16,23Q22,12 33,17Q44,13 49,23Q61,22 61,33Z"/>
    @endswitch
</svg>
