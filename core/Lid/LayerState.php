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
        foreach ($steaming->slicesOf as $index => $slices) {
            $states[] = self::ofLayer($steaming, $steaming->pot->layers[$index], $slices);
        }

        return $states !== [] ? $states : throw new LogicException('A pot without a layer.');
    }

    /** @param  non-empty-list<int>  $slices */
    private static function ofLayer(Steaming $steaming, SealedLayer $layer, array $slices): self
    {
        $celsius = $free = $bound = $radius = 0.0;
        $coldest = $tender = INF;
        foreach ($slices as $i) {
            $celsius += $steaming->celsius[$i];
            $free += $steaming->free[$i];
            $bound += $steaming->bound[$i] + $steaming->inside[$i];
            $radius = max($radius, $steaming->core[$i]);
            $coldest = min($coldest, $steaming->centreC[$i]);
            $tender = min($tender, $steaming->tenderness[$i]);
        }
        $mean = $celsius / count($slices);
        $rawKg = $layer instanceof SealedRice ? $layer->rawKg : null;
        $pieces = $layer instanceof SealedFilling ? $layer->pieces : null;
        $water = $free + $bound;

        return new self(
            matter: $layer->matter,
            label: $layer->label,
            celsius: $mean,
            doneness: $rawKg === null ? 1.0 : 1 - $radius ** 2,
            uptake: $rawKg === null ? 0.0 : ($layer->stuff->dryKg + $water) / $rawKg,
            freeShare: $free / ($rawKg ?? $layer->stuff->dryKg + $layer->stuff->fatKg + $water),
            coreC: $pieces === null ? $mean : $coldest,
            tenderness: $pieces !== null && $pieces->tenderS > 0 ? $tender : 0.0,
        );
    }

    /** How the rice eats, by its uptake and its free water. */
    public function texture(): Texture
    {
        return Texture::of($this->uptake, $this->freeShare, $this->doneness);
    }
}
