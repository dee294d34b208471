<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Mass;

/** All that a dish has beside its rice: what lies between it, and what is cooked beside the pot and served with it. */
final readonly class Fillings
{
    public const MOST = 6;

    /** @param  array<int, Filling>  $all by place; none where the rice is alone */
    public function __construct(public array $all)
    {
    }

    public function get(int $place): Filling
    {
        return $this->all[$place];
    }

    /** Those that lie in the pot. */
    public function inPot(): self
    {
        return new self(array_filter($this->all, static fn (Filling $one): bool => ! $one->isBeside));
    }

    /** Those that are cooked beside the pot. */
    public function beside(): self
    {
        return new self(array_filter($this->all, static fn (Filling $one): bool => $one->isBeside));
    }

    public function isNone(): bool
    {
        return $this->all === [];
    }

    /** The one that a word about the filling is about: the first in the pot, else the first. */
    public function main(): ?Filling
    {
        return array_values($this->inPot()->all)[0] ?? array_values($this->all)[0] ?? null;
    }

    /** Its place among all. */
    public function mainPlace(): ?int
    {
        return array_key_first($this->inPot()->all) ?? array_key_first($this->all);
    }

    /** @return list<FillingPart> of all of them */
    public function parts(): array
    {
        return array_merge(...array_map(static fn (Filling $one): array => $one->parts, array_values($this->all)));
    }

    /** @return list<Step> of all of them */
    public function steps(): array
    {
        return array_merge(...array_map(static fn (Filling $one): array => $one->steps, array_values($this->all)));
    }

    public function rawMass(Mass $rice): Mass
    {
        return Mass::kilograms($this->sum(static fn (Filling $one): float => $one->rawMass($rice)->kg));
    }

    public function layeredMass(Mass $rice): Mass
    {
        return Mass::kilograms($this->sum(static fn (Filling $one): float => $one->layeredMass($rice)->kg));
    }

    /** Salt that goes in with them, g. */
    public function saltG(Mass $rice): float
    {
        return $this->sum(static fn (Filling $one): float => $one->saltGPerKg * $one->rawMass($rice)->kg);
    }

    /** Gravy of theirs that is the rice's water, g. */
    public function gravyForRiceG(Mass $rice): float
    {
        return $this->sum(static fn (Filling $one): float => $one->gravyForRiceG($rice));
    }

    /** Their volume as they are layered, litres. */
    public function litres(Mass $rice): float
    {
        return $this->sum(static fn (Filling $one): float => $one->layeredMass($rice)->kg / $one->kgPerLitre());
    }

    /** Whether pieces of one are to stay whole. */
    public function staysWhole(): bool
    {
        return $this->any(static fn (Filling $one): bool => $one->staysWhole());
    }

    /** @param  callable(Filling): bool  $is */
    public function any(callable $is): bool
    {
        return array_filter($this->all, $is) !== [];
    }

    /** Their names as one, in the order in which they are told. */
    public function name(): string
    {
        return implode(', ', array_map(static fn (Filling $one): string => $one->name, $this->all));
    }

    /** @param  callable(Filling): float  $of */
    private function sum(callable $of): float
    {
        return array_sum(array_map($of, $this->all));
    }
}
