<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Stage;

/** How the rice is boiled and what it waits in. */
final readonly class WaterChoice
{
    private function __construct(
        public string $pot,
        public string $burner,
        public float $perRice,
        public float $saltGPerL,
        public Stage $stage,
        public Draining $draining,
        public bool $oil,
        public bool $lemon,
    ) {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('pot'),
            $fields->text('burner'),
            $fields->number('per_rice', 4, 10, 'times the rice', 6),
            $fields->number('salt_g_per_l', 0, 50, 'g/L', 17),
            $fields->one('stage', Stage::class),
            $fields->one('drain', Draining::class, Draining::Heap),
            $fields->flag('oil', false),
            $fields->flag('lemon', false),
        );
    }
}
