<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Household;
use App\Models\Kitchen;
use App\Wording\Wording;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Until there are accounts, the one household of this installation is in use. */
final class UseHousehold
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        app()->instance(Household::class, Household::query()->oldest('id')->firstOrFail());
        app()->instance(Wording::class, new Wording(lang_path('en'), static function (): array {
            $kitchen = Kitchen::core();

            return [$kitchen->units, $kitchen->cup];
        }));

        return $next($request);
    }
}
