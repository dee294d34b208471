<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\PictureFile;
use App\Models\Glass;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Models\Photograph;
use App\StandIns\PracticeClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** Grains under glass: the test boil of a bag by photographs, and grains that do not count. */
final class GlassController
{
    public function __construct(private readonly PracticeClock $clock)
    {
    }

    /** A photograph of a bag's test boil; sent again till it is answered for. */
    public function bag(Request $request, string $id): RedirectResponse|JsonResponse
    {
        $kitchen = Kitchen::core();
        $bag = $kitchen->bag($id, 'lot');
        $form = Fields::ofForm($request->all());
        foreach (['id', 'test'] as $ulid) {
            if (! Str::isUlid($form->text($ulid))) {
                throw Refused::because($ulid, 'refused.no-ulid-of-a-page', id: $form->text($ulid));
            }
        }
        $soak = LotTest::soak($form, $kitchen->reading);
        $photograph = Glass::ofBag(
            id: strtolower($form->text('id')), test: strtolower($form->text('test')), bag: $bag, soak: $soak,
            kitchen: $kitchen, picture: PictureFile::uploaded($request->file('picture')),
            seconds: $form->number('at', 0, 1e11) - $form->number('began', 0, 1e11), now: $this->clock->now(),
        );

        return $request->expectsJson()
            ? response()->json(['kept' => $photograph->id])
            : redirect()->route('lot', $bag->id);
    }

    /** A grain that was outlined does not count, or does after all. */
    public function grain(Request $request, Photograph $photograph): RedirectResponse|JsonResponse
    {
        $form = Fields::ofForm($request->all());
        Glass::count(
            $photograph, $form->whole('grain', 0, 1000), $form->whole('counts', 0, 1) === 1, $this->clock->now(),
        );

        return $request->expectsJson() ? response()->json(['counted' => true]) : redirect()->back(fallback: '/');
    }
}
