<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** Heat lines that were found, the best of them, and others worth a look. */
final readonly class Findings
{
    /** @param  non-empty-list<Robust>  $plans */
    public function __construct(public array $plans, private float $longerMin)
    {
    }

    /**
     * Most likely right first, not least time, of the ones little longer than the shortest; of equals the plainest.
     * Where nothing is right, what misses least.
     *
     * @return non-empty-list<Robust>
     */
    public function ranked(): array
    {
        $right = array_values(array_filter($this->plans, static fn (Robust $one): bool => $one->plan->isRight()));
        if ($right === []) {
            $plans = $this->plans;
            usort($plans, static fn (Robust $a, Robust $b): int => $a->plan->miss() <=> $b->plan->miss());

            return $plans;
        }
        $most = min(array_map(static fn (Robust $one): float => $one->plan->minutes(), $right)) + $this->longerMin;
        usort(
            $right,
            static fn (Robust $a, Robust $b): int => [
                $a->plan->minutes() > $most, $b->worth(),
            ] <=> [$b->plan->minutes() > $most, $a->worth()],
        );

        return $right;
    }

    public function best(): Robust
    {
        return $this->ranked()[0];
    }

    /** Right on the stove as it is thought to be, and the shortest; null where that is the best. */
    public function quicker(): ?Robust
    {
        $best = $this->best();
        $quicker = array_values(array_filter(
            $this->plans, static fn (
                Robust $one,
            ): bool => $one->plan->isRight() && $one->plan->minutes() < $best->plan->minutes() - 1,
        ));

        return $this->first(
            $quicker, static fn (Robust $a, Robust $b): int => $a->plan->minutes() <=> $b->plan->minutes(),
        );
    }

    /** As right, and lighter on a ring that gives more, and not too dark on that one either; null where none is. */
    public function safer(): ?Robust
    {
        $best = $this->best();
        $browning = static fn (Robust $one): float => $one->more->course->end()->browning;
        $safer = array_values(array_filter(
            $this->plans, static fn (
                Robust $one,
            ): bool => $one->plan->isRight() && ! self::isTooDark($one->more)
                && $browning($one) < 0.9 * $browning($best),
        ));

        return $this->first($safer, static fn (Robust $a, Robust $b): int => $browning($a) <=> $browning($b));
    }

    private static function isTooDark(HeatPlan $plan): bool
    {
        foreach ($plan->limits as $limit) {
            if (in_array($limit->fault(), [Fault::Dark, Fault::Burns], true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Robust>  $plans
     * @param  callable(Robust, Robust): int  $order
     */
    private function first(array $plans, callable $order): ?Robust
    {
        usort($plans, $order);

        return $plans[0] ?? null;
    }
}
