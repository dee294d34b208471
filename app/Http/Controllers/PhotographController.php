<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\PictureFile;
use App\Models\Cook;
use App\Models\Glass;
use App\Models\LotTest;
use App\Models\Photograph;
use App\Models\Shows;
use App\StandIns\PracticeClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** Photographs of a cook: taken at the stove or brought later; the crust's colour measured in one. */
final class PhotographController
{
    public function __construct(private readonly PracticeClock $clock)
    {
    }

    /** From a cook's page; from the Stove with an id and the time it was taken, sent again till it is answered for. */
    public function keep(Request $request, Cook $cook): RedirectResponse|JsonResponse
    {
        $form = Fields::ofForm($request->all());
        $shows = $form->one('shows', Shows::class);
        $now = $this->clock->now();
        $id = $form->has('id') ? $form->text('id') : (string) Str::ulid();
        if (! Str::isUlid($id)) {
            throw Refused::because('id', 'refused.no-ulid-of-a-page', id: $id);
        }
        // No earlier than its cook and no later than now, whatever a phone's clock says.
        $at = $form->has('at') ? $form->number('at', 0, 1e11) : $now->getTimestamp();
        $at = (int) min(max($at, $cook->started_at->getTimestamp()), $now->getTimestamp());
        $picture = PictureFile::uploaded($request->file('picture'));
        $photograph = $shows === Shows::Glass
            ? Glass::ofBoil(strtolower($id), $cook, $picture, $now->setTimestamp($at), $now)
            : Photograph::keep(strtolower($id), $cook, $shows, $picture, $now->setTimestamp($at));

        return $request->expectsJson()
            ? response()->json(['kept' => $photograph->id])
            : redirect()->back(fallback: route('cook.record', $cook));
    }

    public function show(Photograph $photograph): Response
    {
        return response($photograph->jpeg(), 200, [
            'Content-Type' => 'image/jpeg', 'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    /** What was touched in it as crust and as white is measured, and teaches the ring. */
    public function measure(Request $request, Photograph $photograph): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $at = static fn (string $name): float => $form->number($name, 0, 100, '%') / 100;
        [$crust, $white] = [[$at('crust_across'), $at('crust_down')], [$at('white_across'), $at('white_down')]];
        $jpeg = $photograph->jpeg();
        $cook = Cook::query()->findOrFail($photograph->cook_id);
        $cook->tell('crust-measured', [
            'picture' => $photograph->id,
            'crust' => PictureFile::colourAt($jpeg, ...$crust), 'white' => PictureFile::colourAt($jpeg, ...$white),
        ], $this->clock->now());

        return redirect()->to(route('cook.record', $cook).'#crust');
    }

    /** What was measured in it stays. */
    public function away(Photograph $photograph): RedirectResponse
    {
        $cook = $photograph->cook_id;
        $bag = LotTest::query()->find($photograph->lot_test_id)->lot ?? null;
        $photograph->delete();

        return $cook === null ? redirect()->route('lot', $bag) : redirect()->route('cook.record', $cook);
    }
}
