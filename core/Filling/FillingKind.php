<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * What goes between the rice, as far as its heat and juice differ: a row of schema/craft/fillings.json
 * (docs/model.md, section C).
 */
final readonly class FillingKind
{
    /** When what has a gravy comes into the pan, and what makes one of itself. */
    public const COMES_LAST = 3;

    /**
     * @param  list<Allergen>  $holds what guests must be told of it, whoever cooks it
     * @param  list<Readying>  $readied how it is usually readied, in order
     */
    private function __construct(
        public string $id,
        public string $name,
        public FillingGroup $group,
        /** Minutes at 95 °C until it is tender; 0 where there is nothing to wait for. */
        public float $tenderMin,
        /** Share of the raw weight given off as juice when cooked through. */
        public float $juiceShare,
        /** Core temperature that makes it safe, °C; null where there is none to reach. */
        public ?float $safeCoreC,
        /** Half the thickness of a usual piece, mm. */
        public float $halfThicknessMm,
        /** Bulk density when layered, kg per litre: meat in gravy or vegetables (section E). */
        public float $bulkKgPerLitre,
        public array $holds,
        /** Whether its pieces are wanted whole: of others it is no fault to fall apart. */
        public bool $staysWhole,
        public Looks $looks,
        /** How far it is cooked by that when it is layered, 0 to 1. */
        public float $ready,
        private array $readied,
        /** When it comes into the pan: onion before tomato, both before what they are the gravy of. */
        public int $comes,
    ) {
    }

    /** Whether it may not be eaten as it comes: meat, fish, egg. */
    public function wantsCooking(): bool
    {
        return $this->group->isMeatOrFish() || $this->group === FillingGroup::Egg;
    }

    /** Whether its kind says what it is, whatever it is called: raw lamb, not "pulses, nuts or dried fruit". */
    public function isOneThing(): bool
    {
        return $this->wantsCooking();
    }

    /**
     * The work that it brings along, as a dish keeps it.
     *
     * @param  string  $part what the cook calls it
     * @param  string  $ring that it is cooked on
     * @param  bool  $isThrough cooked through by itself: it is served beside the pot
     * @param  bool  $isRaw it goes in raw, to be cooked with the rice
     * @return list<array<string, mixed>> steps
     */
    public function work(string $part, string $ring, bool $isThrough = false, bool $isRaw = false): array
    {
        $steps = array_filter($this->readied, static fn (Readying $one): bool => ! $isRaw || $one->isAlways);

        return array_values(array_map(
            fn (Readying $one): array => $one->step($this, $part, $ring, $this->ready, $isThrough), $steps,
        ));
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            id: $fields->text('id'),
            name: $fields->text('name'),
            group: $fields->one('group', FillingGroup::class),
            tenderMin: $fields->number('tender_min', 0, 600, 'min'),
            juiceShare: $fields->number('juice_share', 0, 0.6),
            safeCoreC: $fields->has('safe_core_c') ? $fields->number('safe_core_c', 55, 90, '°C') : null,
            halfThicknessMm: $fields->number('half_mm', 1, 80, 'mm'),
            bulkKgPerLitre: $fields->number('bulk_kg_per_l', 0.1, 1.5, 'kg/L'),
            holds: $fields->many('holds', Allergen::class),
            staysWhole: $fields->flag('stays_whole', false),
            looks: $fields->one('looks', Looks::class, Looks::Cube),
            ready: $fields->number('ready', 0, 1, '', 1),
            readied: array_map(Readying::fromFields(...), $fields->each('readied')),
            comes: $fields->whole('comes', 1, self::COMES_LAST, self::COMES_LAST),
        );
    }
}
