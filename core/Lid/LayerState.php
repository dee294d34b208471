<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use LogicException;
use Orbek\Core\Pot\Matter;

/** How one layer stands at a moment under the lid. */
final readonly class LayerState
{
    public function __construct(
        public Matter $matter,
        public string $label,
        /** Mean temperature of its slices, °C. */
        public float $celsius,
        /** Rice: doneness of its least cooked slice; else 1. */
        public float $doneness,
        /** Rice: weight with all its water over raw weight; else 0. */
        public float $uptake,
        /** Free water over raw rice, or over the filling's mass. */
        public float $freeShare,
        /** Filling: core of its coldest piece, °C; else the layer's temperature. */
        public float $coreC,
        /** Filling: of its least tender piece, 1 tender; 0 where there is nothing to wait for. */
        public float $tenderness,
    ) {
    }

    /** @return non-empty-list<self> one a layer of the pot */
    public static function of(Steaming $steaming): array
    {
        $states = [];
        foreach ($steaming->pot->layers as $index => $layer) {
            $celsius = $core = $free = $bound = $tender = [];
            foreach ($steaming->layerOf as $slice => $of) {
                if ($of === $index) {
                    $celsius[] = $steaming->celsius[$slice];
                    $core[] = $layer->matter === Matter::Filling ? $steaming->centreC[$slice] : $steaming->core[$slice];
                    $free[] = $steaming->free[$slice];
                    $bound[] = $steaming->bound[$slice] + $steaming->inside[$slice];
                    $tender[] = $steaming->tenderness[$slice];
                }
            }
            if ($core === [] || $tender === []) {
                throw new LogicException("Layer {$index} has no slice.");
            }
            $mean = array_sum($celsius) / count($celsius);
            $rawKg = $layer instanceof SealedRice ? $layer->rawKg : null;
            $pieces = $layer instanceof SealedFilling ? $layer->pieces : null;
            $water = array_sum($free) + array_sum($bound);
            $states[] = new self(
                $layer->matter, $layer->label, $mean,
                $rawKg === null ? 1.0 : 1 - max($core) ** 2,
                $rawKg === null ? 0.0 : ($layer->stuff->dryKg + $water) / $rawKg,
                array_sum($free) / ($rawKg ?? $layer->stuff->dryKg + $layer->stuff->fatKg + $water),
                $pieces === null ? $mean : min($core),
                $pieces !== null && $pieces->tenderS > 0 ? min($tender) : 0.0,
            );
        }

        return $states;
    }

    /** How the rice eats, by its uptake and its free water. */
    public function texture(): Texture
    {
        return Texture::of($this->uptake, $this->freeShare, $this->doneness);
    }
}
