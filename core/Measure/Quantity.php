<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use LogicException;

/** An amount with its unit, to be shown in the units that whoever reads it has chosen. */
final readonly class Quantity
{
    private function __construct(
        public float $amount, public string $unit, public int $decimals, public ?float $kgPerLitre = null,
        /** What one weighs, g, of what comes by the piece. */
        public ?float $pieceG = null,
    ) {
    }

    public static function of(float $amount, string $unit, int $decimals = 0): self
    {
        return new self($amount, $unit, $decimals);
    }

    public static function grams(float $grams, int $decimals = 0): self
    {
        return new self($grams, 'g', $decimals);
    }

    public static function celsius(float $celsius, int $decimals = 0): self
    {
        return new self($celsius, '°C', $decimals);
    }

    /** A stretch of time, told in hours and minutes. */
    public static function minutes(float $minutes): self
    {
        return new self($minutes, 'h:min', 0);
    }

    /** Minutes and seconds: 5:39. */
    public static function seconds(float $seconds): self
    {
        return new self($seconds, 's', 0);
    }

    /** The same as something that fills a cup so densely. */
    public function filling(?float $kgPerLitre): self
    {
        return new self($this->amount, $this->unit, $this->decimals, $kgPerLitre, $this->pieceG);
    }

    /** The same as something that is counted, each of so much. */
    public function counted(?float $pieceG): self
    {
        return new self($this->amount, $this->unit, $this->decimals, $this->kgPerLitre, $pieceG);
    }

    /** In grams and litres; what is less than its decimals can show is told as less, not as nothing. */
    public function told(): Note
    {
        $least = 10 ** -$this->decimals;
        $isTrace = $this->amount > 0 && $this->amount < $least / 2 && in_array($this->unit, ['g', 'ml', 'L'], true);
        // Kitchen scales end at a few kilograms: past one, kilograms read easier.
        $said = $this->unit === 'g' && $this->amount >= 1000
            ? Note::of('units.kg', n: number_format($this->amount / 1000, 2, '.', ''))
            : $this->inItsUnit(number_format($isTrace ? $least : $this->amount, $this->decimals, '.', ''));

        return $isTrace ? Note::of('units.under', amount: $said) : $said;
    }

    private function inItsUnit(string $n): Note
    {
        return match ($this->unit) {
            '' => Note::of('units.plain', n: $n),
            'g' => Note::of('units.g', n: $n),
            'ml' => Note::of('units.ml', n: $n),
            'L' => Note::of('units.litres', n: $n),
            'cm' => Note::of('units.cm', n: $n),
            'min' => Note::of('units.min', n: $n),
            '°C' => Note::of('units.celsius', n: $n),
            'kcal' => Note::of('units.kcal', n: $n),
            'drops' => Note::of('units.drops', n: $n),
            'cups' => Note::of('units.cups', n: $n, isOne: $this->amount <= 1),
            '% kept' => Note::of('units.kept', n: $n),
            '% salt' => Note::of('units.salt', n: $n),
            default => throw new LogicException("The unit \"{$this->unit}\" has no words."),
        };
    }
}
