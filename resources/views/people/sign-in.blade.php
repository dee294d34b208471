<x-layouts.bare :title="$t('pages/people.sign-in-2')">
    <h1>{{ $t('pages/people.sign-in-2') }}</h1>
    <form method="post" action="{{ route('sign-in.try') }}" class="sign-in">
        @csrf
        <label>{{ $t('pages/people.your-name') }} <input name="name" maxlength="60" autocomplete="username" autocapitalize="off" required
            autofocus></label>
        <label>{{ $t('pages/people.passphrase') }} <input name="passphrase" type="password" maxlength="200" autocomplete="current-password"
            required></label>
        <button class="act">{{ $t('pages/people.sign-in-2') }}</button>
    </form>
    <p class="small">{{ $th('pages/people.this-phone-is-remembered-for-180') }} <code>{{ $t('pages/people.orbek-passphrase') }}</code> {{
        $t('pages/people.at-the-laptop-sets-a-new') }}</p>
    <p class="small"><a href="{{ route('phone') }}">{{ $t('pages/people.how-to-trust-this-address') }}</a></p>
    @vite(['resources/js/sign-in.js'])
</x-layouts.bare>
