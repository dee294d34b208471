<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\StoveTest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Learning\BoilTest;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Psr\Clock\ClockInterface;

/** Pots on rings: what each pair has taught of its heat, boil tests, and lessons taken back. */
final class StoveTestController
{
    public function index(): View
    {
        return view('kitchen.stoves', [
            'home' => Kitchen::core(),
            'knowledge' => Cook::knowledge(),
            'tests' => StoveTest::query()->latest('tested_at')->get(),
            'cooks' => Cook::query()->whereNotNull('summary->stove')->latest('started_at')->limit(40)->get(),
        ]);
    }

    /** @throws OutOfRange */
    public function store(Request $request, ClockInterface $clock): RedirectResponse
    {
        $kitchen = Kitchen::core();
        $numbers = [];
        foreach (['litres', 'from_c', 'to_c', 'minutes', 'setting'] as $name) {
            $value = $request->input($name);
            $numbers[$name] = is_numeric($value) ? (float) $value : throw OutOfRange::because($name, is_string($value) && $value !== '' ? "\"{$value}\" is no number;" : 'is missing;', 'give a number');
        }
        $fields = Fields::of($request->all());
        $pot = $kitchen->pot($fields->text('pot'), 'pot');
        $burner = $kitchen->burner($fields->text('burner'), 'burner');
        $test = BoilTest::of($pot, $burner, $numbers['litres'], $numbers['from_c'], $numbers['to_c'], $numbers['minutes'], $numbers['setting'] / 100);
        StoveTest::query()->create([
            'pot' => $pot->id, 'burner' => $burner->id, 'document' => $numbers + ['net_w' => round($test->netW)],
            'likelihood' => array_map(static fn (float $likely): float => round($likely, 9), $test->likelihood()), 'tested_at' => $clock->now(),
        ]);

        return redirect()->route('stoves');
    }

    public function takeBack(StoveTest $test): RedirectResponse
    {
        $test->delete();

        return redirect()->route('stoves');
    }

    /** Takes back what a cook taught, or lets it count again. */
    public function takeBackCook(Request $request, Cook $cook): RedirectResponse
    {
        $cook->update(['stove_taken_back' => $request->boolean('back', true)]);

        return redirect()->route('stoves');
    }
}
