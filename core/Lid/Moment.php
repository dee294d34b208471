<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What it is like under the lid at one minute. */
final readonly class Moment
{
    private const SAME_C = 0.2;

    private const SAME_SHARE = 0.002;

    private const SAME_G = 0.1;

    /** @param  non-empty-list<LayerState>  $layers */
    private function __construct(
        public float $minute,
        public float $baseC,
        /** The face that browns. */
        public float $faceC,
        public float $topC,
        public float $lidC,
        public float $browning,
        public float $leakG,
        public float $clothG,
        /** Minutes that the top of the rice has been in steam. */
        public float $steamedMin,
        /** Share of its own water that the lowest layer still has to give. */
        public float $baseWater,
        public array $layers,
    ) {
    }

    public static function of(Steaming $steaming): self
    {
        return new self(
            minute: $steaming->seconds / 60,
            baseC: $steaming->baseC,
            faceC: $steaming->faceC,
            topC: $steaming->celsius[count($steaming->celsius) - 1],
            lidC: $steaming->lidC,
            browning: $steaming->browning,
            leakG: 1000 * $steaming->leakKg,
            clothG: 1000 * $steaming->clothKg,
            steamedMin: $steaming->steamedS / 60,
            baseWater: $steaming->baseWater(),
            layers: LayerState::of($steaming),
        );
    }

    /** Whether nothing that a cook could tell has changed since another moment. */
    public function isLike(self $other): bool
    {
        foreach ($this->layers as $index => $layer) {
            $was = $other->layers[$index];
            $moved = max(abs($layer->celsius - $was->celsius), abs($layer->coreC - $was->coreC)) > self::SAME_C
                || max(
                    abs($layer->doneness - $was->doneness),
                    abs($layer->uptake - $was->uptake),
                    abs($layer->tenderness - $was->tenderness),
                ) > self::SAME_SHARE;
            if ($moved) {
                return false;
            }
        }

        return max(abs($this->baseC - $other->baseC), abs($this->lidC - $other->lidC)) <= self::SAME_C
            && abs($this->browning - $other->browning) <= self::SAME_SHARE
            && max(abs($this->leakG - $other->leakG), abs($this->clothG - $other->clothG)) <= self::SAME_G;
    }

    public function colour(): CrustColour
    {
        return CrustColour::of($this->browning);
    }
}
