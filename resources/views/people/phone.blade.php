<x-layouts.bare :title="$t('pages/people.on-a-phone')">
    <h1>{{ $t('pages/people.on-a-phone') }}</h1>
    @if ($addresses === [])
        <p>{{ $t('pages/people.orbek-is-served-to-this-machine') }} <code>{{ $t('pages/people.orbek-start-home') }}</code> {{
            $t('pages/people.serves-the-home-network') }}</p>
    @else
        <p>{{ $t('pages/people.in-the-same-network-point') }}</p>
        <div class="addresses">
            @foreach ($addresses as $address)
                <figure>@if ($loop->first)<div class="qr" data-qr="{{ $address }}"></div>@endif<figcaption><a href="{{ $address }}">{{
                    $address }}</a></figcaption></figure>
            @endforeach
        </div>
        <h2>{{ $t('pages/people.to-be-trusted') }}</h2>
        <p>{{ $t('pages/people.the-phone-asks-whether-to-trust') }}</p>
        <ol class="serve-steps">
            @if ($hasCertificate)<li>{{ $t('pages/people.on-the-phone') }} <a href="{{ route('phone.certificate') }}" download>{{
                $t('pages/people.take-this-homes-certificate') }}</a>.</li>@endif
            <li>{{ $t('pages/people.android-settings-security-encryption-and-credentials') }}</li>
            <li>{{ $t('pages/people.iphone-and-ipad-open-the-file') }}</li>
            <li>{{ $t('pages/people.another-laptop-the-browsers-settings-certificates') }}</li>
        </ol>
        <h2>{{ $t('pages/people.what-works-without') }}</h2>
        <p>{{ $t('pages/people.everything-while-the-laptop-is-there') }}</p>
    @endif
    @vite(['resources/js/qr.js'])
</x-layouts.bare>
