<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use DateTimeImmutable;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Meal\Share;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/** The dishes of a meal in the pots and on the rings that each was given. */
final readonly class GivenOut
{
    /** @param  list<array{Dish, list<string>}>  $dishes each with the rings and plates that it may not use */
    public function __construct(public array $dishes)
    {
    }

    /** @param  list<array{array<string, mixed>, list<string>}>  $given as toArray() writes it */
    public static function fromArray(array $given, Craft $craft): self
    {
        return new self(array_map(
            static fn (array $one): array => [Dish::fromArray($one[0], $craft), $one[1]], $given,
        ));
    }

    /** @return list<array{array<string, mixed>, list<string>}> */
    public function toArray(): array
    {
        return array_map(static fn (array $one): array => [$one[0]->toArray(), $one[1]], $this->dishes);
    }

    /** The same for a table that has changed. */
    public function forTable(Meal $meal): self
    {
        return new self(array_map(static fn (array $one, Share $share): array => [
            $one[0]->servedAt($meal->tableOf($share)), $one[1],
        ], $this->dishes, $meal->shares));
    }

    /** @return list<Plan> */
    public function plans(Planner $planner, DateTimeImmutable $tableAt): array
    {
        return array_map(static fn (array $one): Plan => $planner->plan($one[0], $one[1], $tableAt), $this->dishes);
    }
}
