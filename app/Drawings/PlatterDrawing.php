<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Filling\Looks;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;

/** A platter in section as SVG paths: rice, what is served with it, rice again, and what goes on top. */
final readonly class PlatterDrawing
{
    private const HALF = 150.0;

    private const BAND = 34.0;

    private const TOP = 26.0;

    private const FOOT = 22.0;

    private const LABELS = 190.0;

    /** A heap narrows by so much of its half width from its foot to its top. */
    private const NARROWS = 0.62;

    /** @var non-empty-list<array{label: Note, hatch: Hatch}> from below */
    private array $laid;

    public function __construct(private Plan $plan)
    {
        $rice = [
            'label' => Note::of('potted.rice', saffron: false, stage: null, plain: true), 'hatch' => Hatch::grains(1.0),
        ];
        $laid = [$rice];
        foreach ($plan->dish->fillings->beside()->all as $filling) {
            $laid[] = ['label' => Note::name($filling->name), 'hatch' => Hatch::filling(self::looks($filling))];
            $laid[] = $rice;
        }
        $this->laid = $laid;
    }

    public function width(): float
    {
        return 2 * self::HALF + self::LABELS;
    }

    public function height(): float
    {
        return self::TOP + count($this->laid) * self::BAND + self::FOOT;
    }

    public function labelX(): float
    {
        return 2 * self::HALF + 12;
    }

    public function topY(): float
    {
        return self::TOP - 8;
    }

    /** @return list<string> names of what goes on at the last */
    public function onTop(): array
    {
        $on = array_filter(
            $this->plan->dish->build->extras, static fn (Extra $one): bool => $one->split['top'] > 0 || $one->isSteamed,
        );

        return array_values(array_map(static fn (Extra $one): string => $one->name, $on));
    }

    /** @return non-empty-list<array{label: Note, hatch: Hatch, outline: string, labelY: float}> from below */
    public function bands(): array
    {
        $all = count($this->laid);

        return array_map(function (array $one, int $index) use ($all): array {
            $low = $this->base() - $index * self::BAND;
            [$wide, $narrow] = [$this->half($index / $all), $this->half(($index + 1) / $all)];

            return $one + [
                'outline' => sprintf(
                    'M%.1f,%.1fL%.1f,%.1fH%.1fL%.1f,%.1fZ', self::HALF - $wide, $low, self::HALF - $narrow,
                    $low - self::BAND, self::HALF + $narrow, self::HALF + $wide, $low,
                ),
                'labelY' => round($low - self::BAND / 2 + 4, 1),
            ];
        }, $this->laid, array_keys($this->laid));
    }

    /** The platter's own line. */
    public function rim(): string
    {
        return sprintf('M2,%.1fq10,12 34,12H%.1fq24,0 34,-12', $this->base() - 4, 2 * self::HALF - 36);
    }

    private function base(): float
    {
        return self::TOP + count($this->laid) * self::BAND;
    }

    private function half(float $share): float
    {
        return (self::HALF - 26) * (1 - self::NARROWS * $share);
    }

    private static function looks(Filling $filling): Looks
    {
        $parts = $filling->parts;
        usort($parts, static fn (FillingPart $a, FillingPart $b): int => $b->ofRice <=> $a->ofRice);

        return $parts[0]->kind->looks;
    }
}
