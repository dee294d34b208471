<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\Cards;
use App\Drawings\TrendsDrawing;
use App\Models\Cook;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Taught;
use App\View\Pages\Retold;
use App\Wording\Wording;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Heat\Versus;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** Cooks made: found again, two beside each other, and over time. */
final class NotebookController
{
    private const A_PAGE = 10;

    /** Months to choose from. */
    private const MONTHS = 36;

    /** Trends look back over so many noted cooks. */
    private const TREND = 40;

    public function index(Request $request, Cards $cards, ClockInterface $clock): View
    {
        $asked = self::asked($request);
        $pages = Cook::query()->found($asked)->latest('started_at')->latest('id')->simplePaginate(self::A_PAGE)
            ->appends(array_filter($asked));
        $zone = Kitchen::core()->site->timezone;
        $first = Cook::query()->min('started_at');
        $months = [];
        $month = CarbonImmutable::instance($clock->now())->setTimezone($zone)->startOfMonth();
        while (is_string($first) && $month->endOfMonth() >= $first && count($months) < self::MONTHS) {
            $months[$month->format('Y-m')] = app(Wording::class)->dated($month, 'month');
            $month = $month->subMonth();
        }

        return view('notebook.index', [
            'pages' => $pages, 'asked' => $asked, 'names' => Kitchen::names(), 'home' => Kitchen::core(),
            'months' => $months,
            'retold' => Retold::of(
                Household::query()->findOrFail(app(Household::class)->id), Household::known(), Kitchen::core(),
            ),
            'cooks' => $pages->getCollection()->map(static fn (Cook $cook): array => [$cook, $cards->ofCook($cook)]),
        ]);
    }

    /** What was told of cooks read again is read, and told no more. */
    public function read(): RedirectResponse
    {
        Household::query()->whereKey(app(Household::class)->id)->update(['retold' => null]);

        return redirect()->route('notebook');
    }

    /** Two cooks side by side, what differs named. */
    public function compare(Request $request, Wording $say): View
    {
        [$one, $other] = self::two($request);
        $names = Kitchen::names();
        $dishes = array_map(
            static fn (Cook $cook): CoreDish => CoreDish::fromArray($cook->dish, app(Craft::class)), [$one, $other],
        );

        return view('notebook.compare', [
            'cooks' => [$one, $other], 'dishes' => $dishes, 'names' => $names,
            'zone' => Kitchen::core()->site->timezone,
            'differences' => array_map(
                static fn (Difference $difference): string => $say->difference($difference, $names),
                Difference::between(...$dishes),
            ),
        ]);
    }

    /** The two closed pots as they must have been: a piece of the comparison. */
    public function versus(Request $request, ClockInterface $clock): View
    {
        $cooks = self::two($request);
        $courses = array_map(static fn (Cook $cook) => UnderTheLid::heatOf($cook->fold($clock->now())), $cooks);

        return view('notebook.versus', [
            'cooks' => $cooks,
            'rows' => $courses[0] === null || $courses[1] === null ? null : Versus::of($courses[0], $courses[1]),
        ]);
    }

    public function trends(Wording $say): View
    {
        $cooks = Cook::query()->whereNotNull('rice')->latest('started_at')->latest('id')->limit(self::TREND)
            ->get(
                ['id', 'name', 'started_at', 'summary', 'practice', ...array_map(
                    static fn (Taught $what): string => $what->column(), Taught::cases(),
                )]
            )->reverse()->values();

        return view(
            'notebook.trends',
            ['trends' => new TrendsDrawing(array_values($cooks->all()), Household::known(), Kitchen::core(), $say)],
        );
    }

    /** @return array<string, string> what cooks are asked for, by field; empty where not asked */
    private static function asked(Request $request): array
    {
        $form = Fields::ofForm($request->query());
        $asked = [];
        foreach (['find', 'fault', 'pot', 'ring', 'lot', 'month'] as $name) {
            $asked[$name] = $form->has($name) ? mb_substr(trim($form->text($name)), 0, 100) : '';
        }
        if ($asked['month'] !== '' && preg_match('/^20\d\d-(0[1-9]|1[0-2])$/', $asked['month']) !== 1) {
            throw Refused::because('month', 'refused.is-no-month', read: $asked['month']);
        }

        return $asked;
    }

    /**
     * @return array{Cook, Cook}
     *
     * @throws Refused
     */
    private static function two(Request $request): array
    {
        $form = Fields::ofForm($request->query());
        $ids = $form->has('cook') ? $form->texts('cook') : [];
        $cooks = Cook::query()->whereIn('id', $ids)->oldest('started_at')->get();
        [$one, $other] = [$cooks->get(0), $cooks->get(1)];
        if (count($ids) !== 2 || $one === null || $other === null) {
            throw Refused::because('cook', 'refused.give-two-cooks', count: count($ids));
        }

        return [$one, $other];
    }
}
