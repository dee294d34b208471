<x-layouts.begin :title="$asked" :$step>
    <div class="page begin-page" x-data="begin" data-look="{{ route('begin.look', $step) }}">
        <form method="post" action="{{ route('begin.answer', $step) }}" x-ref="form" x-on:input.debounce.200ms="look()" x-on:change="look()"
            x-on:submit="leave()">
            @csrf<input type="hidden" name="said_at">
            <button name="go" value="next" class="visually-hidden" tabindex="-1" aria-hidden="true">{{ $next }}</button>
            @if ($at === 0)<p class="lead">Orbek works out layered, steamed rice for your own pots and rings: how much, how hot, how
                long. At the stove it tells each step at its minute, so that grain, crust and table are right at one time.</p>@endif
            <p class="small">{{ $at + 1 }} of {{ count(Orbek\Core\Kitchen\FirstMinutes::STEPS) }}. What you do not know stays as it is.</p>
            <h1>{{ $asked }}</h1>
            @include('begin.step.'.$step)
            <p class="goes">
                @if ($at > 0)<button name="go" value="back" class="quiet" formnovalidate>Back</button>@endif
                <button name="go" value="next" class="act">{{ $next }}</button>
            </p>
        </form>
        @if ($at === 0)<form method="post" action="{{ route('archive.look') }}" enctype="multipart/form-data" class="from-file">@csrf<label
            for="archive-file">Or bring everything from an archive</label><input id="archive-file" type="file" name="file"
            accept=".zip,application/zip" required><button class="quiet">Look at it</button></form>@endif
        <section class="drawn" aria-label="The kitchen so far" aria-live="polite" id="drawn">@include('begin.drawing')</section>
    </div>
</x-layouts.begin>
