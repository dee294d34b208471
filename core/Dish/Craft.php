<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Sense;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\BaseKind;
use Orbek\Core\Pot\Seal;

/**
 * What the craft knows: its schools, fillings, bases, seals, cues, and what is boiled with rice. Data, handed in.
 *
 * @phpstan-type Rows list<array<string, mixed>>
 * @phpstan-type Files array{
 *     schools: Rows, fillings: Rows, bases: Rows, seals: Rows, cues: Rows, boiled: Rows, preparations: Rows,
 *     foods: array{foods: Rows}, work: array<string, array<string, mixed>>,
 * }
 */
final readonly class Craft
{
    /**
     * @param  Known<School>  $schools
     * @param  Known<FillingKind>  $fillings
     * @param  Known<BaseKind>  $bases
     * @param  Known<BoiledKind>  $boiled
     * @param  Known<Preparation>  $preparations
     * @param  Known<Seal>  $seals
     * @param  Known<Cue>  $cues
     */
    private function __construct(
        public Known $schools, public Known $fillings, public Known $bases, public Known $boiled, public Foods $foods,
        public Known $preparations, public Known $seals, public Known $cues, public WorkTimes $work,
    ) {
    }

    /**
     * @param  Files  $files as they stand in schema/craft, each by its name
     *
     * @throws Refused naming the field
     */
    public static function of(array $files): self
    {
        $cues = self::rows($files['cues'], 'cues', Cue::fromFields(...));

        return new self(
            schools: self::byId(array_map(
                static fn (array $one): School => School::fromArray($one, $cues), $files['schools'],
            )),
            fillings: self::rows($files['fillings'], 'fillings', FillingKind::fromFields(...)),
            bases: self::rows($files['bases'], 'bases', BaseKind::fromFields(...)),
            boiled: self::rows($files['boiled'], 'boiled', BoiledKind::fromFields(...)),
            foods: Foods::of(array_map(
                static fn (array $row): Food => Food::fromFields(Fields::of($row, 'foods')), $files['foods']['foods'],
            )),
            preparations: self::rows($files['preparations'], 'preparations', Preparation::fromFields(...)),
            seals: self::rows($files['seals'], 'seals', Seal::fromFields(...)),
            cues: $cues,
            work: WorkTimes::fromArray($files['work']),
        );
    }

    /** @return list<Cue> what may be tapped of what a sense tells */
    public function told(Sense $sense): array
    {
        return array_values(array_filter(
            $this->cues->all, static fn (Cue $cue): bool => $cue->isOffered && $cue->sense === $sense,
        ));
    }

    /**
     * @template T of FillingKind|BaseKind|BoiledKind|Preparation|Seal|Cue
     *
     * @param  Rows  $rows
     * @param  callable(Fields): T  $read
     * @return Known<T>
     *
     * @throws Refused
     */
    private static function rows(array $rows, string $name, callable $read): Known
    {
        return self::byId(array_map(
            static fn (array $row, int $index): object => $read(Fields::of($row, "{$name}/{$index}")), $rows,
            array_keys($rows),
        ));
    }

    /**
     * @template T of School|FillingKind|BaseKind|BoiledKind|Preparation|Seal|Cue
     *
     * @param  list<T>  $all
     * @return Known<T>
     */
    private static function byId(array $all): Known
    {
        return Known::of(array_combine(array_map(static fn (object $one): string => $one->id, $all), $all));
    }
}
