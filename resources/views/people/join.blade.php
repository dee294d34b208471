<x-layouts.bare :title="$t('pages/people.come-in')">
    @if (! $holds)
        <h1>{{ $t('pages/people.this-invitation-is-used-up') }}</h1>
        <p>{{ $t('pages/people.an-invitation-works-once') }} <a href="{{ route('sign-in') }}">{{ $t('pages/people.sign-in') }}</a>.</p>
    @else
        <h1>{{ $t('pages/people.come-in') }}</h1>
        <p>{{ $t('pages/people.you-are-invited-to-cook-here') }}</p>
        <form method="post" action="{{ route('join.take', $token) }}" class="sign-in">
            @csrf
            <label>{{ $t('pages/people.your-name') }} <input name="name" maxlength="60" autocomplete="username" autocapitalize="off"
                required autofocus></label>
            <label>{{ $t('pages/people.a-passphrase-ten-letters-or-more') }} <input name="passphrase" type="password" minlength="10"
                maxlength="200"
                autocomplete="new-password" required></label>
            <label>{{ $t('pages/people.the-same-again') }} <input name="again" type="password" minlength="10" maxlength="200"
                autocomplete="new-password"
                required></label>
            <button class="act">{{ $t('pages/people.come-in') }}</button>
        </form>
    @endif
</x-layouts.bare>
