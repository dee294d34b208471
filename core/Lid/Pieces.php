<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Filling\FillingKind;

/**
 * The pieces of a filling: how their inside follows the gravy, and what is still to become of it (docs/model.md,
 * section C).
 */
final readonly class Pieces
{
    /** Seconds of lag for each m² of half thickness. */
    private const LAG_S_PER_M2 = 1.3e6;

    /** With bite: so far on the way to tender at least, and no softer than that (our own). */
    private const BITE_FROM = 0.6;

    private const BITE_TO = 1.6;

    private function __construct(
        public float $lagS,
        /** Temperature of the inside, °C. */
        public float $celsius,
        /** Share of the juice still to come: 1 raw, 0 cooked. */
        public float $juiceLeft,
        /** Juice that a raw kg gives off, kg. */
        public float $juiceShare,
        /** Seconds to tender at 95 °C; 0 where there is nothing to wait for. */
        public float $tenderS,
        /** Tenderness so far, 1 tender. */
        public float $tenderness,
        /** Centre temperature that makes it safe; null where there is none to reach. */
        public ?float $safeC,
        /** Tenderness that is wanted, and past which it is too soft; null where that is for its kind to say. */
        public float $wanted = 1.0,
        public ?float $most = null,
    ) {
    }

    /**
     * @param  float  $celsius of their inside
     * @param  float  $tenderFactor a tenderising marinade's, on the time to tender
     */
    public static function of(
        FillingKind $kind, float $halfThicknessMm, float $celsius, float $juiceLeft, float $tenderness,
        float $tenderFactor = 1.0,
    ): self {
        $lagS = ($halfThicknessMm / 1000) ** 2 * self::LAG_S_PER_M2;

        return new self(
            lagS: $lagS,
            celsius: $celsius,
            juiceLeft: $juiceLeft,
            juiceShare: $kind->juiceShare,
            tenderS: 60 * $kind->tenderMin * $tenderFactor,
            tenderness: $tenderness,
            safeC: $kind->safeCoreC,
        );
    }

    /** The same that are safe at another temperature: of a filling of several kinds, the strictest's. */
    public function safeAt(?float $celsius): self
    {
        return $this->as($celsius, $this->wanted, $this->most);
    }

    /** The same wanted with bite. */
    public function withBite(): self
    {
        return $this->as($this->safeC, self::BITE_FROM, self::BITE_TO);
    }

    private function as(?float $safeC, float $wanted, ?float $most): self
    {
        return new self(
            lagS: $this->lagS,
            celsius: $this->celsius,
            juiceLeft: $this->juiceLeft,
            juiceShare: $this->juiceShare,
            tenderS: $this->tenderS,
            tenderness: $this->tenderness,
            safeC: $safeC,
            wanted: $wanted,
            most: $most,
        );
    }
}
