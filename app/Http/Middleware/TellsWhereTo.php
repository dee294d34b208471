<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * To a form that waits on its page for the answer (resources/js/forms.js) a redirect is told instead of followed: what
 * is refused stays as it was typed, what is taken goes on to where it says.
 */
final class TellsWhereTo
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);

        return $answer instanceof RedirectResponse && $request->hasHeader('Orbek-Waits')
            ? response()->json(['to' => $answer->getTargetUrl()])
            : $answer;
    }
}
