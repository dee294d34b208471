<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** What is wrong with a pot on a ring. */
enum Standing: string
{
    /** It cracks over a flame or a coil, or an induction ring does not find it; on a plate it does. */
    case CracksWithoutPlate = 'cracks-without-plate';
    case NotFound = 'not-found';
    /** Wider than the heat: the edge stays cool, the middle browns. */
    case HeatsItsMiddle = 'heats-its-middle';
    /** Narrower than the heat: it goes past the pot, and a flame reaches what hangs over its side. */
    case WastesHeat = 'wastes-heat';

    /** So many times as wide as its ring it is heated in the middle: a flame licks outward, a field does not. */
    private const WIDE_ON_FLAME = 2.0;

    private const WIDE_ON_FIELD = 1.5;

    /** @return list<self> none where it stands well */
    public static function of(Pot $pot, Ring $ring): array
    {
        $isField = $ring->kind === RingKind::Induction;
        $wide = $ring->kind->isFlame() ? self::WIDE_ON_FLAME : self::WIDE_ON_FIELD;

        return array_values(array_filter([
            ! $isField && $ring->kind !== RingKind::Ceramic && $pot->material->wantsPlate()
                ? self::CracksWithoutPlate : null,
            $isField && ! $pot->isMagnetic ? self::NotFound : null,
            $pot->diameterCm > $wide * $ring->acrossCm ? self::HeatsItsMiddle : null,
            $pot->diameterCm < $ring->acrossCm ? self::WastesHeat : null,
        ]));
    }

    /** Whether it stands there only on a plate. */
    public static function wantsPlate(Pot $pot, Ring $ring): bool
    {
        return array_intersect(
            array_column(self::of($pot, $ring), 'value'), [self::CracksWithoutPlate->value, self::NotFound->value],
        ) !== [];
    }

    /** Cloth over a lid hangs within a flame's reach where the pot stands out so little over it, cm. */
    private const REACH_CM = 4.0;

    public static function flameReachesCloth(Pot $pot, Ring $ring): bool
    {
        return $ring->kind->isFlame() && $pot->diameterCm < $ring->acrossCm + self::REACH_CM;
    }
}
