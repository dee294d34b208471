<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Household;
use App\Models\Meter;
use App\Models\MeterKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** Things that measure: made and taken away in the Kitchen; what they read comes in by their token. */
final class MeterController
{
    private const OLDEST_S = 3600;

    private const AHEAD_S = 600;

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    public function make(Request $request): RedirectResponse
    {
        $said = Fields::ofForm($request->all());
        $token = Meter::connect($said->text('name'), $said->one('kind', MeterKind::class), $this->clock->now());

        return redirect()->route('kitchen.things')->with('meter', route('reading', $token));
    }

    public function away(string $meter): RedirectResponse
    {
        Meter::query()->findOrFail($meter)->delete();

        return redirect()->route('kitchen.things');
    }

    /** One reading: `value`, `unit`, and `at` in seconds since 1970 where it is not of now. */
    public function reading(Request $request, string $token): JsonResponse
    {
        $meter = Meter::speaking($token) ?? abort(404);
        // It speaks for its own household, whichever is in use here.
        app()->instance(Household::class, Household::query()->findOrFail($meter->household_id));
        $now = $this->clock->now();
        $said = Fields::of($request->all());
        if ($said->has('kind') && $said->one('kind', MeterKind::class) !== $meter->kind) {
            throw Refused::unknown('kind', $said->text('kind'), [$meter->kind->value]);
        }
        $at = $said->has('at') ? $now->setTimestamp((int) Refused::unlessBetween(
            'at', $said->number('at', 0, 1e11), $now->getTimestamp() - self::OLDEST_S,
            $now->getTimestamp() + self::AHEAD_S, 's since 1970',
        )) : $now;

        return response()->json(array_filter(['status' => 'taken', 'noted' => $meter->take($said, $at, $now)]));
    }
}
