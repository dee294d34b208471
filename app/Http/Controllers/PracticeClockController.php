<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\StandIns\PracticeClock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Measure\OutOfRange;
use Symfony\Component\HttpFoundation\RedirectResponse;

/** Moves the stand-in for the kitchen clock; not there where stand-ins are off. */
final class PracticeClockController
{
    /** @throws OutOfRange */
    public function __invoke(Request $request, PracticeClock $clock): Response|RedirectResponse
    {
        abort_unless(config('orbek.stand_ins') === true, 404);

        if ($request->boolean('real')) {
            $clock->beReal();
        }
        if ($request->filled('speed')) {
            $clock->runAt($request->float('speed'));
        }
        if ($request->filled('forward_s')) {
            $clock->putForward($request->float('forward_s'));
        }

        return $request->expectsJson() ? response()->noContent() : redirect()->back();
    }
}
