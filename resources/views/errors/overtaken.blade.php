<x-layouts.place :title="$t('pages/errors.changed-meanwhile')" place="none">
    <div class="page narrow">
        <h1>{{ $t('pages/errors.changed-in-another-window-meanwhile') }}</h1>
        <p class="lead">{{ $t('pages/errors.your-change-is-not-saved-yet') }}</p>
        <form method="post" action="{{ $url }}">
            @csrf
            @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button class="act">{{ $t('pages/errors.make-my-change-now') }}</button>
            <a class="quiet" href="{{ $back }}">{{ $t('pages/errors.leave-it') }}</a>
        </form>
    </div>
</x-layouts.place>
