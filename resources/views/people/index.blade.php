<x-layouts.place :title="$t('pages/people.people')" place="people">
    <div class="page people">
        <h1>{{ $t('pages/people.people') }}</h1>
        @if (session('changed'))<p class="message" role="status">{{ $t('pages/people.the-passphrase-is-changed-your-other') }}</p>@endif
        @if ($invitation !== null)
            <section class="invited" aria-label="{{ $t('pages/people.an-invitation') }}">
                <div class="qr" data-qr="{{ $invitation }}"></div>
                <p>{{ $th('pages/people.show-this-to-one-who-shall') }}<a href="{{ $invitation }}"
                    class="small">{{ $invitation }}</a></p>
            </section>
        @endif
        <table class="parts">
            <thead><tr><th scope="col">{{ $t('pages/people.who') }}</th><th scope="col">{{ $t('pages/people.may') }}</th><th
                scope="col"><span
                class="visually-hidden">{{ $t('pages/people.change') }}</span></th></tr></thead>
            <tbody>
                @foreach ($members as $one)
                    <tr>
                        <th scope="row">{{ $t('pages/people.name-and-you', name: $one->name, isMe: $one->is($me)) }}</th>
                        <td>{{ $t('pages/people.may-do', isOwner: $one->isOwner()) }}</td>
                        <td>@if ($me->isOwner() && ! ($one->isOwner() && $members->filter->isOwner()->count() === 1))
                            <form method="post" action="{{ route('people.role', $one->id) }}">@csrf<button class="small-button" name="role"
                                value="{{ $one->isOwner() ? 'member' : 'owner' }}" aria-label="{{ $one->name }}: {{ $one->isOwner() ?
                                $t('pages/people.a-member-again') : $t('pages/people.an-owner-as-well') }}">{{ $t('pages/people.make-owner',
                                    isOwner: $one->isOwner())
                                    }}</button></form>
                            <form method="post" action="{{ route('people.away', $one->id) }}">@csrf<button class="small-button"
                                aria-label="{{ $t('pages/people.take-out-2', one: $one->name) }}">{{ $t('pages/people.take-out')
                                    }}</button></form>
                        @endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($me->isOwner())
            <form method="post" action="{{ route('people.invite') }}">@csrf<button class="act" name="role" value="member">{{
                $t('pages/people.invite-somebody') }}</button></form>
        @endif
        <h2>{{ $t('pages/people.devices') }}</h2>
        <table class="parts">
            <thead><tr><th scope="col">{{ $t('pages/people.device') }}</th><th scope="col">{{ $t('pages/people.whose') }}</th><th
                scope="col">{{ $t('pages/people.last-seen') }}</th><th scope="col"><span
                class="visually-hidden">{{ $t('pages/people.change') }}</span></th></tr></thead>
            <tbody>
                @foreach ($devices as $device)
                    <tr>
                        <th scope="row">{{ $t('pages/people.device-and-this', device: $device->told(), isThis: $device->id === $here)
                            }}</th>
                        <td>{{ $members->firstWhere('id', $device->user_id)?->name }}</td>
                        <td>{{ $say->time($device->lastSeen()->setTimezone($timezone)) }}{{ $comma }}{{
                            $say->dated($device->lastSeen()->setTimezone($timezone), 'date') }}</td>
                        <td>@if ($device->id === $here)<form method="post" action="{{ route('sign-out') }}" data-signs-out>@csrf<button
                            class="small-button">{{ $t('pages/people.sign-out-here') }}</button></form>@else<form method="post" action="{{
                                route('people.device.out',
                            $device->sum()) }}">@csrf<button class="small-button" aria-label="{{ $t('pages/people.sign-out-2', told:
                                $device->told()) }}">{{ $t('pages/people.sign-out') }}</button></form>@endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <details class="adding"><summary>{{ $t('pages/people.another-passphrase') }}</summary>
            <form method="post" action="{{ route('people.passphrase') }}">
                @csrf
                <label>{{ $t('pages/people.the-one-you-have') }} <input name="old" type="password" autocomplete="current-password"
                    required></label>
                <label>{{ $t('pages/people.the-new-one') }} <input name="passphrase" type="password" minlength="10" maxlength="200"
                    autocomplete="new-password"
                    required></label>
                <label>{{ $t('pages/people.the-same-again') }} <input name="again" type="password" minlength="10" maxlength="200"
                    autocomplete="new-password"
                    required></label>
                <button class="quiet">{{ $t('pages/people.change-it') }}</button>
            </form>
        </details>
        <p><a href="{{ route('phone') }}">{{ $t('pages/people.on-another-phone') }}</a></p>
    </div>
    @vite(['resources/js/qr.js'])
</x-layouts.place>
