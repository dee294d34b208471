<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** When a cue is asked for at the stove. */
final readonly class Asked
{
    private function __construct(
        /** Only while that other cue is asked for; null where it stands by itself. */
        public ?string $with,
        /** So many minutes before the minute foretold; null where what it shows from decides. */
        public ?float $beforeMin,
        /** From then on, where no minute is foretold. */
        public float $atLatestMin,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->has('with') ? $fields->text('with') : null,
            $fields->has('before_min') ? $fields->number('before_min', 0, 60, 'min') : null,
            $fields->number('at_latest_min', 0, 240, 'min', 0),
        );
    }
}
