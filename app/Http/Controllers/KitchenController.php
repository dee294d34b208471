<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Wording\Language;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Psr\Clock\ClockInterface;

/** Pots, rings and the rice shelf, with what each bag has taught. */
final class KitchenController
{
    private const COOKS_SHOWN = 30;

    public function index(ClockInterface $clock): View
    {
        $now = $clock->now();

        return view(
            'kitchen.index',
            [
                'home' => Kitchen::core(),
                'row' => Kitchen::inUse(),
                'kitchens' => Kitchen::query()->oldest('id')->get(),
                'inUse' => Kitchen::inUse()->id,
                'knowledge' => Household::known(), 'paces' => Cook::paces($now), 'now' => $now,
            ],
        );
    }

    public function bag(string $id, ClockInterface $clock): View
    {
        $now = $clock->now();
        $bag = Kitchen::core()->pantry->bags[$id] ?? abort(404);

        return view('kitchen.bag', [
            'home' => Kitchen::core(),
            'bag' => $bag, 'paces' => Cook::paces($now), 'now' => $now,
            'knowledge' => Household::known(),
            'cooks' => Cook::query()->where('lot', $bag->id)->latest('started_at')->limit(self::COOKS_SHOWN)->get([
                'id', 'name', 'started_at', 'summary',
            ])->reverse(),
            'tests' => LotTest::query()->where('lot', $bag->id)->oldest('tested_at')->get(),
        ]);
    }

    /** @throws Refused */
    public function addLot(Request $request, ClockInterface $clock): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $name = trim($form->text('name'));
        $id = Str::slug($name) ?: 'bag';
        $change = static function (array $document) use ($form, $name, &$id): array {
            $taken = array_column($document['lots'], 'id');
            for ($n = 2; in_array($id, $taken, true); $n++) {
                $id = (Str::slug($name) ?: 'bag')."-{$n}";
            }
            $document['lots'][] = array_filter([
                'id' => $id,
                'name' => $name,
                'kind' => $form->text('kind'),
                'bought_g' => $form->has('bought_g') ? $form->number('bought_g', 1, 100_000, 'g') : null,
                'bought_on' => $form->has('bought_on') ? $form->text('bought_on') : null,
            ], static fn (mixed $value): bool => $value !== null);

            return $document;
        };
        $kitchen = Kitchen::change($form, $name, $clock->now(), $change);

        return $kitchen->id === Kitchen::inUse()->id ? redirect()->route('lot', $id) : redirect()->route('kitchen');
    }

    /** The units, cup and salt that amounts are shown in. */
    public function units(Request $request, ClockInterface $clock): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        if ($form->has('language')) {
            Language::chosen($form, 'language');
            $request->session()->forget('language');
        }
        Kitchen::change(
            $form, 'units', $clock->now(),
            static fn (array $document): array => array_replace($document, $request->only(
                ['units', 'cup', 'salt', 'degrees', 'week_starts', 'language']
            )
                + ($request->filled('hours') ? ['hours' => $request->integer('hours')] : [])),
        );

        return redirect()->route('kitchen');
    }

    /** @throws Refused */
    public function test(Request $request, string $id, ClockInterface $clock): RedirectResponse
    {
        $kitchen = Kitchen::core();
        $bag = $kitchen->bag($id, 'lot');
        $form = Fields::ofForm($request->all());
        $soak = LotTest::soak($form, $kitchen->reading);
        $tests = self::tests($request);

        $test = LotTest::teaching($bag, $soak, $kitchen, $tests);

        return self::taught($bag->id, $soak, $tests, $test->likelihood, $clock);
    }

    /**
     * A cook's own minutes in the boil teach the bag: in the dish's own pot, whose water cools as the rice goes in.
     *
     * @throws Refused where the dish tells no minutes of its own, or its rice is not boiled
     */
    public function ownMinutes(Dish $dish, Planner $planner, ClockInterface $clock): RedirectResponse
    {
        $core = $dish->core();
        $told = $core->told?->boilMin;
        $boil = $planner->plan($core)->boil();
        if ($told === null || $boil === null) {
            throw Refused::because('told/boil_min', 'refused.no-own-minutes');
        }
        $test = ['seconds' => 60 * array_sum($told) / 2, 'stage' => $core->grain->water->stage->value];

        return self::taught(
            $core->grain->rice->bag, $core->grain->rice->soak, [$test],
            $boil->forecast->seeing(LotTest::observations([$test]))->taught, $clock,
        );
    }

    /**
     * @param  list<array{seconds: float, stage: string}>  $tests
     * @param  list<float>  $likelihood of the day's factor
     */
    private static function taught(
        string $bag, Soak $soak, array $tests, array $likelihood, ClockInterface $clock,
    ): RedirectResponse {
        $taught = [
            'lot' => $bag,
            'document' => [
                'soak_min' => $soak->minutes,
                'soak_c' => $soak->celsius,
                'tests' => $tests,
            ],
            'likelihood' => $likelihood,
            'tested_at' => $clock->now(),
        ];
        Household::learning(static function () use ($taught): array {
            $test = LotTest::query()->create($taught);

            return [$test, [], $test->lesson()];
        });

        return redirect()->route('lot', $bag);
    }

    public function takeBack(string $id, LotTest $test): RedirectResponse
    {
        Household::learning(static fn (): array => [
            null, $test->newQuery()->whereKey($test->id)->delete() === 1 ? $test->lesson() : [], [],
        ]);

        return redirect()->route('lot', $id);
    }

    /**
     * The filled rows of the form.
     *
     * @return list<array{seconds: float, stage: string}>
     */
    private static function tests(Request $request): array
    {
        $tests = [];
        foreach (Fields::ofForm($request->all())->each('tests') as $row) {
            if ($row->has('minutes')) {
                $tests[] = [
                    'seconds' => 60 * $row->number('minutes', 0.1, 90, 'min'),
                    'stage' => $row->one('stage', Stage::class)->value,
                ];
            }
        }

        return $tests;
    }
}
