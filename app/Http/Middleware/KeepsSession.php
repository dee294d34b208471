<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * The framework's sessions, not written by what a page or its worker asks beside it and leaves as it was: of two
 * requests at once the later would put back what the earlier had changed, and use up what is told once. A long one
 * (a meal being bettered) goes on after its page was left.
 */
final class KeepsSession extends StartSession
{
    private string $came = '';

    /** @param  Request  $request */
    protected function startSession($request, $session): Session
    {
        $session = parent::startSession($request, $session);
        $this->came = serialize($session->all());

        return $session;
    }

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        $beside = ! in_array($request->headers->get('Sec-Fetch-Mode', 'navigate'), ['navigate', ''], true);
        // One who comes without a session gets one, and a fresh token is asked for to be kept.
        $keeps = $beside && $request->hasCookie(config()->string('session.cookie')) && ! $request->is('token')
            // A GET beside a page changes nothing but where it was.
            && ($request->isMethod('GET') || serialize($request->session()->all()) === $this->came);
        if (! $keeps) {
            parent::saveSession($request);
        }
    }
}
