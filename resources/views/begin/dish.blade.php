<x-layouts.begin title="A first dish" step="dish">
    <div class="page begin-page">
        <section>
            <h1>A first dish</h1>
            <p class="lead">Choose a school. The dish comes in your own pots, and is planned so that it comes out right in them, or says
                what it lacks.</p>
            <form method="post" action="{{ route('begin.dish') }}">@csrf<input type="hidden" name="made" value="{{ $made }}">
                <ul class="schools">
                    @foreach ($schools as $school)
                        <li><p><strong>{{ $school->label }}</strong><br><span class="small">{{ $school->gloss }}</span></p>
                            <button name="school" value="{{ $school->id }}" class="{{ $loop->first ? 'act' : 'quiet' }}"
                                aria-label="Start: {{ $school->label }}">Start</button></li>
                    @endforeach
                </ul>
            </form>
            <p><a href="{{ route('begin', 'people') }}">Back</a></p>
        </section>
        <section class="drawn" aria-label="The kitchen">@include('begin.drawing', ['wrong' => null])</section>
    </div>
</x-layouts.begin>
