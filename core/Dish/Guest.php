<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** Someone at the table who must not have everything. */
final readonly class Guest
{
    /** @param  list<Allergen>  $avoids */
    private function __construct(public string $who, public Diet $diet, public array $avoids, public bool $isSmallChild)
    {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self($fields->text('who'), $fields->one('diet', Diet::class, Diet::All), $fields->many('avoids', Allergen::class), $fields->flag('small_child', false));
    }

    /**
     * What of a dish this guest must be warned of.
     *
     * @return list<string> sentences, none where all may be eaten
     */
    public function warnings(Dish $dish): array
    {
        $says = [];
        $there = $dish->allergens();
        foreach ($this->avoids as $allergen) {
            if (isset($there[$allergen->value])) {
                $says[] = sprintf('%s in %s', $allergen->label(), implode(', ', $there[$allergen->value]));
            }
        }
        if ($this->diet !== Diet::All) {
            $meat = array_map(static fn (FillingPart $part): string => $part->name, array_values(array_filter($dish->filling->parts, static fn (FillingPart $part): bool => $part->kind->isMeatOrFish())));
            if ($meat !== []) {
                $says[] = 'meat or fish: '.implode(', ', $meat);
            }
        }
        if ($this->diet === Diet::Vegan) {
            foreach ([Allergen::Milk, Allergen::Egg] as $animal) {
                if (isset($there[$animal->value]) && ! in_array($animal, $this->avoids, true)) {
                    $says[] = sprintf('%s in %s', $animal->label(), implode(', ', $there[$animal->value]));
                }
            }
        }
        if ($this->isSmallChild) {
            $says[] = $dish->water->spices === Spices::Left ? 'whole spices left in the rice, and bones' : 'bones: take them out of a small child\'s plate';
        }

        return $says;
    }
}
