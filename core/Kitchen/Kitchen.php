<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use DateTimeZone;
use Orbek\Core\Lid\Burner;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Measure\Salt;
use Orbek\Core\Measure\Units;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Water\BoilingPoint;

/** Where it is cooked: how high, on what, in what, with which rice on the shelf. */
final readonly class Kitchen
{
    public const FORMAT = 'orbek-kitchen/1';

    /**
     * @param  non-empty-array<string, Pot>  $pots by id
     * @param  non-empty-array<string, Burner>  $burners by id
     * @param  non-empty-array<string, Lot>  $lots by id
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
        public Units $units,
        public ?Oven $oven,
        /** @var list<string> names of what is always there, as the shopping list calls it */
        public array $pantry,
        private array $document,
    ) {
    }

    /**
     * @param  array<string, mixed>  $document as schema/kitchen.json describes it
     *
     * @throws OutOfRange naming the field
     */
    public static function fromArray(array $document): self
    {
        $fields = Fields::of($document);
        if ($fields->text('format') !== self::FORMAT) {
            throw OutOfRange::unknown('format', $fields->text('format'), [self::FORMAT]);
        }

        $pots = self::byId($fields, 'pots', Pot::fromFields(...));
        $burners = self::byId($fields, 'burners', Burner::fromFields(...));
        $lots = self::byId($fields, 'lots', Lot::fromFields(...));

        try {
            $timezone = new DateTimeZone($fields->text('timezone'));
        } catch (\Exception) {
            throw OutOfRange::because('timezone', '"'.$fields->text('timezone').'" is not known;', 'give a name such as Europe/Zurich');
        }

        return new self(
            $fields->text('name'),
            $fields->number('altitude_m', -430, 5500, 'm'),
            $fields->number('room_c', 5, 45, '°C', 20),
            $fields->number('tap_c', 2, 40, '°C', 12),
            $timezone,
            $fields->one('cup', Cup::class, Cup::Metric),
            $fields->one('salt', Salt::class, Salt::Fine),
            $pots, $burners, $lots,
            $fields->one('units', Units::class, Units::Grams),
            $fields->has('oven') ? Oven::fromFields($fields->object('oven')) : null,
            $fields->texts('pantry'),
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
        return array_filter($this->pots, static fn (Pot $pot): bool => $pot->cookerW === null);
    }

    /**
     * Rice cookers.
     *
     * @return array<string, Pot> by id
     */
    public function cookers(): array
    {
        return array_filter($this->pots, static fn (Pot $pot): bool => $pot->cookerW !== null);
    }

    public function boilC(): float
    {
        return BoilingPoint::at($this->altitudeM);
    }

    /** @throws OutOfRange when the kitchen has no such pot */
    public function pot(string $id, string $field): Pot
    {
        return $this->pots[$id] ?? throw OutOfRange::unknown($field, $id, array_keys($this->pots));
    }

    /** @throws OutOfRange when the kitchen has no such burner */
    public function burner(string $id, string $field): Burner
    {
        return $this->burners[$id] ?? throw OutOfRange::unknown($field, $id, array_keys($this->burners));
    }

    /** @throws OutOfRange when the shelf has no such bag */
    public function lot(string $id, string $field): Lot
    {
        return $this->lots[$id] ?? throw OutOfRange::unknown($field, $id, array_keys($this->lots));
    }

    /** The ring with the most heat. */
    public function strongestBurner(): Burner
    {
        $burners = array_values($this->burners);
        usort($burners, static fn (Burner $a, Burner $b): int => $b->netW() <=> $a->netW());

        return $burners[0];
    }

    /**
     * @template T of Pot|Burner|Lot
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
                throw OutOfRange::because($entry->at('id'), "\"{$thing->id}\" is there twice;", 'give each its own');
            }
            $list[$thing->id] = $thing;
        }

        return $list !== [] ? $list : throw OutOfRange::because($name, 'the list is empty;', 'give at least one');
    }
}
