<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/**
 * Things known by their id: a kitchen's pots, the craft's schools.
 *
 * @template-covariant T of object
 */
final readonly class Known
{
    /** @param  array<string, T>  $all by id, in their order */
    private function __construct(public array $all)
    {
    }

    /**
     * @template U of object
     *
     * @param  array<string, U>  $all by id
     * @return self<U>
     */
    public static function of(array $all): self
    {
        return new self($all);
    }

    /**
     * @return T
     *
     * @throws Refused naming the field where there is none of this id
     */
    public function get(string $id, string $field): object
    {
        return $this->all[$id] ?? throw Refused::unknown($field, $id, array_keys($this->all));
    }
}
