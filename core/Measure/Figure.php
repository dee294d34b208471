<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/**
 * A number a cook will see, made where it is computed: amount, unit, a window where it has one,
 * and the one or two lines that say what it came from.
 */
final readonly class Figure
{
    /** @param  non-empty-list<string>  $why */
    private function __construct(
        public float $amount,
        public string $unit,
        public int $decimals,
        public array $why,
        public ?float $from,
        public ?float $by,
        /** Bulk density, kg per litre, where it can be measured by cup and spoon. */
        public ?float $kgPerLitre = null,
    ) {
    }

    /** An amount shown with so many decimals. */
    public static function of(float $amount, string $unit, int $decimals, string ...$why): self
    {
        return new self($amount, $unit, $decimals, self::reasons($why), null, null);
    }

    /** A time of day. */
    public static function timeOfDay(\DateTimeInterface $time, string ...$why): self
    {
        return new self(60 * (int) $time->format('G') + (int) $time->format('i'), 'clock', 0, self::reasons($why), null, null);
    }

    /** Seconds, shown as minutes and seconds. */
    public static function seconds(float $seconds, string ...$why): self
    {
        return new self($seconds, 's', 0, self::reasons($why), null, null);
    }

    /** The same with the 10 to 90 % window round its likely value. */
    public function within(float $from, float $by): self
    {
        return new self($this->amount, $this->unit, $this->decimals, $this->why, $from, $by, $this->kgPerLitre);
    }

    /** The same as something that fills a cup so densely, kg per litre. */
    public function filling(float $kgPerLitre): self
    {
        return new self($this->amount, $this->unit, $this->decimals, $this->why, $this->from, $this->by, $kgPerLitre);
    }

    /** The amount with its unit, as a cook reads it. */
    public function text(): string
    {
        return $this->show($this->amount);
    }

    public function fromText(): string
    {
        return $this->show($this->from ?? $this->amount);
    }

    public function byText(): string
    {
        return $this->show($this->by ?? $this->amount);
    }

    /** Minutes and seconds: 339 → 5:39. */
    public static function clock(float $seconds): string
    {
        $whole = (int) round($seconds);

        return sprintf('%s%d:%02d', $whole < 0 ? '-' : '', intdiv(abs($whole), 60), abs($whole) % 60);
    }

    /** @return array{amount: float, unit: string, from?: float, by?: float, why: non-empty-list<string>} */
    public function toArray(): array
    {
        $window = $this->from === null || $this->by === null ? [] : ['from' => round($this->from, 4), 'by' => round($this->by, 4)];

        return ['amount' => round($this->amount, 4), 'unit' => $this->unit] + $window + ['why' => $this->why];
    }

    private function show(float $amount): string
    {
        if ($this->unit === 's') {
            return self::clock($amount);
        }
        if ($this->unit === 'clock') {
            return sprintf('%02d:%02d', intdiv((int) $amount, 60), (int) $amount % 60);
        }

        // Kitchen scales end at a few kilograms: past one, kilograms read easier.
        if ($this->unit === 'g' && $amount >= 1000) {
            return number_format($amount / 1000, 2, '.', '').' kg';
        }

        return trim(number_format($amount, $this->decimals, '.', '').' '.$this->unit);
    }

    /**
     * @param  array<int|string, string>  $why
     * @return non-empty-list<string>
     */
    private static function reasons(array $why): array
    {
        return $why === [] ? throw new \LogicException('A figure without a reason is not shown.') : array_values($why);
    }
}
