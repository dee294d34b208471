<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\StoveTest;
use App\Models\Taught;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Learning\BoilTest;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** Pots on rings: what each pair has taught of its heat, boil tests, and lessons taken back. */
final class StoveTestController
{
    public function index(): View
    {
        return view('kitchen.stoves', [
            'home' => Kitchen::core(),
            'knowledge' => Household::known(),
            'tests' => StoveTest::query()->latest('tested_at')->get(),
            'cooks' => Cook::query()->whereNotNull('summary->stove')->latest('started_at')->limit(40)->get(),
        ]);
    }

    /** @throws Refused */
    public function store(Request $request, ClockInterface $clock): RedirectResponse
    {
        $kitchen = Kitchen::core();
        $fields = Fields::ofForm($request->all());
        $numbers = [];
        foreach (['litres', 'from_c', 'to_c', 'minutes'] as $name) {
            $number = $fields->number($name, -1e6, 1e6);
            $numbers[$name] = str_ends_with($name, '_c') ? $kitchen->reading->celsius($number) : $number;
        }
        $pot = $kitchen->pot($fields->text('pot'), 'pot');
        $ring = $kitchen->ring($fields->text('burner'), 'burner');
        // The ring stood at a mark of its knob, or at so many per cent.
        $mark = is_string($request->input('setting')) ? $ring->knob->named($request->input('setting')) : null;
        $numbers['setting'] = $mark === null ? $fields->number('setting', -1e6, 1e6) : 100 * $mark->share;
        $test = BoilTest::of(
            pot: $pot,
            ring: $ring,
            litres: $numbers['litres'],
            fromC: $numbers['from_c'],
            toC: $numbers['to_c'],
            minutes: $numbers['minutes'],
            setting: $numbers['setting'] / 100,
            roomC: $kitchen->site->roomC,
        );
        $taught = [
            'pot' => $pot->id, 'burner' => $ring->id, 'document' => $numbers + ['net_w' => round($test->netW)],
            'likelihood' => array_map(
                static fn (float $likely): float => round($likely, 9),
                $test->likelihood(),
            ), 'tested_at' => $clock->now(),
        ];
        Household::learning(static function () use ($taught): array {
            $test = StoveTest::query()->create($taught);

            return [$test, [], $test->lesson()];
        });

        return redirect()->route('stoves');
    }

    public function takeBack(StoveTest $test): RedirectResponse
    {
        Household::learning(static fn (): array => [
            null, $test->newQuery()->whereKey($test->id)->delete() === 1 ? $test->lesson() : [], [],
        ]);

        return redirect()->route('stoves');
    }

    /** Takes back what a cook taught, or lets it count again. */
    public function takeBackCook(Request $request, Cook $cook): RedirectResponse
    {
        $cook->takeBack(Taught::Stove, Fields::ofForm($request->all())->flag('back', true));

        return redirect()->route('stoves');
    }
}
