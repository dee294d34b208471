<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** One step of a preparation. */
final readonly class PreparationStep
{
    private function __construct(
        public string $does, public int $minutes, public Attention $attention,
        /** Whether it stands on a ring: that of its topping. */
        public bool $needsRing,
    ) {
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('does'), $fields->whole('minutes', 1, 1440), $fields->one('attention', Attention::class),
            $fields->flag('ring', false),
        );
    }
}
