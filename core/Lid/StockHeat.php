<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;

/** A stretch of a school's own heat line, told as heat on the pot's base. */
final readonly class StockHeat
{
    private function __construct(
        public float $minutes,
        /** Heat on the base, net of the burner's loss. */
        public float $wattsPerCm2,
        public bool $plate,
        /** What ends it; null where the minutes do. */
        public ?Cue $till,
        public ?float $ovenC,
    ) {
    }

    public function isRest(): bool
    {
        return $this->wattsPerCm2 <= 0 && $this->ovenC === null;
    }

    /**
     * @param  Known<Cue>  $cues
     *
     * @throws Refused naming the field
     */
    public static function fromFields(Fields $fields, Known $cues): self
    {
        return new self(
            $fields->number('minutes', 0.5, 240, 'min'),
            $fields->number('w_per_cm2', 0, 10, 'W/cm²'),
            $fields->flag('plate', false),
            $fields->has('until') ? Cue::ending($cues, $fields->text('until'), $fields->at('until')) : null,
            $fields->has('oven_c') ? $fields->number('oven_c', 50, 250, '°C') : null,
        );
    }
}
