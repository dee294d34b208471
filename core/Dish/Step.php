<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** A stretch of work that a dish brings along: browning, simmering, a salad. */
final readonly class Step
{
    private function __construct(public string $name, public int $minutes, public Attention $attention, public ?string $burner)
    {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('name'),
            $fields->whole('minutes', 1, 2880),
            $fields->one('attention', Attention::class, Attention::Throughout),
            $fields->has('burner') ? $fields->text('burner') : null,
        );
    }
}
