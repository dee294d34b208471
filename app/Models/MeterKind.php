<?php

declare(strict_types=1);

namespace App\Models;

use Orbek\Core\Measure\Refused;

/** What a thing measures, in which units it may speak, and what it can possibly read. */
enum MeterKind: string
{
    case Temperature = 'temperature';
    case Weight = 'weight';
    case Knob = 'knob';

    /** @return non-empty-list<string> */
    public function units(): array
    {
        return match ($this) {
            self::Temperature => ['C', 'F'],
            self::Weight => ['g', 'kg', 'oz', 'lb'],
            self::Knob => ['%'],
        };
    }

    /**
     * In °C, g or %.
     *
     * @throws Refused where nothing of the kind reads so
     */
    public function reads(float $value, string $unit): float
    {
        if (! in_array($unit, $this->units(), true)) {
            throw Refused::unknown('unit', $unit, $this->units());
        }
        $value = match ($unit) {
            'F' => ($value - 32) / 1.8,
            'kg' => 1000 * $value,
            'oz' => 28.349523125 * $value,
            'lb' => 453.59237 * $value,
            default => $value,
        };

        return match ($this) {
            self::Temperature => Refused::unlessBetween('value', $value, -30, 320, '°C'),
            self::Weight => Refused::unlessBetween('value', $value, 0, 50_000, 'g'),
            self::Knob => Refused::unlessBetween('value', $value, 0, 100, '%'),
        };
    }
}
