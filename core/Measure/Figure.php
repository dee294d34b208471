<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/**
 * A number a cook will see, made where it is computed: amount, unit, a window where it has one,
 * and the one or two lines that say what it came from.
 */
final readonly class Figure
{
    /** @param  non-empty-list<Note|string>  $why */
    private function __construct(
        public float $amount,
        public string $unit,
        public int $decimals,
        public array $why,
        public ?float $from,
        public ?float $by,
        /** Bulk density, kg per litre, where it can be measured by cup and spoon. */
        public ?float $kgPerLitre = null,
        /** What one weighs, g, of what comes by the piece. */
        public ?float $pieceG = null,
    ) {
    }

    /** An amount shown with so many decimals. */
    public static function of(float $amount, string $unit, int $decimals, Note|string ...$why): self
    {
        return new self($amount, $unit, $decimals, self::reasons($why), null, null);
    }

    /** A time of day. */
    public static function timeOfDay(\DateTimeInterface $time, Note|string ...$why): self
    {
        return new self(
            60 * (int) $time->format('G') + (int) $time->format('i'), 'clock', 0, self::reasons($why), null, null,
        );
    }

    /** Seconds, shown as minutes and seconds. */
    public static function seconds(float $seconds, Note|string ...$why): self
    {
        return new self($seconds, 's', 0, self::reasons($why), null, null);
    }

    /** The same with the 10 to 90 % window round its likely value. */
    public function within(float $from, float $by): self
    {
        return new self(
            amount: $this->amount,
            unit: $this->unit,
            decimals: $this->decimals,
            why: $this->why,
            from: $from,
            by: $by,
            kgPerLitre: $this->kgPerLitre,
            pieceG: $this->pieceG,
        );
    }

    /** The same as something that fills a cup so densely, kg per litre. */
    public function filling(float $kgPerLitre): self
    {
        return new self(
            amount: $this->amount,
            unit: $this->unit,
            decimals: $this->decimals,
            why: $this->why,
            from: $this->from,
            by: $this->by,
            kgPerLitre: $kgPerLitre,
            pieceG: $this->pieceG,
        );
    }

    /** The same as something that is counted, each of so much; null where it is not. */
    public function counted(?float $pieceG): self
    {
        return new self(
            amount: $this->amount,
            unit: $this->unit,
            decimals: $this->decimals,
            why: $this->why,
            from: $this->from,
            by: $this->by,
            kgPerLitre: $this->kgPerLitre,
            pieceG: $pieceG,
        );
    }

    /**
     * All of one thing, measured as the first is; each reason once.
     *
     * @param  non-empty-list<self>  $amounts of one unit
     */
    public static function sum(array $amounts): self
    {
        $why = array_merge(...array_map(static fn (self $one): array => $one->why, $amounts));

        return new self(
            amount: array_sum(array_map(static fn (self $one): float => $one->amount, $amounts)),
            unit: $amounts[0]->unit,
            decimals: $amounts[0]->decimals,
            why: self::reasons(array_values(array_unique($why, SORT_REGULAR))),
            from: null,
            by: null,
            kgPerLitre: $amounts[0]->kgPerLitre,
            pieceG: $amounts[0]->pieceG,
        );
    }

    /** The amount without its reasons and its window. */
    public function quantity(): Quantity
    {
        return Quantity::of($this->amount, $this->unit, $this->decimals)->filling($this->kgPerLitre)
            ->counted($this->pieceG);
    }

    /** The early edge of its window. */
    public function from(): Quantity
    {
        return Quantity::of($this->from ?? $this->amount, $this->unit, $this->decimals)->filling($this->kgPerLitre);
    }

    /** The late edge of its window. */
    public function by(): Quantity
    {
        return Quantity::of($this->by ?? $this->amount, $this->unit, $this->decimals)->filling($this->kgPerLitre);
    }

    /** Minutes and seconds: 339 → 5:39. */
    public static function clock(float $seconds): string
    {
        $whole = (int) round($seconds);

        return sprintf('%s%d:%02d', $whole < 0 ? '-' : '', intdiv(abs($whole), 60), abs($whole) % 60);
    }

    /**
     * @param  array<int|string, Note|string>  $why
     * @return non-empty-list<Note|string>
     */
    private static function reasons(array $why): array
    {
        return $why === [] ? throw new \LogicException('A figure without a reason is not shown.') : array_values($why);
    }
}
