<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

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

    /** @return list<self> one a layer of the pot */
    public static function of(Steaming $steaming): array
    {
        $states = [];
        foreach ($steaming->pot->layers as $index => $layer) {
            $celsius = $core = $free = $bound = $tender = [];
            foreach ($steaming->layerOf as $slice => $of) {
                if ($of === $index) {
                    $celsius[] = $steaming->celsius[$slice];
                    $core[] = $steaming->core[$slice];
                    $free[] = $steaming->free[$slice];
                    $bound[] = $steaming->bound[$slice];
                    $tender[] = $steaming->tenderness[$slice];
                }
            }
            if ($core === [] || $tender === []) {
                continue;
            }
            $mean = array_sum($celsius) / count($celsius);
            $isRice = $layer->matter === Matter::Rice;
            $isFilling = $layer->matter === Matter::Filling;
            $water = array_sum($free) + array_sum($bound);
            $states[] = new self(
                $layer->matter, $layer->label, $mean,
                $isRice ? 1 - max($core) ** 2 : 1.0,
                $isRice ? ($layer->dryKg + $water) / $layer->rawKg : 0.0,
                array_sum($free) / ($isRice ? $layer->rawKg : $layer->dryKg + $layer->fatKg + $water),
                $isFilling ? min($core) : $mean,
                $isFilling && $layer->tenderS > 0 ? min($tender) : 0.0,
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
