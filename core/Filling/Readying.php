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
        $tenders = $kind->tenderMin * ($isThrough ? self::THROUGH : $ready);

        return array_filter([
            'name' => mb_substr(mb_strtoupper(mb_substr($part, 0, 1)).mb_substr($part, 1).": {$this->does}", 0, 80),
            'minutes' => $this->minutes ?? max(1, (int) round($tenders)),
            'attention' => $this->hands,
            'burner' => $this->isOnRing ? $ring : null,
            'till' => $this->till,
            'fat_ml_per_kg' => $this->fatMlPerKg > 0 ? $this->fatMlPerKg : null,
            'of' => $kind->id,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
