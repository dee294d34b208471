<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only under the names it is served as: a page elsewhere cannot borrow one to get in (421). */
final class AnswersItsHosts
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        // The header as it was sent: what the framework would make of a broken one is not asked.
        $sent = (string) $request->headers->get('Host');
        $host = strtolower((string) preg_replace('/:\d+$/', '', $sent));
        if (in_array($host, config()->array('orbek.hosts'), true)) {
            return $next($request);
        }

        return response(
            'Orbek does not answer here. Open it at the address that ./orbek start prints, '
                    ."or name this host in ORBEK_HOSTS.\n",
            421,
            ['Content-Type' => 'text/plain; charset=UTF-8'],
        );
    }
}
