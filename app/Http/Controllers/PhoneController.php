<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** How a phone gets here: the addresses, and the certificate to trust. */
final class PhoneController
{
    public function show(): View
    {
        return view('people.phone', [
            'addresses' => config()->array('orbek.addresses'), 'hasCertificate' => is_file($this->root()),
        ]);
    }

    public function certificate(): BinaryFileResponse
    {
        abort_unless(is_file($this->root()), 404);

        return response()->download($this->root(), 'orbek-home.crt', ['Content-Type' => 'application/x-x509-ca-cert']);
    }

    /** Where the server's own authority keeps the half of its pair that is for all to know. */
    private function root(): string
    {
        return storage_path('home/caddy/pki/authorities/local/root.crt');
    }
}
