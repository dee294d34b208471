<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** The oven, for a pot that is kept warm or steamed from all sides. */
final readonly class Oven
{
    private const USUAL_C = 180.0;

    private function __construct(public string $name, public float $leastC, public float $mostC)
    {
    }

    /** What a pot is steamed at in it where nothing else is said, °C. */
    public function usualC(): float
    {
        return min(self::USUAL_C, $this->mostC);
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $least = $fields->number('least_c', 30, 200, '°C', 50);

        return new self($fields->text('name'), $least, $fields->number('most_c', max(80, $least), 300, '°C', 250));
    }
}
