<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\BaseKind;

/** What the craft knows: its schools, fillings, bases, and what is boiled with rice. Data, handed in. */
final readonly class Craft
{
    /**
     * @param  Known<School>  $schools
     * @param  Known<FillingKind>  $fillings
     * @param  Known<BaseKind>  $bases
     * @param  Known<BoiledKind>  $boiled
     * @param  Known<Preparation>  $preparations
     */
    private function __construct(
        public Known $schools, public Known $fillings, public Known $bases, public Known $boiled, public Foods $foods,
        public Known $preparations, public WorkTimes $work,
    ) {
    }

    /**
     * @param  list<array<string, mixed>>  $schools as in schema/craft/schools
     * @param  list<array<string, mixed>>  $fillings as in schema/craft/fillings.json
     * @param  list<array<string, mixed>>  $bases as in schema/craft/bases.json
     * @param  list<array<string, mixed>>  $boiled as in schema/craft/boiled.json
     * @param  array{source?: string, foods?: list<array<string, mixed>>}  $foods as in schema/craft/foods.json
     * @param  list<array<string, mixed>>  $preparations as in schema/craft/preparations.json
     * @param  array<string, array<string, mixed>>  $work as in schema/craft/work.json
     *
     * @throws Refused naming the field
     */
    public static function of(
        array $schools, array $fillings, array $bases, array $boiled = [], array $foods = [], array $preparations = [],
        array $work = [],
    ): self {
        $known = ['schools' => [], 'fillings' => [], 'bases' => []];
        foreach ($schools as $document) {
            $school = School::fromArray($document);
            $known['schools'][$school->id] = $school;
        }
        foreach ($fillings as $index => $row) {
            $kind = FillingKind::fromFields(Fields::of($row, "fillings/{$index}"));
            $known['fillings'][$kind->id] = $kind;
        }
        foreach ($bases as $index => $row) {
            $kind = BaseKind::fromFields(Fields::of($row, "bases/{$index}"));
            $known['bases'][$kind->id] = $kind;
        }

        $boils = [];
        foreach ($boiled as $index => $row) {
            $kind = BoiledKind::fromFields(Fields::of($row, "boiled/{$index}"));
            $boils[$kind->id] = $kind;
        }

        $ways = [];
        foreach ($preparations as $index => $row) {
            $way = Preparation::fromFields(Fields::of($row, "preparations/{$index}"));
            $ways[$way->id] = $way;
        }

        return new self(
            Known::of($known['schools']), Known::of($known['fillings']), Known::of($known['bases']), Known::of($boils),
            Foods::of(array_map(
                static fn (array $row): Food => Food::fromFields(Fields::of($row, 'foods')), $foods['foods'] ?? [],
            ), $foods['source'] ?? ''),
            Known::of($ways),
            WorkTimes::fromArray($work),
        );
    }
}
