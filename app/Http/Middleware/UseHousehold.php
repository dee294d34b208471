<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Member;
use App\Wording\Language;
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
        'phone/*', 'language',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $member = Auth::user();
        app()->instance(Household::class, $member instanceof Member ? $member->household : Household::inUse());
        $say = new Wording(
            lang_path(),
            static fn (): Reading => Kitchen::query()->exists() ? Kitchen::core()->reading : new Reading,
            self::language($request, $member instanceof Member ? $member : null),
        );
        app()->instance(Wording::class, $say);
        app()->setLocale($say->language());
        $say->share();

        // Without a kitchen there is nothing to cook in: it is asked for first.
        return Kitchen::query()->exists()
            || $request->is(...self::WITHOUT)
            ? $next($request)
            : redirect()->route('begin');
    }

    /** What whoever reads has chosen for himself; else what the household reads in; else this installation. */
    private static function language(Request $request, ?Member $member): string
    {
        $own = $member !== null ? $member->language : ($request->hasSession() ? $request->session()->get('language')
            : null);
        $chosen = array_filter([$own, Kitchen::language()], Language::has(...));

        return array_values($chosen)[0] ?? config()->string('orbek.locale');
    }
}
