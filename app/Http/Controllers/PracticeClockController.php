<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\StandIns\PracticeClock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Symfony\Component\HttpFoundation\RedirectResponse;

/** Moves the stand-in for the kitchen clock; not there where stand-ins are off. */
final class PracticeClockController
{
    /** @throws Refused */
    public function __invoke(Request $request, PracticeClock $clock): Response|RedirectResponse
    {
        abort_unless(config('orbek.stand_ins') === true, 404);

        $form = Fields::ofForm($request->all());
        if ($form->flag('real', false)) {
            $clock->beReal();
        }
        if ($form->has('speed')) {
            $clock->runAt($form->number('speed', 1, 240, 'times'));
        }
        if ($form->has('forward_s')) {
            $clock->putForward($form->number('forward_s', 0, 14 * 86400, 's'));
        }

        return $request->expectsJson() ? response()->noContent() : redirect()->back();
    }
}
