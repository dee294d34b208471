<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A step by which a kind of filling is usually readied before it is layered, or served beside. */
final readonly class Readying
{
    /** A step that goes on till the filling is done through takes so many times what makes it tender. */
    private const THROUGH = 1.1;

    /** What makes it tender is looked at from here on, and may take so much longer, times the usual (our own). */
    private const TENDER_LEAST = 0.75;

    private const TENDER_MOST = 1.5;

    private function __construct(
        public string $does,
        /** Null where it lasts till it is as tender as it is to be. */
        private ?int $minutes,
        /** throughout, start, end or none: when it wants the cook. */
        private string $hands,
        private bool $isOnRing,
        private float $fatMlPerKg,
        /** What ends it: seen, felt or measured. */
        private ?string $till,
        /** Whether it is done although the filling goes in raw: an egg. */
        public bool $isAlways,
        /** From when on its end is looked for, and when it has gone too far, min; null where not told. */
        private ?int $leastMin,
        private ?int $mostMin,
        /** What is tasted at its end (schema/dish.json, step). */
        private ?string $tastes,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            does: $fields->text('does'),
            minutes: $fields->flag('tenders', false) ? null : $fields->whole('minutes', 1, 240),
            hands: $fields->text('hands'),
            isOnRing: $fields->flag('ring', true),
            fatMlPerKg: $fields->number('fat_ml_per_kg', 0, 200, 'ml', 0),
            till: $fields->has('till') ? $fields->text('till') : null,
            isAlways: $fields->flag('always', false),
            leastMin: $fields->has('least') ? $fields->whole('least', 1, 240) : null,
            mostMin: $fields->has('most') ? $fields->whole('most', 1, 480) : null,
            tastes: $fields->has('tastes') ? $fields->text('tastes') : null,
        );
    }

    /**
     * As a dish keeps it (schema/dish.json, step).
     *
     * @param  string  $part what the cook calls it
     * @param  float  $ready how far it is to be, 0 to 1
     * @return array<string, mixed>
     */
    public function step(FillingKind $kind, string $part, string $ring, float $ready, bool $isThrough): array
    {
        $minutes = $this->minutes
            ?? max(1, (int) round($kind->tenderMin * ($isThrough ? self::THROUGH : $ready)));
        $isLookedAt = $this->minutes === null && $this->till !== null;

        return array_filter([
            'name' => mb_substr(mb_strtoupper(mb_substr($part, 0, 1)).mb_substr($part, 1).": {$this->does}", 0, 80),
            'minutes' => $minutes,
            'least_min' => $isLookedAt ? max(1, (int) floor(self::TENDER_LEAST * $minutes)) : $this->leastMin,
            'most_min' => $isLookedAt ? (int) ceil(self::TENDER_MOST * $minutes) : $this->mostMin,
            'attention' => $this->hands,
            'burner' => $this->isOnRing ? $ring : null,
            'till' => $this->till,
            'fat_ml_per_kg' => $this->fatMlPerKg > 0 ? $this->fatMlPerKg : null,
            'of' => $kind->id,
            'tastes' => $this->tastes,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
