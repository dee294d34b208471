<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Household;
use App\Models\Member;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Orbek\Core\Measure\Refused;

/** The demo left for one's own, gone back to, or taken away. */
final class HouseholdController
{
    /** The demo is cooked in again. */
    public function demo(): RedirectResponse
    {
        abort_if(Auth::check(), 404);
        Household::query()->where('is_demo', true)->firstOrFail()->takeInUse();

        return redirect()->route('shelf');
    }

    /** Back to one's own, or to the first minutes where there is none. */
    public function own(): RedirectResponse
    {
        $member = Auth::user();
        if ($member instanceof Member) {
            return $this->moved($member);
        }
        $own = Household::query()->where('is_demo', false)->oldest('id')->first();
        $own?->takeInUse();

        return redirect()->route($own === null ? 'begin' : 'shelf');
    }

    /** Who is signed in leaves the demo with all of its members, for a house of their own. */
    private function moved(Member $member): RedirectResponse
    {
        abort_unless($member->household->is_demo, 404);
        $member->household->leftFor('Home');

        return redirect()->route('begin');
    }

    public function ask(): View
    {
        abort_if(Auth::check(), 404);

        return view('begin.away', ['demo' => Household::query()->where('is_demo', true)->firstOrFail()]);
    }

    /** The demo goes with all that is its own. */
    public function away(Request $request): RedirectResponse
    {
        abort_if(Auth::check(), 404);
        $demo = Household::query()->where('is_demo', true)->firstOrFail();
        if (! $request->boolean('sure')) {
            throw Refused::because('sure', 'refused.say-that-the-demo-goes');
        }
        $demo->delete();

        return redirect()->route('shelf');
    }
}
