<x-layouts.place title="People" place="people">
    <div class="page people">
        <h1>People</h1>
        @if (session('changed'))<p class="message" role="status">The passphrase is changed; your other devices are signed out.</p>@endif
        @if ($invitation !== null)
            <section class="invited" aria-label="An invitation">
                <div class="qr" data-qr="{{ $invitation }}"></div>
                <p><strong>Show this to one who shall cook here.</strong> It works once, for ten minutes.<br><a href="{{ $invitation }}"
                    class="small">{{ $invitation }}</a></p>
            </section>
        @endif
        <table class="parts">
            <thead><tr><th scope="col">who</th><th scope="col">may</th><th scope="col"><span
                class="visually-hidden">change</span></th></tr></thead>
            <tbody>
                @foreach ($members as $one)
                    <tr>
                        <th scope="row">{{ $one->name }}{{ $one->is($me) ? ' (you)' : '' }}</th>
                        <td>{{ $one->isOwner() ? 'cook, note, change the kitchen, invite' : 'cook and note' }}</td>
                        <td>@if ($me->isOwner() && ! ($one->isOwner() && $members->filter->isOwner()->count() === 1))
                            <form method="post" action="{{ route('people.role', $one->id) }}">@csrf<button class="small-button" name="role"
                                value="{{ $one->isOwner() ? 'member' : 'owner' }}" aria-label="{{ $one->name }}: {{ $one->isOwner() ?
                                'a member again' : 'an owner as well' }}">{{ $one->isOwner() ? 'A member again' : 'An owner as well'
                                }}</button></form>
                            <form method="post" action="{{ route('people.away', $one->id) }}">@csrf<button class="small-button"
                                aria-label="{{ $one->name }}: take out">Take out</button></form>
                        @endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($me->isOwner())
            <form method="post" action="{{ route('people.invite') }}">@csrf<button class="act" name="role" value="member">Invite
                somebody</button></form>
        @endif
        <h2>Devices</h2>
        <table class="parts">
            <thead><tr><th scope="col">device</th><th scope="col">whose</th><th scope="col">last seen</th><th scope="col"><span
                class="visually-hidden">change</span></th></tr></thead>
            <tbody>
                @foreach ($devices as $device)
                    <tr>
                        <th scope="row">{{ $device->told() }}{{ $device->id === $here ? ', this one' : '' }}</th>
                        <td>{{ $members->firstWhere('id', $device->user_id)?->name }}</td>
                        <td>{{ $say->time($device->lastSeen()->setTimezone($timezone)) }}, {{
                            $device->lastSeen()->setTimezone($timezone)->format('j F') }}</td>
                        <td>@if ($device->id === $here)<form method="post" action="{{ route('sign-out') }}" data-signs-out>@csrf<button
                            class="small-button">Sign out here</button></form>@else<form method="post" action="{{ route('people.device.out',
                            $device->sum()) }}">@csrf<button class="small-button" aria-label="{{ $device->told() }}: sign out">Sign
                            out</button></form>@endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <details class="adding"><summary>Another passphrase</summary>
            <form method="post" action="{{ route('people.passphrase') }}">
                @csrf
                <label>The one you have <input name="old" type="password" autocomplete="current-password" required></label>
                <label>The new one <input name="passphrase" type="password" minlength="10" maxlength="200" autocomplete="new-password"
                    required></label>
                <label>The same again <input name="again" type="password" minlength="10" maxlength="200" autocomplete="new-password"
                    required></label>
                <button class="quiet">Change it</button>
            </form>
        </details>
        <p><a href="{{ route('phone') }}">On another phone</a></p>
    </div>
    @vite(['resources/js/qr.js'])
</x-layouts.place>
