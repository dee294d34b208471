<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Steaming;

/** How one of the kitchens that a pot may stand in ends. */
final readonly class KitchenEnd
{
    private function __construct(
        public float $browning,
        /** Whether nothing is missed. */
        public bool $isRight,
        /** Whether nothing is missed but a shade of the crust. */
        public bool $isGood,
    ) {
    }

    public static function of(Steaming $pot, Aim $aim): self
    {
        return self::judged($pot->browning, $aim->limitsOf($pot), $aim);
    }

    /** @param  list<Limit>  $limits */
    public static function judged(float $browning, array $limits, Aim $aim): self
    {
        $isRight = $isElse = true;
        foreach ($limits as $limit) {
            $isRight = $isRight && $limit->isMet();
            $isElse = $isElse && ($limit->wanted === Wanted::Crust || $limit->isMet());
        }

        return new self($browning, $isRight, $isElse && $aim->isGood($browning));
    }

    public function colour(): CrustColour
    {
        return CrustColour::of($this->browning);
    }

    /**
     * @param  list<self>  $ends
     * @return list<self> the palest crust first
     */
    public static function byColour(array $ends): array
    {
        usort($ends, static fn (self $a, self $b): int => $a->browning <=> $b->browning);

        return $ends;
    }

    /** @param  list<self>  $ends */
    public static function right(array $ends): int
    {
        return count(array_filter($ends, static fn (self $end): bool => $end->isRight));
    }

    /** @param  list<self>  $ends */
    public static function good(array $ends): int
    {
        return count(array_filter($ends, static fn (self $end): bool => $end->isGood));
    }
}
