<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Orbek\Core\Measure\Refused;
use Symfony\Component\HttpFoundation\Response;

/** What is typed is text: UTF-8 without a NUL, of whatever form or address it comes in. */
final class ReadsText
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        self::read([...$request->query->all(), ...$request->request->all(), ...$request->json()->all()], '');
        if (! mb_check_encoding(rawurldecode($request->getPathInfo()), 'UTF-8')) {
            abort(404);
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $input
     *
     * @throws Refused naming the field
     */
    private static function read(array $input, string $path): void
    {
        foreach ($input as $name => $value) {
            $at = $path === '' ? (string) $name : "{$path}/{$name}";
            foreach ([(string) $name, is_string($value) ? $value : ''] as $text) {
                if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
                    throw Refused::because(mb_scrub($at), 'refused.it-is-no-text');
                }
            }
            if (is_array($value)) {
                self::read($value, $at);
            }
        }
    }
}
