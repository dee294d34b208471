<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Water\Absorption;

/** What makes a pot a rice cooker: its plate, its own cup, its scale, and whether it keeps warm. */
final readonly class Cooker
{
    /** @param  array<int, float>  $lines line of the scale by cups of rice; none where they are the same */
    private function __construct(public float $watts, public float $cupMl, public array $lines, public bool $keepsWarm)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $lines = [];
        foreach ($fields->each('lines') as $line) {
            $lines[$line->whole('cups', 1, 30)] = $line->number('line', 0.5, 40);
        }
        ksort($lines);
        $last = 0.0;
        foreach ($lines as $cups => $line) {
            if ($line <= $last) {
                throw Refused::because($fields->at('lines'), 'refused.lines-out-of-order', cups: $cups, line: $line);
            }
            $last = $line;
        }

        return new self(
            $fields->number('watts', 100, 5000, 'W'),
            $fields->number('cup_ml', 50, 400, 'ml', Absorption::COOKER_CUP_ML),
            $lines,
            $fields->flag('keeps_warm', true),
        );
    }

    /**
     * Lines as a hand writes them: "2 cups 3, 4 cups 5.5".
     *
     * @return list<array{cups: int, line: float}>
     *
     * @throws Refused naming what cannot be read
     */
    public static function readLines(string $text, string $field): array
    {
        $lines = [];
        foreach (
            array_filter(
                array_map(trim(...), explode(',', $text)), static fn (string $one): bool => $one !== '',
            ) as $one
        ) {
            if (preg_match('/^(\d{1,2})\s*(?:cups?)?[\s:=]+(\d{1,2}(?:\.\d)?)$/u', $one, $read) !== 1) {
                throw Refused::because($field, 'refused.a-line-is-cups-and-a-line', read: $one);
            }
            $lines[] = ['cups' => (int) $read[1], 'line' => (float) $read[2]];
        }

        return $lines;
    }

    /** Which line of its scale is for so many cups: as it is marked, between marks by the straight way. */
    public function line(float $cups): float
    {
        if ($this->lines === []) {
            return $cups;
        }
        $below = [0, 0.0];
        foreach ($this->lines as $mark => $line) {
            if ($cups <= $mark) {
                return $below[1] + ($line - $below[1]) * ($cups - $below[0]) / ($mark - $below[0]);
            }
            $below = [$mark, $line];
        }

        return $below[1] * $cups / max(1, $below[0]);
    }
}
