<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A plate between flame and pot: a tava, a diffuser. It spreads the heat and holds it back. */
final readonly class Plate
{
    /** Of a plate that nobody has weighed. */
    private const USUAL_KG = 1.3;

    private function __construct(public string $id, public string $name, public float $kg)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('id'), $fields->text('name'), $fields->number('kg', 0.1, 10, 'kg', self::USUAL_KG),
        );
    }

    /** One that is told of without a word of which. */
    public static function usual(): self
    {
        return new self('plate', 'plate', self::USUAL_KG);
    }
}
