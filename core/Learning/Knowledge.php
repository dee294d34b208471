<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** knowledge = fold(cooks): what each bag of rice and each pot on its ring has taught, and how much rice is gone. */
final readonly class Knowledge
{
    /**
     * @param  array<string, FactorBelief>  $lots by lot id
     * @param  array<string, float>  $usedG grams cooked, by lot id
     * @param  array<string, FactorBelief>  $stoves by "pot@burner"
     */
    private function __construct(private array $lots, private array $usedG, private array $stoves)
    {
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /**
     * @param  iterable<array{taught?: array{lot: string, likelihood: list<float>}, used?: array{lot: string, g: float}, stove?: array{pot: string, burner: string, likelihood: list<float>}}>  $cooks what each taught and used, oldest first
     */
    public static function fold(iterable $cooks): self
    {
        $lots = [];
        $used = [];
        $stoves = [];
        foreach ($cooks as $cook) {
            if (isset($cook['stove'])) {
                $stove = self::stoveId($cook['stove']['pot'], $cook['stove']['burner']);
                $stoves[$stove] = ($stoves[$stove] ?? FactorBelief::ofItsKind())->afterDay($cook['stove']['likelihood']);
            }
            if (isset($cook['taught'])) {
                $lot = $cook['taught']['lot'];
                $lots[$lot] = ($lots[$lot] ?? FactorBelief::ofItsKind())->afterDay($cook['taught']['likelihood']);
            }
            if (isset($cook['used'])) {
                $used[$cook['used']['lot']] = ($used[$cook['used']['lot']] ?? 0.0) + $cook['used']['g'];
            }
        }

        return new self($lots, $used, $stoves);
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
                $lots[$id] = FactorBelief::fromArray($lot->numbers('belief'));
            }
            $used[$id] = $lot->number('used_g', 0, 1e7, 'g', 0);
        }

        $stoves = [];
        foreach (Fields::of($kept)->each('stoves') as $stove) {
            $stoves[$stove->text('stove')] = FactorBelief::fromArray($stove->numbers('belief'));
        }

        return new self($lots, $used, $stoves);
    }

    /** @return array{lots: list<array{lot: string, belief?: list<float>, used_g: float}>, stoves: list<array{stove: string, belief: list<float>}>} */
    public function toArray(): array
    {
        $lots = [];
        foreach (array_unique([...array_keys($this->lots), ...array_keys($this->usedG)]) as $id) {
            $lots[] = ['lot' => $id] + (isset($this->lots[$id]) ? ['belief' => $this->lots[$id]->toArray()] : []) + ['used_g' => round($this->usedG($id), 1)];
        }

        $stoves = [];
        foreach ($this->stoves as $id => $belief) {
            $stoves[] = ['stove' => $id, 'belief' => $belief->toArray()];
        }

        return ['lots' => $lots, 'stoves' => $stoves];
    }

    /** The belief of a bag; that of its kind where it has taught nothing. */
    public function lot(string $id): FactorBelief
    {
        return $this->lots[$id] ?? FactorBelief::ofItsKind();
    }

    /** The belief of a pot on a ring; that of its kind where it has taught nothing. */
    public function stove(string $pot, string $burner): FactorBelief
    {
        return $this->stoves[self::stoveId($pot, $burner)] ?? FactorBelief::ofItsKind();
    }

    private static function stoveId(string $pot, string $burner): string
    {
        return "{$pot}@{$burner}";
    }

    /** Raw rice taken from a bag by all cooks, g. */
    public function usedG(string $id): float
    {
        return $this->usedG[$id] ?? 0.0;
    }
}
