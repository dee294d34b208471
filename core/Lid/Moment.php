<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What it is like under the lid at one minute. */
final readonly class Moment
{
    /** @param  list<LayerState>  $layers */
    private function __construct(
        public float $minute,
        public float $baseC,
        /** The face that browns. */
        public float $faceC,
        public float $topC,
        public float $lidC,
        public float $browning,
        /** Steam that met the lid since the moment before, g a minute. */
        public float $steamGPerMin,
        public float $leakG,
        public float $clothG,
        public array $layers,
    ) {
    }

    public static function of(Steaming $steaming, float $steamGPerMin): self
    {
        return new self(
            $steaming->seconds / 60, $steaming->baseC, $steaming->faceC,
            $steaming->celsius[count($steaming->celsius) - 1], $steaming->lidC,
            $steaming->browning, $steamGPerMin, 1000 * $steaming->leakKg, 1000 * $steaming->clothKg, LayerState::of($steaming),
        );
    }

    public function colour(): CrustColour
    {
        return CrustColour::of($this->browning);
    }
}
