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
        $says = $this->kept($dish->allergens(), $dish->animal(['meat']), $dish->animal(['honey']));
        if ($this->isSmallChild) {
            $says[] = $dish->grain->water->spices === Spices::Left
                ? Note::of('guest.spices-and-bones')
                : Note::of('guest.bones');
        }

        return $says;
    }

    /** @return list<Note> the same of a side */
    public function warningsOf(Eaten $side): array
    {
        $there = [];
        foreach ($side->holds as $allergen) {
            $there[$allergen->value] = [Note::name($side->name)];
        }
        $of = static fn (string $animal): array => in_array($animal, $side->from, true) ? [$side->name] : [];

        return $this->kept($there, $of('meat'), $of('honey'));
    }

    /** Whether anything at all on a table may be what this guest must not have. */
    public function isPicky(): bool
    {
        return $this->avoids !== [] || $this->diet !== Diet::All;
    }

    /**
     * @param  array<string, list<Note>>  $there names of what holds each allergen
     * @param  list<string>  $meat names of what is or holds meat or fish
     * @param  list<string>  $honey
     * @return list<Note>
     */
    private function kept(array $there, array $meat, array $honey): array
    {
        $holds = static fn (Allergen ...$which): array => array_map(
            static fn (Allergen $one): Note => Note::of('guest.holds', allergen: $one, where: $there[$one->value]),
            array_values(array_filter($which, static fn (Allergen $one): bool => isset($there[$one->value]))),
        );
        $isVegan = $this->diet === Diet::Vegan;
        $animal = array_filter(
            [Allergen::Milk, Allergen::Egg], fn (Allergen $one): bool => ! in_array($one, $this->avoids, true),
        );

        return [
            ...$holds(...$this->avoids), ...self::animal($this->diet !== Diet::All, $meat),
            ...$isVegan ? $holds(...array_values($animal)) : [], ...self::animal($isVegan, $honey),
        ];
    }

    /**
     * @param  list<string>  $names
     * @return list<Note>
     */
    private static function animal(bool $isKept, array $names): array
    {
        return $isKept && $names !== [] ? [Note::of('guest.meat-or-fish', meat: $names)] : [];
    }
}
