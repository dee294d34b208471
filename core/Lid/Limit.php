<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** One thing a sealed pot must end with, how it ends, and how near the edge that is. */
final readonly class Limit
{
    public function __construct(
        public string $name,
        public float $value,
        /** At least and at most; infinite where there is no such edge. */
        public float $from,
        public float $to,
        public string $unit,
        public int $decimals,
        /** What missing it by one unit costs, against other misses. */
        private float $weight,
        /** Browning grows by factors: its distance is one of logarithms. */
        private bool $byFactor = false,
        /** What going past the far edge costs, where that is less bad. */
        private ?float $pastWeight = null,
    ) {
    }

    public function isMet(): bool
    {
        return $this->value >= $this->from && $this->value <= $this->to;
    }

    /** 0 where it is met; else how badly it is missed. */
    public function miss(): float
    {
        if ($this->isMet()) {
            return 0.0;
        }
        $edge = $this->value < $this->from ? $this->from : $this->to;

        return ($this->value > $this->to ? $this->pastWeight ?? $this->weight : $this->weight) * ($this->byFactor ? abs(log(max(1e-3, $this->value) / max(1e-3, $edge))) : abs($this->value - $edge));
    }

    public function words(): string
    {
        $show = fn (float $value): string => trim(number_format($value, $this->decimals, '.', '').' '.$this->unit);

        return sprintf('%s %s%s%s', $this->name, $show($this->value),
            is_finite($this->from) && $this->from > 0 ? ', at least '.$show($this->from) : '',
            is_finite($this->to) ? ', at most '.$show($this->to) : '');
    }
}
