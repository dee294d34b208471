<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

/** What earlier cooks have taught: so far, of each bag of rice. */
final readonly class Knowledge
{
    /** @param  array<string, LotBelief>  $lots by lot id */
    private function __construct(private array $lots)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** The belief of a bag; that of its kind where it has taught nothing. */
    public function lot(string $id): LotBelief
    {
        return $this->lots[$id] ?? LotBelief::ofItsKind();
    }
}
