<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\OutOfRange;

/** knowledge = fold(cooks): so far, what each bag of rice has taught. */
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

    /**
     * @param  iterable<array{lot: string, likelihood: list<float>}>  $taught by each cook, oldest first
     */
    public static function fold(iterable $taught): self
    {
        $lots = [];
        foreach ($taught as ['lot' => $lot, 'likelihood' => $likelihood]) {
            $lots[$lot] = ($lots[$lot] ?? LotBelief::ofItsKind())->afterDay($likelihood);
        }

        return new self($lots);
    }

    /**
     * @param  array<string, array<array-key, mixed>>  $lots as kept by toArray()
     *
     * @throws OutOfRange
     */
    public static function fromArray(array $lots): self
    {
        return new self(array_map(LotBelief::fromArray(...), $lots));
    }

    /** @return array<string, list<float>> */
    public function toArray(): array
    {
        return array_map(static fn (LotBelief $belief): array => $belief->toArray(), $this->lots);
    }

    /** The belief of a bag; that of its kind where it has taught nothing. */
    public function lot(string $id): LotBelief
    {
        return $this->lots[$id] ?? LotBelief::ofItsKind();
    }
}
