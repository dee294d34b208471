<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Household;
use App\Models\Kitchen;
use App\Wording\Wording;
use Closure;
use Illuminate\Http\Request;
use Orbek\Core\Measure\Reading;
use Symfony\Component\HttpFoundation\Response;

/** Until there are accounts, the one household of this installation is in use. */
final class UseHousehold
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        app()->instance(Household::class, Household::inUse());
        app()->instance(
            Wording::class,
            new Wording(lang_path('en'), static fn (): Reading => Kitchen::query()->exists() ? Kitchen::core()->reading : new Reading),
        );

        // Without a kitchen there is nothing to cook in: it is asked for first.
        return Kitchen::query()->exists() || $request->is('begin', 'begin/*', 'token', 'care', 'demo/*')
            ? $next($request)
            : redirect()->route('begin');
    }
}
