<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Shopping;

use Orbek\Core\Dish\Staple;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Station;

/** Something to be measured out, where it is bought and for which task. */
final readonly class Ingredient
{
    private function __construct(
        public Station $station,
        public Note $name,
        public Figure $amount,
        public Aisle $aisle,
        /** The task it must be ready for. */
        public string $task,
        /**
         * What stands on the shopping list, a Staple's id or a name; null for what is not bought: tap water, rice out
         * of its bag.
         */
        public ?string $shop,
        /** How much to buy where that differs from what goes in. */
        public ?Figure $toBuy = null,
        /** The task at which it goes in, where it is got ready at another before. */
        public ?string $usedAt = null,
    ) {
    }

    /** The same, got ready before it goes in. */
    public function usedAt(string $task): self
    {
        return new self(
            station: $this->station,
            name: $this->name,
            amount: $this->amount,
            aisle: $this->aisle,
            task: $this->task,
            shop: $this->shop,
            toBuy: $this->toBuy,
            usedAt: $task === $this->task ? null : $task,
        );
    }

    /** What is bought under a name of its own, shared by all that is part of it. */
    public static function bought(
        Station $station, Note $name, Figure $amount, Aisle $aisle, string $task, string $shop,
    ): self {
        return new self($station, $name, $amount, $aisle, $task, $shop);
    }

    public static function fromTheHouse(
        Station $station, Note $name, Figure $amount, string $task, Aisle $aisle = Aisle::House,
    ): self {
        return new self($station, $name, $amount, $aisle, $task, null);
    }

    /** What it is called where the step it goes in at stands above it. */
    public function inHand(): Note
    {
        return $this->name->key === 'amounts.fat-for-a-step' ? Note::of('amounts.fat-to-cook-in') : $this->name;
    }

    /** The name that a cook gave it; empty where the name is the program's own. */
    public function toldName(): string
    {
        $name = $this->name->args['name'] ?? '';

        return is_string($name) ? $name : '';
    }

    /** Whether the shopping list has it as one of these. */
    public function isOf(Staple ...$staples): bool
    {
        return $this->shop !== null && in_array(Staple::tryNamed($this->shop), $staples, true);
    }

    /** What the shopping list calls it. */
    public function shopName(): Note
    {
        return Staple::named((string) $this->shop);
    }

    /** The same where something else, and so much of it, is what the shop sells. */
    public function boughtAs(?string $shop, ?Figure $toBuy): self
    {
        return $shop === null
            ? $this
            : new self(
                station: $this->station,
                name: $this->name,
                amount: $this->amount,
                aisle: $this->aisle,
                task: $this->task,
                shop: $shop,
                toBuy: $toBuy,
                usedAt: $this->usedAt,
            );
    }
}
