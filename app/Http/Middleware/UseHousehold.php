<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Member;
use App\Wording\Wording;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Orbek\Core\Measure\Reading;
use Symfony\Component\HttpFoundation\Response;

/** The household of who is signed in; where nobody signs in, the one in use of this installation. */
final class UseHousehold
{
    /** What is answered without a kitchen. */
    private const WITHOUT = [
        'begin', 'begin/*', 'archive', 'archive/*', 'token', 'care', 'demo/*', 'sign-in', 'sign-out', 'join/*', 'phone',
        'phone/*',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $member = Auth::user();
        app()->instance(Household::class, $member instanceof Member ? $member->household : Household::inUse());
        $say = new Wording(
            lang_path(),
            static fn (): Reading => Kitchen::query()->exists() ? Kitchen::core()->reading : new Reading,
            config()->string('orbek.locale'),
        );
        app()->instance(Wording::class, $say);
        $say->share();

        // Without a kitchen there is nothing to cook in: it is asked for first.
        return Kitchen::query()->exists()
            || $request->is(...self::WITHOUT)
            ? $next($request)
            : redirect()->route('begin');
    }
}
