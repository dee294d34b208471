<x-layouts.bare title="On a phone">
    <h1>On a phone</h1>
    @if ($addresses === [])
        <p>Orbek is served to this machine alone now. <code>./orbek start --home</code> serves the home network, with a sign-in.</p>
    @else
        <p>In the same network, point the phone’s camera here, or type the address:</p>
        <div class="addresses">
            @foreach ($addresses as $address)
                <figure>@if ($loop->first)<div class="qr" data-qr="{{ $address }}"></div>@endif<figcaption><a href="{{ $address }}">{{
                    $address }}</a></figcaption></figure>
            @endforeach
        </div>
        <h2>To be trusted</h2>
        <p>The phone asks whether to trust this laptop: the address is a home’s own, and no one outside vouches for it. Go on once, or
            better, teach the phone:</p>
        <ol class="serve-steps">
            @if ($hasCertificate)<li>On the phone, <a href="{{ route('phone.certificate') }}" download>take this home’s
                certificate</a>.</li>@endif
            <li>Android: Settings, Security, Encryption and credentials, Install a certificate, CA certificate; choose the file.</li>
            <li>iPhone and iPad: open the file, then Settings, Profile downloaded, Install; then General, About, Certificate trust settings,
                switch it on.</li>
            <li>Another laptop: the browser’s settings, Certificates, Authorities, Import.</li>
        </ol>
        <h2>What works without</h2>
        <p>Everything while the laptop is there. Without trust a phone will not keep Orbek for when the network is gone, show notices, or
            put it on its first page.</p>
    @endif
    @vite(['resources/js/qr.js'])
</x-layouts.bare>
