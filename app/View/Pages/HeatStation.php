<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Measure\Note;
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
            'plates' => ['none' => $this->say->say('pages/pot-more.no-plate'), ...array_merge(...array_values(array_map(
                fn (Plate $plate): array => [
                    $plate->id => $this->say->say('pages/pot-more.on-the-plate', plate: $plate->name, isHot: false),
                    "{$plate->id}:hot" => $this->say->say(
                        'pages/pot-more.on-the-plate', plate: $plate->name, isHot: true,
                    ),
                ], $plan->kitchen->equipment->plates,
            )))],
            'cues' => ['none' => $this->say->say('pages/pot-more.for-so-many-minutes')] + array_map(
                fn (Cue $cue): string => $this->say->say('pages/pot-more.till-the-cue', cue: $cue->as), $ends,
            ),
            'steam' => fn (float $grams): string => $this->say->amount(Quantity::grams($grams)->filling(1.0)),
            'asTold' => AsTold::heat($plan), 'restTold' => AsTold::rest($plan),
            'marks' => fn (Flame $flame): array => $this->marks($plan, $flame),
        ]);
    }

    /** @return array<array-key, string> what a knob can be set to, in its own words, by per cent */
    private function marks(Plan $plan, Flame $flame): array
    {
        $knob = $plan->kitchen->equipment->rings[$flame->ring]->knob ?? null;
        $shares = [...$knob?->shares() ?? [], $flame->setting];
        sort($shares);
        $marks = [];
        foreach ($shares as $share) {
            $percent = (string) round(100 * $share);
            $marks[$percent] = $knob?->mark($share)->name ?? "{$percent} %";
        }

        return $marks + ['0' => $this->say->text(Note::of('flame.off'))];
    }
}
