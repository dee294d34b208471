<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Stage;

/** How the rice is cooked: boiled and drained to a stage, or in water measured out to be taken up. */
final readonly class WaterChoice
{
    private function __construct(
        public string $pot,
        public string $ring,
        public float $perRice,
        public float $saltGPerL,
        public Stage $stage,
        public Draining $draining,
        public bool $oil,
        public bool $lemon,
        public Spices $spices,
        /** Measured water: minutes it simmers without a lid, till dry craters show. */
        public int $openMin,
        /** Measured water: broth that takes the place of water, over the raw rice by weight. */
        public float $brothPerRice,
        /** Measured water: minutes that the drained rice is toasted in fat before it. */
        public int $toastMin,
    ) {
    }

    /**
     * @param  string  $lidRing the ring where none is named: that of the sealed pot
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Cooking $cooking, string $lidRing): self
    {
        return new self(
            pot: $fields->text('pot'),
            ring: $fields->has('burner') ? $fields->text('burner') : $lidRing,
            perRice: $fields->number('per_rice', 4, 10, 'times the rice', 6),
            saltGPerL: $fields->number('salt_g_per_l', 0, 50, 'g/L', $cooking->isMeasured() ? 8 : 17),
            stage: $fields->one('stage', Stage::class, match (true) {
                $cooking === Cooking::Share => Stage::Thread,
                $cooking->isMeasured() => Stage::Smears,
                default => null,
            }),
            draining: $fields->one('drain', Draining::class, Draining::Heap),
            oil: $fields->flag('oil', false),
            lemon: $fields->flag('lemon', false),
            spices: $fields->one('spices', Spices::class, Spices::None),
            openMin: $fields->whole('open_min', 0, 60, $cooking === Cooking::OnePot ? 8 : 0),
            brothPerRice: $fields->number('broth_per_rice', 0, 3, 'times the rice', 0),
            toastMin: $cooking->isMeasured() ? $fields->whole('toast_min', 0, 5, 0) : 0,
        );
    }
}
