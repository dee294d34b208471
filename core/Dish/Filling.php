<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;

/** What lies between the rice, by weight of the raw rice, and the work it takes before. */
final readonly class Filling
{
    private const USUAL_SALT_G_PER_KG = 10.0;

    /**
     * @param  non-empty-list<array{name: string, kind: FillingKind, ofRice: float, holds: list<Allergen>}>  $parts
     * @param  list<Step>  $steps in order
     */
    private function __construct(public string $name, public float $ready, public float $saltGPerKg, public array $parts, public array $steps)
    {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        $parts = array_map(static fn (Fields $part): array => [
            'name' => $part->text('name'),
            'kind' => $part->one('kind', FillingKind::class),
            'ofRice' => $part->number('of_rice', 0.01, 4, 'times the rice'),
            'holds' => $part->many('holds', Allergen::class),
        ], $fields->each('parts'));
        if ($parts === []) {
            throw OutOfRange::because($fields->at('parts'), 'the list is empty;', 'give at least one part');
        }

        return new self(
            $fields->text('name'),
            $fields->number('ready', 0, 1),
            $fields->number('salt_g_per_kg', 0, 40, 'g per kg', self::USUAL_SALT_G_PER_KG),
            $parts,
            array_map(Step::fromFields(...), $fields->each('steps')),
        );
    }

    public function rawMass(Mass $rice): Mass
    {
        return $rice->times(array_sum(array_column($this->parts, 'ofRice')));
    }

    /** As layered: what is cooked before has given its share of the juice to a gravy cooked down. */
    public function layeredMass(Mass $rice): Mass
    {
        $ofRice = 0.0;
        foreach ($this->parts as $part) {
            $ofRice += $part['ofRice'] * (1 - $part['kind']->juiceShare() * $this->ready);
        }

        return $rice->times($ofRice);
    }

    /** Bulk density of the parts together, kg per litre. */
    public function kgPerLitre(): float
    {
        $mass = 0.0;
        $litres = 0.0;
        foreach ($this->parts as $part) {
            $mass += $part['ofRice'];
            $litres += $part['ofRice'] / $part['kind']->bulkKgPerLitre();
        }

        return $mass / $litres;
    }

    /** The part that must get hottest to be safe, if any must. */
    public function strictest(): ?FillingKind
    {
        $kinds = array_filter(array_column($this->parts, 'kind'), static fn (FillingKind $kind): bool => $kind->safeCoreC() !== null);
        usort($kinds, static fn (FillingKind $a, FillingKind $b): int => $b->safeCoreC() <=> $a->safeCoreC());

        return $kinds[0] ?? null;
    }
}
