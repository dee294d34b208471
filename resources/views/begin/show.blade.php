<x-layouts.begin :title="$asked" :$step>
    <div class="page begin-page" x-data="begin" data-look="{{ route('begin.look', $step) }}">
        <form method="post" action="{{ route('begin.answer', $step) }}" x-ref="form" x-on:input.debounce.200ms="look()" x-on:change="look()"
            x-on:submit="leave()">
            @csrf<input type="hidden" name="said_at">
            <button name="go" value="next" class="visually-hidden" tabindex="-1" aria-hidden="true">{{ $next }}</button>
            @if ($at === 0)<p class="lead">{{ $t('pages/begin.orbek-works-out-layered-steamed-rice') }}</p>@endif
            <p class="small">{{ $t('pages/begin.of-what-you-do-not-know', at: $at + 1, number:
                count(Orbek\Core\Kitchen\FirstMinutes::STEPS)) }}</p>
            <h1>{{ $asked }}</h1>
            @include('begin.step.'.$step)
            <p class="goes">
                @if ($at > 0)<button name="go" value="back" class="quiet" formnovalidate>{{ $t('pages/begin.back') }}</button>@endif
                <button name="go" value="next" class="act">{{ $next }}</button>
            </p>
        </form>
        @if ($at === 0)<form method="post" action="{{ route('archive.look') }}" enctype="multipart/form-data" class="from-file">@csrf<label
            for="archive-file">{{ $t('pages/begin.or-bring-everything-from-an-archive') }}</label><input id="archive-file" type="file"
                name="file"
            accept=".zip,application/zip" required><button class="quiet">{{ $t('pages/begin.look-at') }}</button></form>@endif
        <section class="drawn" aria-label="{{ $t('pages/begin.the-kitchen-so-far') }}" aria-live="polite"
            id="drawn">@include('begin.drawing')</section>
    </div>
</x-layouts.begin>
