<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use DateTimeZone;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Measure\Salt;
use Orbek\Core\Pot\Burner;
use Orbek\Core\Pot\Oven;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Standing;
use Orbek\Core\Water\BoilingPoint;

/** Where it is cooked: how high, on what, in what, with which rice on the shelf. */
final readonly class Kitchen
{
    public const FORMAT = 'orbek-kitchen/2';

    /**
     * @param  non-empty-array<string, Pot>  $pots by id
     * @param  non-empty-array<string, Burner>  $burners by id
     * @param  non-empty-array<string, Lot>  $lots by id
     * @param  array<string, Plate>  $plates by id
     * @param  array<string, mixed>  $document
     */
    private function __construct(
        public string $name,
        public float $altitudeM,
        public float $roomC,
        public float $tapC,
        public DateTimeZone $timezone,
        public Cup $cup,
        public Salt $salt,
        public array $pots,
        public array $burners,
        public array $lots,
        public array $plates,
        public ?Oven $oven,
        /** @var list<string> names of what is always there, as the shopping list calls it */
        public array $pantry,
        /** Pairs of hands that usually cook. */
        public int $hands,
        public bool $hasThermometer,
        public bool $hasScale,
        /** Of the tray that drained rice is spread on; null where nobody told. */
        public ?float $trayCm2,
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

        $pots = self::byId($fields, 'pots', Pot::fromFields(...));
        $burners = self::byId($fields, 'burners', Burner::fromFields(...));
        $lots = self::byId($fields, 'lots', Lot::fromFields(...));

        if (array_filter($pots, static fn (Pot $pot): bool => $pot->cooker === null) === []) {
            throw Refused::because('pots', 'refused.no-pot-for-a-ring');
        }

        try {
            $timezone = new DateTimeZone($fields->text('timezone'));
        } catch (\Exception) {
            throw Refused::because('timezone', 'refused.is-not-known-give-a-name', fields: $fields->text('timezone'));
        }

        return new self(
            $fields->text('name'),
            $fields->number('altitude_m', -430, 5500, 'm'),
            $fields->number('room_c', 5, 45, '°C', 20),
            $fields->number('tap_c', 2, 40, '°C', 12),
            $timezone,
            $fields->one('cup', Cup::class, Cup::Metric),
            $fields->one('salt', Salt::class, Salt::Fine),
            $pots, $burners, $lots, self::plates($fields),
            $fields->has('oven') ? Oven::fromFields($fields->object('oven')) : null,
            $fields->texts('pantry'),
            $fields->whole('hands', 1, 6, 1),
            $fields->flag('thermometer', false),
            $fields->flag('scale', true),
            $fields->has('tray_cm2') ? $fields->number('tray_cm2', 100, 10000, 'cm²') : null,
            Reading::fromFields($fields),
            $document,
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
        return array_filter($this->pots, static fn (Pot $pot): bool => $pot->cooker === null);
    }

    /**
     * Rice cookers.
     *
     * @return array<string, Pot> by id
     */
    public function cookers(): array
    {
        return array_filter($this->pots, static fn (Pot $pot): bool => $pot->cooker !== null);
    }

    public function boilC(): float
    {
        return BoilingPoint::at($this->altitudeM);
    }

    /** @throws Refused when the kitchen has no such pot */
    public function pot(string $id, string $field): Pot
    {
        return $this->pots[$id] ?? throw Refused::unknown($field, $id, array_keys($this->pots));
    }

    /** @throws Refused when the kitchen has no such burner */
    public function burner(string $id, string $field): Burner
    {
        return $this->burners[$id] ?? throw Refused::unknown($field, $id, array_keys($this->burners));
    }

    /**
     * A ring as a pot gets its heat that boils on it: through a plate where it must stand on one.
     *
     * @throws Refused when the kitchen has no such burner
     */
    public function burnerUnder(Pot $pot, string $id, string $field): Burner
    {
        $burner = $this->burner($id, $field);

        return $this->plates !== [] && Standing::wantsPlate($pot, $burner) ? $burner->throughPlate() : $burner;
    }

    /** @throws Refused when the shelf has no such bag */
    public function lot(string $id, string $field): Lot
    {
        return $this->lots[$id] ?? throw Refused::unknown($field, $id, array_keys($this->lots));
    }

    /** The ring with the most heat. */
    public function strongestBurner(): Burner
    {
        $burners = array_values($this->burners);
        usort($burners, static fn (Burner $a, Burner $b): int => $b->netW() <=> $a->netW());

        return $burners[0];
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
        if ($flame->ring === Burner::COOKER) {
            return Note::of('flame.keeps-warm');
        }
        $ring = $this->burners[$flame->ring === '' ? $standsOn : $flame->ring] ?? null;
        $mark = $ring?->knob->mark($flame->setting);

        return Note::of(
            'flame.on', isMarked: $mark !== null, mark: $mark->name ?? '', percent: (int) round(100 * $flame->setting),
            isOnPlate: $flame->plate !== null, plate: $flame->plate->name ?? '',
            isMoved: $ring !== null && $ring->id !== $standsOn, ring: $ring->name ?? '',
        );
    }

    /**
     * @return array<string, Plate> by id
     *
     * @throws Refused
     */
    private static function plates(Fields $fields): array
    {
        return $fields->each('plates') === [] ? [] : self::byId($fields, 'plates', Plate::fromFields(...));
    }

    /**
     * @template T of Pot|Burner|Lot|Plate
     *
     * @param  callable(Fields): T  $read
     * @return non-empty-array<string, T>
     */
    private static function byId(Fields $fields, string $name, callable $read): array
    {
        $list = [];
        foreach ($fields->each($name) as $entry) {
            $thing = $read($entry);
            if (isset($list[$thing->id])) {
                throw Refused::because($entry->at('id'), 'refused.is-there-twice-give-each-its', thing: $thing->id);
            }
            $list[$thing->id] = $thing;
        }

        return $list !== [] ? $list : throw Refused::because($name, 'refused.the-list-is-empty-give-at');
    }
}
