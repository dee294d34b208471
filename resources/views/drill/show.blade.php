<x-layouts.place :title="$t('pages/drill.drill')" place="drill">
    <div class="page drill-page">
        @if ($said !== null)<p class="said" role="status">{{ $said }}</p>@endif
        <section>
            <div class="two-minutes" @if ($session !== null) x-data="minutes" data-left="{{ max(0, $left) }}" @endif>
                @if ($session === null)
                    <form method="post" action="{{ route('drill.begin') }}">@csrf<button class="quiet">{{
                        $t('pages/drill.two-minutes-of-grains') }}</button></form>
                @else
                    <p><strong class="clock" x-text="shown()">{{ $t('pages/drill.seconds', seconds: max(0, $left)) }}</strong> {{
                        $t('pages/drill.left-to-answer') }}</p>
                @endif
            </div>
            <h1>{{ $t('pages/drill.what-is-asked', isFar: $asked['round'] === 'far') }}</h1>
            <div class="asked">
                @if ($photograph !== null)<img class="own-glass" src="{{ route('photograph', $photograph) }}" width="{{
                    $photograph->width }}" height="{{ $photograph->height }}" alt="{{ $t('pages/drill.a-photograph-of-your-own') }}">
                <p>{{ $t('pages/drill.a-photograph-of-your-own') }}</p>
                @else<x-drawing.spoonful :$spoonful :$form />
                <p>{{ ['plates' => $t('pages/drill.a-spoonful-between-two-glass-plates'), 'pressed' =>
                    $t('pages/drill.one-pressed-between-thumb-and-finger'), 'bitten' =>
                    $t('pages/drill.one-bitten'), 'pot' => $t('pages/drill.the-boil-from-above')][$form->value] }}</p>
                @endif
            </div>
            @if ($asked['round'] === 'far')
                <form method="post" action="{{ route('drill.name') }}" class="far" x-data="far">
                    @csrf
                    <label for="said">{{ $t('pages/drill.cooked-so-far-of-its-section') }} <output x-text="shown()">{{
                        $say->digits(50) }}</output></label>
                    <input id="said" name="said" type="range" min="0" max="100" step="1" value="50" x-model="said">
                    <button class="act">{{ $t('pages/drill.that-far') }}</button>
                </form>
            @else
                <form method="post" action="{{ route('drill.name') }}" class="answers">
                    @csrf
                    @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                        <button name="stage" value="{{ $stage->value }}">@if ($form !== Orbek\Core\Drill\Form::Pressed)<x-drawing.pressed
                            :$stage />@endif{{ $say->label($stage) }}</button>
                    @endforeach
                </form>
            @endif
            @if ($hasOwn && $photograph === null)<form method="post" action="{{ route('drill.own') }}">@csrf<button class="quiet">{{
                $t('pages/drill.ask-of-a-photograph-of-yours') }}</button></form>@endif
        </section>
        <section x-data="drill" data-course="{{ json_encode($course) }}">
            <h2>{{ $t('pages/drill.lift-it') }}</h2>
            <p>{{ $th('pages/drill.in-the-pot-a-grain', target: $say->label($lift->target, 'words')) }}</p>
            <p class="count" x-text="shown()">{{ $say->digits('0:00') }}</p>
            <p class="felt" role="status" x-text="felt">{{ $t('pages/drill.press-start-test-grains-lift') }}</p>
            <form method="post" action="{{ route('drill.lift') }}" x-on:submit="lift($event)">
                @csrf
                <input type="hidden" name="seconds" x-bind:value="whole">
                <button type="button" class="act" x-show="!running" x-on:click="start()">{{ $t('pages/drill.rice-is') }}</button>
                <button type="button" class="act test" x-show="running" x-cloak x-on:click="test()">{{ $t('pages/drill.test-a-grain')
                    }}</button>
                <button class="act" x-show="running" x-cloak>{{ $t('pages/drill.lift') }}</button>
            </form>
        </section>
        <section class="scores">
            <h2>{{ $t('pages/drill.your-eye') }}</h2>
            @forelse ($eye->words() as $words)<p>{{ $say->first($words) }}.</p>@empty<p>{{ $t('pages/drill.readings-so-far', readings:
                $eye->readings) }}</p>@endforelse
            <h2>{{ $t('pages/drill.over-the-days') }}</h2>
            @if ($weakest !== null)<p>{{ $t('pages/drill.you-miss-most-often-the-grain', weakest: $say->label($weakest, 'words'))
                }}</p>@endif
            <table class="facts">
                <thead><tr><th scope="col">{{ $t('pages/drill.day') }}</th><th scope="col">{{ $t('pages/drill.grains-named') }}</th><th
                    scope="col">{{ $t('pages/drill.told-how-far') }}</th><th
                    scope="col">{{ $t('pages/drill.lifts') }}</th><th scope="col">{{ $t('pages/drill.off-by') }}</th></tr></thead>
                <tbody>
                    @forelse ($days as $day => $answers)
                        <tr><td>{{ $day }}</td><td>{{ $t('pages/drill.of-right', answers: $answers->where('round', 'stage')->where('off',
                            0.0)->count(), asked: $answers->where('round', 'stage')->count()) }}</td><td>{{ $answers->where('round',
                                'far')->isEmpty() ? '–' : $t('pages/drill.off-by-points', points: (int) round(100
                            * $answers->where('round', 'far')->avg(fn ($answer) => abs($answer->off)))) }}</td><td>{{
                                $answers->where('round', 'lift')->count() }}</td><td>{{ $answers->where('round', 'lift')->isEmpty() ? '–' :
                                $t('pages/drill.points', points: (int) round(100
                            * $answers->where('round', 'lift')->avg(fn ($answer) => abs($answer->off)))) }}</td></tr>
                    @empty
                        <tr><td colspan="5">{{ $t('pages/drill.nothing-yet') }}</td></tr>
                    @endforelse
                </tbody>
            </table>
            <details class="whole-way"><summary>{{ $t('pages/drill.the-whole-way-from-raw') }}</summary>
                <ul>
                    @foreach ($way as [$name, $tells, $one])<li><x-drawing.spoonful :spoonful="$one" :form="Orbek\Core\Drill\Form::Plates"
                        /><p><strong>{{ $name }}</strong>: {{ $tells }}</p></li>@endforeach
                </ul>
            </details>
            <h2>{{ $t('pages/drill.a-practice-supper') }}</h2>
            <form method="post" action="{{ route('supper.begin') }}" class="practise">@csrf<p>{{ $t('pages/drill.cook') }} <select
                class="word" name="dish"
                aria-label="{{ $t('pages/drill.dish-or-meal') }}">@foreach ($dishes as $id => $name)<option value="{{ $id }}">{{ $name
                    }}</option>@endforeach
                @if ($meals->isNotEmpty())<optgroup label="{{ $t('pages/drill.whole-meals') }}">@foreach ($meals as $id => $name)<option
                    value="{{ $id }}">{{ $name
                }}</option>@endforeach</optgroup>@endif</select> {{ $t('pages/drill.on-a-fast-clock') }} <button class="quiet">{{
                    $t('pages/drill.begin') }}</button></p></form>
            @if ($sessions->isNotEmpty())
                <h2>{{ $t('pages/drill.two-minutes-looked-at-again') }}</h2>
                <ul class="sessions">@foreach ($sessions as $id => $one)<li><a href="{{ route('drill.session', $id) }}">{{
                    $say->dated($one->first()->answered_at->setTimezone($zone), 'date-hour') }}</a>{{ $t('pages/drill.of-right-2', one:
                        $one->filter->isRight()->count(), asked: $one->count()) }}</li>@endforeach</ul>
            @endif
        </section>
    </div>
</x-layouts.place>
