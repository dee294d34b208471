<x-layouts.begin :title="$t('pages/begin.a-first-dish')" step="dish">
    <div class="page begin-page">
        <section>
            <h1>{{ $t('pages/begin.a-first-dish') }}</h1>
            <p class="lead">{{ $t('pages/begin.choose-a-school-the-dish-comes') }}</p>
            <form method="post" action="{{ route('begin.dish') }}">@csrf<input type="hidden" name="made" value="{{ $made }}">
                <ul class="schools">
                    @foreach ($schools as $school)
                        <li><p><strong>{{ $school->label }}</strong><br><span class="small">{{ $school->gloss }}</span></p>
                            <button name="school" value="{{ $school->id }}" class="{{ $loop->first ? 'act' : 'quiet' }}"
                                aria-label="{{ $t('pages/begin.start-2', school: $school->label) }}">{{ $t('pages/begin.start')
                                    }}</button></li>
                    @endforeach
                </ul>
            </form>
            <p><a href="{{ route('begin', 'people') }}">{{ $t('pages/begin.back') }}</a></p>
        </section>
        <section class="drawn" aria-label="{{ $t('pages/begin.the-kitchen') }}">@include('begin.drawing', ['wrong' => null])</section>
    </div>
</x-layouts.begin>
