<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Drawings\Hatches;
use App\Drawings\PlatterDrawing;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Kitchen\Bag;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Units;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** A dish's plan, station by station. */
final readonly class PotBody
{
    public function __construct(private Hatches $hatches, private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $dish = $plan->dish;
        if ($dish->table->serving === Serving::Platter) {
            // What the platter behind a line is filled with is defined with the page's own.
            foreach ((new PlatterDrawing($plan))->bands() as $band) {
                $this->hatches->use($band['hatch']);
            }
        }
        $fat = array_filter(
            $plan->ingredients, static fn (Ingredient $one): bool => $one->name->key === 'amounts.fat-for-the-base',
        );
        $view->with([
            'd' => $dish, 'boil' => $plan->boil(), 'course' => $plan->course(), 'faults' => $plan->faults(),
            'load' => $plan->potted->first(), 'second' => $plan->potted->second(),
            'inOven' => HeatLine::usesOven($plan->potted->first()->line()),
            'colours' => $plan->heating()?->colours(),
            'pots' => array_map(static fn (Pot $pot): string => $pot->name, $plan->kitchen->stovePots()),
            'cookers' => array_map(static fn (Pot $pot): string => $pot->name, $plan->kitchen->cookers()),
            'rings' => array_map(static fn (Ring $ring): string => $ring->label(), $plan->kitchen->equipment->rings),
            'bags' => array_map(static fn (Bag $bag): string => $bag->name, $plan->kitchen->pantry->bags),
            'parts' => (new Collection($plan->ingredients))
                ->groupBy(static fn (Ingredient $one): string => $one->station->value),
            'clashes' => array_combine(
                array_column(Station::cases(), 'value'), array_map($plan->clashesAt(...), Station::cases()),
            ),
            // Raw rice for those who measure it by cups; null for those who weigh.
            'cups' => $this->say->reading()->units === Units::Cups
                ? round($plan->potted->raw->volume($plan->kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind
                    ->bulkKgPerLitre())->litres * 1000 / $plan->kitchen->equipment->cup->millilitres(), 2) : null,
            'f' => $dish->fillings->main(), 'at' => 'fillings/'.$dish->fillings->mainPlace(),
            'fat' => array_values($fat)[0] ?? null,
        ]);
    }
}
