<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\Standing;
use Orbek\Core\Water\BoilingPoint;

/** Where it is cooked: how high, on what, in what, with which rice on the shelf. */
final readonly class Kitchen
{
    public const FORMAT = 'orbek-kitchen/2';

    /** @param  array<string, mixed>  $document */
    private function __construct(
        public string $name,
        public Site $site,
        public Equipment $equipment,
        public Pantry $pantry,
        public Reading $reading,
        private array $document,
    ) {
    }

    /**
     * @param  array<string, mixed>  $document as schema/kitchen.json describes it
     *
     * @throws Refused naming the field
     */
    public static function fromArray(array $document): self
    {
        $document = Editions::latest($document);
        $fields = Fields::of($document);
        if ($fields->text('format') !== self::FORMAT) {
            throw Refused::unknown('format', $fields->text('format'), [self::FORMAT, ...Editions::OLDER]);
        }

        return new self(
            $fields->text('name'), Site::fromFields($fields), Equipment::fromFields($fields),
            Pantry::fromFields($fields), Reading::fromFields($fields), $document,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->document;
    }

    /**
     * Pots that stand on a ring.
     *
     * @return array<string, Pot> by id
     */
    public function stovePots(): array
    {
        return array_filter($this->equipment->pots, static fn (Pot $pot): bool => $pot->cooker === null);
    }

    /**
     * Rice cookers.
     *
     * @return array<string, Pot> by id
     */
    public function cookers(): array
    {
        return array_filter($this->equipment->pots, static fn (Pot $pot): bool => $pot->cooker !== null);
    }

    public function boilC(): float
    {
        return BoilingPoint::at($this->site->altitudeM);
    }

    /** @throws Refused when the kitchen has no such pot */
    public function pot(string $id, string $field): Pot
    {
        return $this->equipment->pots[$id] ?? throw Refused::unknown($field, $id, array_keys($this->equipment->pots));
    }

    /** @throws Refused when the kitchen has no such burner */
    public function ring(string $id, string $field): Ring
    {
        $rings = $this->equipment->rings;

        return $rings[$id] ?? throw Refused::unknown($field, $id, array_keys($rings));
    }

    /**
     * A ring as a pot gets its heat that boils on it: through a plate where it must stand on one.
     *
     * @throws Refused when the kitchen has no such burner
     */
    public function ringUnder(Pot $pot, string $id, string $field): Ring
    {
        $ring = $this->ring($id, $field);

        return $this->equipment->plates !== [] && Standing::wantsPlate($pot, $ring)
            ? $ring->throughPlate() : $ring;
    }

    /** @throws Refused when the shelf has no such bag */
    public function bag(string $id, string $field): Bag
    {
        return $this->pantry->bags[$id] ?? throw Refused::unknown($field, $id, array_keys($this->pantry->bags));
    }

    /** The ring with the most heat. */
    public function strongestRing(): Ring
    {
        $rings = array_values($this->equipment->rings);
        usort($rings, static fn (Ring $a, Ring $b): int => $b->netW() <=> $a->netW());

        return $rings[0];
    }

    /**
     * A stretch of heat as a cook reads it: "9 min at half till steam meets the lid and 2 min more".
     *
     * @param  Stretch  $came the same as it comes out
     * @param  string  $standsOn the ring that the pot was closed on
     */
    public function saysStretch(Stretch $planned, Stretch $came, string $standsOn): Note
    {
        return Note::of(
            'heat-line.stretch', minutes: (int) round($came->minutes), heat: $this->says($planned->flame, $standsOn),
            isRest: $planned->isRest(), isTill: $planned->till !== null,
            till: $planned->till->as ?? '', more: round($planned->afterMin, 1),
        );
    }

    /** A heat in the words of its ring's knob; a ring that the pot is moved to is named. */
    public function says(Flame $flame, string $standsOn): Note
    {
        if ($flame->ovenC !== null) {
            return Note::of('flame.oven', celsius: (int) round($flame->ovenC));
        }
        if ($flame->isOff()) {
            return Note::of('flame.off');
        }
        if ($flame->ring === Ring::COOKER) {
            return Note::of('flame.keeps-warm');
        }
        $ring = $this->equipment->rings[$flame->ring === '' ? $standsOn : $flame->ring] ?? null;
        $mark = $ring?->knob->mark($flame->setting);

        return Note::of(
            'flame.on', isMarked: $mark !== null, mark: $mark->name ?? '', percent: (int) round(100 * $flame->setting),
            isOnPlate: $flame->plate !== null, plate: $flame->plate->name ?? '', isHot: $flame->isPlateHot,
            isMoved: $ring !== null && $ring->id !== $standsOn, ring: $ring->name ?? '',
        );
    }
}
