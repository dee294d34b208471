<x-layouts.place :title="$t('pages/drill.two-minutes')" place="drill">
    <div class="page drill-session">
        @if (session('drill.said') !== null)<p class="said" role="status">{{ session('drill.said') }}</p>@endif
        <h1>{{ $t('pages/drill.of-right', answers: $answers->filter->isRight()->count(), asked: $answers->count()) }}</h1>
        <p class="under">{{ $say->dated($answers->first()->answered_at->setTimezone($zone), 'date-year-hour') }}</p>
        <ol class="again">
            @foreach ($answers as $answer)
                <li @class(['right' => $answer->isRight()])>
                    @if ($answer->spoonful() !== null)<x-drawing.spoonful :spoonful="$answer->spoonful()"
                        :form="Orbek\Core\Drill\Form::from($answer->form)" :stage="$answer->stage()"
                        />@endif
                    <p>@if ($answer->round === 'lift')
                            {{ $th('pages/drill.lift-answered', isRight: $answer->isRight(), stage: $say->label($answer->stage(), 'words'),
                                points: (int) round(100 * abs($answer->off)), isPast: $answer->off > 0) }}
                        @else
                            {{ $th('pages/drill.grain-answered', isRight: $answer->isRight(), stage: $say->label($answer->stage(), 'words'),
                                cooked: (int) round(100 * $answer->doneness), isFar: $answer->said !== null,
                                said: (int) round(100 * ($answer->said ?? 0)), answered: $answer->said !== null ? ''
                                : $say->label(Orbek\Core\Rice\Stage::from($answer->answered), 'words')) }}@unless ($answer->isRight()) {{
                            $say->label($answer->stage(), 'tells') }}@endunless @endif</p>
                </li>
            @endforeach
        </ol>
        <form method="post" action="{{ route('drill.begin') }}">@csrf<button class="act">{{ $t('pages/drill.two-minutes-more') }}</button>
            <a href="{{
            route('drill') }}">{{ $t('pages/drill.to-the-drill') }}</a></form>
    </div>
</x-layouts.place>
