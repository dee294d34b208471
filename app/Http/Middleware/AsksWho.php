<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Member;
use App\Wording\Wording;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Where Orbek serves a home network, every page wants a sign-in but these few; what changes the house wants an owner.
 */
final class AsksWho
{
    /** Open to who is not signed in: they show nothing of a household. */
    public const OPEN = [
        'sign-in', 'sign-in.try', 'join', 'join.take', 'phone', 'phone.certificate', 'token', 'offline', 'reading',
    ];

    /** For owners alone. */
    public const OWNERS = [
        'people.invite', 'people.away', 'people.role', 'kitchen.place', 'kitchen.undo', 'kitchen.thing.away',
        'kitchen.thing', 'kitchens.import', 'kitchens.back', 'kitchens.use', 'kitchens.away', 'demo.in', 'demo.own',
        'demo.ask', 'demo.away', 'begin.answer', 'begin.dish', 'begin.look', 'archive.file', 'archive.look',
        'archive.take', 'meters.make', 'meters.away',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (config('orbek.sign_in') !== true || in_array($request->route()?->getName(), self::OPEN, true)) {
            return $next($request);
        }
        $member = Auth::user();
        if (! $member instanceof Member) {
            return $request->expectsJson()
                ? response()->json(
                    ['message' => app(Wording::class)->say('pages/people.signed-out-here')], 401,
                )
                : redirect()->guest(route('sign-in'));
        }
        abort_if(
            in_array($request->route()?->getName(), self::OWNERS, true) && ! $member->isOwner(), 403,
            app(Wording::class)->say('pages/people.an-owner-can'),
        );

        return $next($request);
    }
}
