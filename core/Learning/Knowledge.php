<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** knowledge = fold(cooks): what each bag of rice has taught, and how much of it is gone. */
final readonly class Knowledge
{
    /**
     * @param  array<string, LotBelief>  $lots by lot id
     * @param  array<string, float>  $usedG grams cooked, by lot id
     */
    private function __construct(private array $lots, private array $usedG)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  iterable<array{taught?: array{lot: string, likelihood: list<float>}, used?: array{lot: string, g: float}}>  $cooks what each taught and used, oldest first
     */
    public static function fold(iterable $cooks): self
    {
        $lots = [];
        $used = [];
        foreach ($cooks as $cook) {
            if (isset($cook['taught'])) {
                $lot = $cook['taught']['lot'];
                $lots[$lot] = ($lots[$lot] ?? LotBelief::ofItsKind())->afterDay($cook['taught']['likelihood']);
            }
            if (isset($cook['used'])) {
                $used[$cook['used']['lot']] = ($used[$cook['used']['lot']] ?? 0.0) + $cook['used']['g'];
            }
        }

        return new self($lots, $used);
    }

    /**
     * @param  array<string, mixed>  $kept as toArray() gave it
     *
     * @throws OutOfRange
     */
    public static function fromArray(array $kept): self
    {
        $lots = [];
        $used = [];
        foreach (Fields::of($kept)->each('lots') as $lot) {
            $id = $lot->text('lot');
            if ($lot->has('belief')) {
                $lots[$id] = LotBelief::fromArray($lot->numbers('belief'));
            }
            $used[$id] = $lot->number('used_g', 0, 1e7, 'g', 0);
        }

        return new self($lots, $used);
    }

    /** @return array{lots: list<array{lot: string, belief?: list<float>, used_g: float}>} */
    public function toArray(): array
    {
        $lots = [];
        foreach (array_unique([...array_keys($this->lots), ...array_keys($this->usedG)]) as $id) {
            $lots[] = ['lot' => $id] + (isset($this->lots[$id]) ? ['belief' => $this->lots[$id]->toArray()] : []) + ['used_g' => round($this->usedG($id), 1)];
        }

        return ['lots' => $lots];
    }

    /** The belief of a bag; that of its kind where it has taught nothing. */
    public function lot(string $id): LotBelief
    {
        return $this->lots[$id] ?? LotBelief::ofItsKind();
    }

    /** Raw rice taken from a bag by all cooks, g. */
    public function usedG(string $id): float
    {
        return $this->usedG[$id] ?? 0.0;
    }
}
