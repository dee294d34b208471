<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** One ring of the stove. */
final readonly class Burner
{
    private function __construct(
        public string $id,
        public string $name,
        public BurnerKind $kind,
        public float $watts,
        public Knob $knob,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $kind = $fields->one('kind', BurnerKind::class);

        return new self(
            $fields->text('id'), $fields->text('name'), $kind, $fields->number('watts', 200, 15000, 'W'),
            $fields->has('knob') ? Knob::fromFields(
                $fields->object('knob'), $kind->least(),
            ) : Knob::plain($kind->least()),
        );
    }

    /** A rice cooker's own plate, as a ring. */
    public static function ofCooker(string $name, float $watts): self
    {
        return new self('cooker', $name, BurnerKind::Coil, $watts, Knob::plain(0.0));
    }

    /** Power that reaches the pot at full setting, W. */
    public function netW(): float
    {
        return $this->watts * $this->kind->efficiency();
    }

    public function label(): string
    {
        return sprintf('%s, %s kW', $this->name, number_format($this->watts / 1000, 1));
    }
}
