<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Headers of every answer: only Orbek's own scripts run, nobody frames it, nothing it does not use is allowed. */
final class KeepsStrangersOut
{
    private const HEADERS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        // The Stove keeps the screen lit and sounds; nothing else of a device is asked for.
        'Permissions-Policy' => 'screen-wake-lock=(self), autoplay=(self), camera=(), microphone=(), '
            .'geolocation=(), payment=(), usb=()',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $answer = $next($request);
        foreach (self::HEADERS as $name => $value) {
            $answer->headers->set($name, $value);
        }
        $answer->headers->set('Content-Security-Policy', self::policy($nonce));
        // A page that came from an older build can tell.
        $answer->headers->set('Orbek-Build', (string) Vite::manifestHash());
        $answer->headers->remove('X-Powered-By');
        if (! headers_sent()) {
            header_remove('X-Powered-By');
        }

        return $answer;
    }

    private static function policy(string $nonce): string
    {
        return implode('; ', [
            "default-src 'none'",
            "script-src 'self' 'nonce-{$nonce}'",
            "style-src 'self' 'nonce-{$nonce}'",
            // Ticks and arrows of the styles are pictures within them.
            "img-src 'self' data:",
            "font-src 'self'",
            "connect-src 'self'",
            "form-action 'self'",
            "manifest-src 'self'",
            "worker-src 'self'",
            "base-uri 'none'",
            "frame-ancestors 'none'",
        ]);
    }
}
