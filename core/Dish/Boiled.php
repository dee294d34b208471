<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;

/** Something boiled with the rice: beans, peas, lentils, roots in cubes, herbs; ready when the rice is lifted. */
final readonly class Boiled
{
    public const MOST = 6;

    /** @param  list<Allergen>  $holds */
    private function __construct(
        public string $name,
        public BoiledKind $kind,
        /** As it goes in, over the raw rice's weight. */
        public float $ofRice,
        /** At the boil; the usual of its kind where nothing else was said. */
        public float $minutes,
        public array $holds,
    ) {
    }

    /**
     * @param  Known<BoiledKind>  $kinds
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $kinds): self
    {
        $kind = $fields->known('kind', $kinds);
        $holds = $fields->many('holds', Allergen::class);

        return new self(
            $fields->text('name'), $kind, $fields->number('of_rice', 0.01, 3, 'times the rice'),
            $fields->number('minutes', 0.5, 60, 'min', $kind->minutes),
            array_values(array_unique([...$holds, ...$kind->holds], SORT_REGULAR)),
        );
    }

    public function raw(Mass $rice): Mass
    {
        return $rice->times($this->ofRice);
    }

    /** As it is drained with the rice. */
    public function drained(Mass $rice): Mass
    {
        return $rice->times($this->ofRice * $this->kind->gains);
    }

    /** Minutes after the rice at which it goes in, so that both are ready together; before it where negative. */
    public function inAtMin(float $liftMin): float
    {
        return $liftMin - $this->minutes;
    }
}
