<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/** Someone at the table who must not have everything. */
final readonly class Guest
{
    /** @param  list<Allergen>  $avoids */
    private function __construct(public string $who, public Diet $diet, public array $avoids, public bool $isSmallChild)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('who'), $fields->one('diet', Diet::class, Diet::All),
            $fields->many('avoids', Allergen::class), $fields->flag('small_child', false),
        );
    }

    /**
     * What of a dish this guest must be warned of.
     *
     * @return list<Note> sentences, none where all may be eaten
     */
    public function warnings(Dish $dish): array
    {
        $says = [];
        $there = $dish->allergens();
        foreach ($this->avoids as $allergen) {
            if (isset($there[$allergen->value])) {
                $says[] = Note::of('guest.holds', allergen: $allergen, where: $there[$allergen->value]);
            }
        }
        if ($this->diet !== Diet::All) {
            $meat = $dish->animal(['meat']);
            if ($meat !== []) {
                $says[] = Note::of('guest.meat-or-fish', meat: $meat);
            }
        }
        if ($this->diet === Diet::Vegan) {
            foreach ([Allergen::Milk, Allergen::Egg] as $animal) {
                if (isset($there[$animal->value]) && ! in_array($animal, $this->avoids, true)) {
                    $says[] = Note::of('guest.holds', allergen: $animal, where: $there[$animal->value]);
                }
            }
        }
        if ($this->diet === Diet::Vegan && $dish->animal(['honey']) !== []) {
            $says[] = Note::of('guest.meat-or-fish', meat: $dish->animal(['honey']));
        }
        if ($this->isSmallChild) {
            $says[] = $dish->grain->water->spices === Spices::Left
                ? Note::of('guest.spices-and-bones')
                : Note::of('guest.bones');
        }

        return $says;
    }
}
