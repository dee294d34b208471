<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Mend\AsTold;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Plate;

/** The heat of a dish, stretch by stretch. */
final readonly class HeatStation
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $ends = array_filter($plan->dish->craft->cues->all, static fn (Cue $cue): bool => $cue->as !== null);
        $view->with([
            'load' => $plan->potted->first(), 'heating' => $plan->heating(), 'home' => $plan->kitchen,
            'plates' => ['none' => 'no plate', ...array_merge(...array_values(array_map(
                static fn (Plate $plate): array => [
                    $plate->id => "on the {$plate->name}", "{$plate->id}:hot" => "on the {$plate->name}, hot already",
                ], $plan->kitchen->equipment->plates,
            )))],
            'cues' => ['none' => 'for so many minutes'] + array_map(
                static fn (Cue $cue): string => "till {$cue->as}", $ends,
            ),
            'steam' => fn (float $grams): string => $this->say->amount(Quantity::grams($grams)->filling(1.0)),
            'asTold' => AsTold::heat($plan), 'restTold' => AsTold::rest($plan),
            'marks' => static fn (Flame $flame): array => self::marks($plan, $flame),
        ]);
    }

    /** @return array<array-key, string> what a knob can be set to, in its own words, by per cent */
    private static function marks(Plan $plan, Flame $flame): array
    {
        $knob = $plan->kitchen->equipment->rings[$flame->ring]->knob ?? null;
        $shares = [...$knob?->shares() ?? [], $flame->setting];
        sort($shares);
        $marks = [];
        foreach ($shares as $share) {
            $percent = (string) round(100 * $share);
            $marks[$percent] = $knob?->mark($share)->name ?? "{$percent} %";
        }

        return $marks + ['0' => 'off'];
    }
}
