<x-layouts.place title="Two minutes" place="drill">
    <div class="page drill-session">
        @if (session('drill.said') !== null)<p class="said" role="status">{{ session('drill.said') }}</p>@endif
        <h1>{{ $answers->filter->isRight()->count() }} of {{ $answers->count() }} right</h1>
        <p class="under">{{ $answers->first()->answered_at->setTimezone($zone)->format('j F Y, H:i') }}</p>
        <ol class="again">
            @foreach ($answers as $answer)
                <li @class(['right' => $answer->isRight()])>
                    @if ($answer->spoonful() !== null)<x-drawing.spoonful :spoonful="$answer->spoonful()"
                        :form="Orbek\Core\Drill\Form::from($answer->form)" :stage="$answer->stage()"
                        />@endif
                    <p><strong>{{ $answer->isRight() ? 'Right' : 'Missed' }}</strong>:
                        @if ($answer->round === 'lift') a boil to be lifted when a grain {{ $say->label($answer->stage(), 'words') }}; {{
                            round(100 *
                            abs($answer->off)) }} points {{ $answer->off > 0 ? 'past' : 'short of' }} it.
                        @else it {{ $say->label($answer->stage(), 'words') }}, {{ round(100 * $answer->doneness) }} % cooked; you said {{
                            $answer->said !== null ? round(100 * $answer->said).' %' :
                            'it '.$say->label(Orbek\Core\Rice\Stage::from($answer->answered), 'words') }}.@unless ($answer->isRight()) {{
                            $say->label($answer->stage(), 'tells') }}@endunless @endif</p>
                </li>
            @endforeach
        </ol>
        <form method="post" action="{{ route('drill.begin') }}">@csrf<button class="act">Two minutes more</button> <a href="{{
            route('drill') }}">To the Drill</a></form>
    </div>
</x-layouts.place>
