<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Filling\FillingGroup;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Filling\Marinade;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Measure\Fat;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/**
 * One thing that lies between the rice, or is served with it, by weight of the raw rice, and the work
 * it takes before.
 */
final readonly class Filling
{
    /** Layered so far on the way to tender it has been cooked. */
    private const COOKED = 0.5;

    /** A filling less ready than this goes in raw. */
    public const RAW = 0.3;

    private const USUAL_SALT_G_PER_KG = 10.0;

    /**
     * @param  non-empty-list<FillingPart>  $parts
     * @param  list<Step>  $steps in order
     */
    private function __construct(
        public string $name,
        public float $ready,
        public float $saltGPerKg,
        public Wetness $wetness,
        public ?Marinade $marinade,
        public array $parts,
        public array $steps,
        /** Whether it stands out of the fridge till it is as warm as the room. */
        public bool $standsOut,
        /** Cooked beside the pot and served with it. */
        public bool $isBeside,
        /** What it makes beside its own wetness; null where nothing is parted from it. */
        public ?Gravy $gravy,
        /** Wanted with bite: not tender, and no softer than that. */
        public bool $hasBite,
    ) {
    }

    /**
     * @param  Known<FillingKind>  $kinds
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $kinds): self
    {
        $parts = array_map(
            static fn (Fields $part): FillingPart => FillingPart::fromFields($part, $kinds),
            $fields->each('parts'),
        );
        if ($parts === []) {
            throw Refused::because($fields->at('parts'), 'refused.no-part');
        }

        return new self(
            name: $fields->text('name'),
            ready: $fields->number('ready', 0, 1),
            saltGPerKg: $fields->number('salt_g_per_kg', 0, 40, 'g per kg', self::USUAL_SALT_G_PER_KG),
            wetness: $fields->one('wetness', Wetness::class, Wetness::Moist),
            marinade: $fields->has('marinade') ? Marinade::fromFields($fields->object('marinade')) : null,
            parts: $parts,
            steps: array_map(Step::fromFields(...), $fields->each('steps')),
            standsOut: $fields->flag('stands_out', false),
            isBeside: $fields->flag('beside', false),
            gravy: $fields->has('gravy') ? Gravy::fromFields($fields->object('gravy')) : null,
            hasBite: $fields->flag('bite', false),
        );
    }

    /**
     * What each part weighs: things that come whole are rounded to whole pieces, and the rest made
     * more or less by what that takes or leaves, so that the filling weighs what it should.
     *
     * @return list<Mass> one a part
     */
    public function partMasses(Mass $rice): array
    {
        $whole = [];
        $wanted = 0.0;
        $rounded = 0.0;
        $rest = 0.0;
        foreach ($this->parts as $index => $part) {
            $grams = $rice->inGrams() * $part->ofRice;
            $wanted += $grams;
            if ($part->pieceG === null) {
                $rest += $grams;

                continue;
            }
            $whole[$index] = max(1.0, round($grams / $part->pieceG)) * $part->pieceG;
            $rounded += $whole[$index];
        }
        // Where whole pieces are nearly all there is, the rest cannot make up for them.
        $factor = $rest > 0 ? max(0.5, min(1.5, ($wanted - $rounded) / $rest)) : 1.0;

        $masses = [];
        foreach ($this->parts as $index => $part) {
            $masses[] = Mass::grams($whole[$index] ?? $rice->inGrams() * $part->ofRice * $factor);
        }

        return $masses;
    }

    /** A filling that lists its yogurt as a part needs no other for its marinade. */
    public function hasOwnYogurt(): bool
    {
        foreach ($this->parts as $part) {
            if (str_contains(mb_strtolower($part->name), 'yogurt')) {
                return true;
            }
        }

        return false;
    }

    public function rawMass(Mass $rice): Mass
    {
        return Mass::kilograms(
            array_sum(array_map(static fn (Mass $mass): float => $mass->kg, $this->partMasses($rice))),
        );
    }

    /** As layered: what is cooked before has given its share of the juice to a gravy cooked down. */
    public function layeredMass(Mass $rice): Mass
    {
        $kg = 0.0;
        foreach ($this->partMasses($rice) as $index => $mass) {
            $kg += $mass->kg * (1 - $this->parts[$index]->kind->juiceShare * $this->ready);
        }
        // What it was browned and fried in stays with it.
        foreach ($this->steps as $step) {
            $kg += $step->fatMlPerKg / 1000 * Fat::KG_PER_L * $this->rawMass($rice)->kg;
        }

        return Mass::kilograms($kg + $this->gravyWithItKg($rice));
    }

    /** Gravy that goes into the pot with it, kg. */
    private function gravyWithItKg(Mass $rice): float
    {
        return $this->gravy === null ? 0.0 : $this->gravy->withIt * $this->gravy->grams($this->rawMass($rice)) / 1000;
    }

    /** Gravy that is the rice's water, g. */
    public function gravyForRiceG(Mass $rice): float
    {
        return $this->gravy === null ? 0.0 : $this->gravy->forRice * $this->gravy->grams($this->rawMass($rice));
    }

    /** Free water over its weight when layered, with the gravy that goes in with it. */
    public function freeShare(Mass $rice): float
    {
        $own = min(0.5, $this->wetness->freeShare() + ($this->ready < 1 ? $this->marinade?->freeShare() ?? 0.0 : 0.0));
        $gravyKg = $this->gravyWithItKg($rice);
        $kg = $this->layeredMass($rice)->kg;

        return ($own * ($kg - $gravyKg) + $gravyKg) / $kg;
    }

    /** Bulk density of the parts together, kg per litre. */
    public function kgPerLitre(): float
    {
        $mass = 0.0;
        $litres = 0.0;
        foreach ($this->parts as $part) {
            $mass += $part->ofRice;
            $litres += $part->ofRice / $part->kind->bulkKgPerLitre;
        }

        return $mass / $litres;
    }

    /** The part that must get hottest to be safe, if any must. */
    public function strictest(): ?FillingKind
    {
        $kinds = array_filter($this->kinds(), static fn (FillingKind $kind): bool => $kind->safeCoreC !== null);
        usort($kinds, static fn (FillingKind $a, FillingKind $b): int => $b->safeCoreC <=> $a->safeCoreC);

        return $kinds[0] ?? null;
    }

    /**
     * Minutes in its marinade: long enough for each meat or fish in it, too long for none; null without one.
     *
     * @return array{least: int, good: int, most: int, why: Note}|null
     */
    public function marinadeTimes(): ?array
    {
        if ($this->marinade === null) {
            return null;
        }
        $raw = array_filter($this->kinds(), static fn (FillingKind $kind): bool => $kind->safeCoreC !== null);
        $isCookedThen = $this->ready >= self::COOKED;
        $all = array_map(
            fn (FillingKind $kind): array => $this->marinade->times($kind, $isCookedThen),
            array_values($raw) ?: [$this->toughest()],
        );
        usort($all, static fn (array $a, array $b): int => $a['most'] <=> $b['most']);
        $least = min($all[0]['most'], max(array_column($all, 'least')));

        return ['least' => $least, 'good' => max($least, min(array_column($all, 'good')))] + $all[0];
    }

    /** The part that takes longest to get tender. */
    public function toughest(): FillingKind
    {
        $kinds = $this->kinds();
        usort(
            $kinds,
            static fn (FillingKind $a, FillingKind $b): int => [$b->tenderMin, $b->halfThicknessMm] <=> [
                $a->tenderMin,
                $a->halfThicknessMm,
            ],
        );

        return $kinds[0];
    }

    /** Whether it may be wanted with bite: what comes last to tender is a vegetable. */
    public function canHaveBite(): bool
    {
        return $this->toughest()->group === FillingGroup::Vegetable;
    }

    /** Whether its pieces are to stay whole: fish that flakes is a fault, meat that falls off the bone is none. */
    public function staysWhole(): bool
    {
        return $this->toughest()->staysWhole;
    }

    /** @return non-empty-list<FillingKind> */
    private function kinds(): array
    {
        return array_map(static fn (FillingPart $part): FillingKind => $part->kind, $this->parts);
    }

    /** Half the thickness of the thickest piece, mm. */
    public function halfThicknessMm(): float
    {
        return max(
            array_map(
                static fn (FillingPart $part): float => $part->halfMm ?? $part->kind->halfThicknessMm,
                $this->parts,
            ),
        );
    }
}
