<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Household;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Measure\Refused;

/** The demo left for one's own, gone back to, or taken away. */
final class HouseholdController
{
    /** The demo is cooked in again. */
    public function demo(): RedirectResponse
    {
        Household::query()->where('is_demo', true)->firstOrFail()->takeInUse();

        return redirect()->route('shelf');
    }

    /** Back to one's own, or to the first minutes where there is none. */
    public function own(): RedirectResponse
    {
        $own = Household::query()->where('is_demo', false)->oldest('id')->first();
        $own?->takeInUse();

        return redirect()->route($own === null ? 'begin' : 'shelf');
    }

    public function ask(): View
    {
        return view('begin.away', ['demo' => Household::query()->where('is_demo', true)->firstOrFail()]);
    }

    /** The demo goes with all that is its own. */
    public function away(Request $request): RedirectResponse
    {
        $demo = Household::query()->where('is_demo', true)->firstOrFail();
        if (! $request->boolean('sure')) {
            throw Refused::because('sure', 'refused.say-that-the-demo-goes');
        }
        $demo->delete();

        return redirect()->route('shelf');
    }
}
