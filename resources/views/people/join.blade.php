<x-layouts.bare title="Come in">
    @if (! $holds)
        <h1>This invitation is used up</h1>
        <p>An invitation works once and for ten minutes. Ask for another, or <a href="{{ route('sign-in') }}">sign in</a>.</p>
    @else
        <h1>Come in</h1>
        <p>You are invited to cook here. What shall you be called?</p>
        <form method="post" action="{{ route('join.take', $token) }}" class="sign-in">
            @csrf
            <label>Your name <input name="name" maxlength="60" autocomplete="username" autocapitalize="off" required autofocus></label>
            <label>A passphrase, ten letters or more <input name="passphrase" type="password" minlength="10" maxlength="200"
                autocomplete="new-password" required></label>
            <label>The same again <input name="again" type="password" minlength="10" maxlength="200" autocomplete="new-password"
                required></label>
            <button class="act">Come in</button>
        </form>
    @endif
</x-layouts.bare>
