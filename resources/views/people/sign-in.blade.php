<x-layouts.bare title="Sign in">
    <h1>Sign in</h1>
    <form method="post" action="{{ route('sign-in.try') }}" class="sign-in">
        @csrf
        <label>Your name <input name="name" maxlength="60" autocomplete="username" autocapitalize="off" required autofocus></label>
        <label>Passphrase <input name="passphrase" type="password" maxlength="200" autocomplete="current-password" required></label>
        <button class="act">Sign in</button>
    </form>
    <p class="small">This phone is remembered for 180 days, or till it is signed out. No name yet? An owner makes an invitation at
        <strong>People</strong>. Lost the passphrase? <code>./orbek passphrase</code> at the laptop sets a new one.</p>
    <p class="small"><a href="{{ route('phone') }}">How to trust this address on a phone</a></p>
    @vite(['resources/js/sign-in.js'])
</x-layouts.bare>
