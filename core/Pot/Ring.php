<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** One ring of the stove. */
final readonly class Ring
{
    /** The id of a rice cooker's own plate. */
    public const COOKER = 'cooker';

    /** No ring is wider, cm: a strong flame without a word of how wide is taken for this. */
    private const MOST_ACROSS_CM = 40.0;

    /** At a boil under full heat, a plate 80 K over the pot: what it loses and what hot metal does not take is gone. */
    private const PLATE_LETS_THROUGH = 0.75;

    /** Of a flame, a part of which goes past. */
    private const PLATE_LETS_FLAME_THROUGH = 0.54;

    private function __construct(
        public string $id,
        public string $name,
        public RingKind $kind,
        public float $watts,
        public Knob $knob,
        /** Across its flame or field, cm. */
        public float $acrossCm,
        /** What a plate between lets through. */
        private float $through = 1.0,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $kind = $fields->one('kind', RingKind::class);

        $watts = $fields->number('watts', 200, $kind->mostW(), 'W');

        return new self(
            $fields->text('id'), $fields->text('name'), $kind, $watts,
            $fields->has('knob') ? Knob::fromFields(
                $fields->object('knob'), $kind->least(),
            ) : Knob::plain($kind->least()),
            $fields->number(
                'across_cm', 4, self::MOST_ACROSS_CM, 'cm', min(self::MOST_ACROSS_CM, $kind->acrossCm($watts)),
            ),
        );
    }

    /** A rice cooker's own plate, as a ring. */
    public static function ofCooker(string $name, float $watts): self
    {
        return new self(self::COOKER, $name, RingKind::Coil, $watts, Knob::plain(0.0), 0.0);
    }

    /** Power that reaches the pot at full setting, W. */
    public function netW(): float
    {
        return $this->watts * $this->kind->efficiency() * $this->through;
    }

    /** The same with a plate between, for a pot that stands on it all the time (section F). */
    public function throughPlate(): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            kind: $this->kind,
            watts: $this->watts,
            knob: $this->knob,
            acrossCm: $this->acrossCm,
            through: $this->kind->isFlame() ? self::PLATE_LETS_FLAME_THROUGH : self::PLATE_LETS_THROUGH,
        );
    }

    public function label(): string
    {
        return sprintf('%s, %s kW', $this->name, number_format($this->watts / 1000, 1));
    }
}
