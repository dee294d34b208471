<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/**
 * What a crust's edge is held against: each colour's lighter half and its deeper one. Straw alone spans more than a
 * factor of two in browning; a half of it tells where a crust goes far better (docs/model.md, section F).
 */
enum Swatch: string
{
    case PaleLight = 'pale-light';
    case PaleDeep = 'pale-deep';
    case StrawLight = 'straw-light';
    case StrawDeep = 'straw-deep';
    case GoldenLight = 'golden-light';
    case GoldenDeep = 'golden-deep';
    case AmberLight = 'amber-light';
    case AmberDeep = 'amber-deep';
    /** Whatever is darker: nothing more is to be told apart. */
    case Dark = 'dark';

    /** What so much browning looks like. */
    public static function of(float $browning): self
    {
        $swatch = self::PaleLight;
        foreach (self::cases() as $case) {
            if ($browning >= $case->begins()) {
                $swatch = $case;
            }
        }

        return $swatch;
    }

    /** Browning at which it begins. */
    public function begins(): float
    {
        return match ($this) {
            self::PaleLight => CrustColour::Pale->begins(),
            self::PaleDeep => CrustColour::Pale->middle(),
            self::StrawLight => CrustColour::Straw->begins(),
            self::StrawDeep => CrustColour::Straw->middle(),
            self::GoldenLight => CrustColour::Golden->begins(),
            self::GoldenDeep => CrustColour::Golden->middle(),
            self::AmberLight => CrustColour::Amber->begins(),
            self::AmberDeep => CrustColour::Amber->middle(),
            self::Dark => CrustColour::Dark->begins(),
        };
    }

    /** Browning at which the next begins; infinite for the last. */
    public function ends(): float
    {
        $cases = self::cases();
        $next = $cases[(int) array_search($this, $cases, true) + 1] ?? null;

        return $next === null ? INF : $next->begins();
    }
}
