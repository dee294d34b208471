<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Water;
use Orbek\Core\Water\BoilingPoint;

/**
 * What water vapour carries below the boil: through a bed of grains, and from the top to the lid before any steam
 * (docs/model.md, section F, third edition).
 */
final readonly class Vapour
{
    private const MOLAR_KG = 0.018015;

    private const GAS_J_PER_MOL_K = 8.314;

    private const ZERO_K = 273.15;

    /** Of vapour in air at 25 °C, m²/s, and how it grows with temperature. */
    private const DIFFUSES_M2_PER_S = 2.6e-5;

    private const DIFFUSES_AT_K = 298.0;

    private const DIFFUSES_POWER = 1.8;

    /** A bed carries no more than this, W/mK, and nothing any more so many K over the boil. */
    private const MOST_W_PER_MK = 10.0;

    private const GONE_OVER_K = 2.0;

    /** Free convection between top and lid, W/m²K, and what of it, and what radiates. */
    private const CONVECTS_W_PER_M2K = 3.0;

    private const RADIATES_W_PER_M2K = 4.0;

    private const AIR_J_PER_KG_K = 1010.0;

    /** Of water's molar weight over air's. */
    private const LIGHTER = 0.622;

    /** Of air that is left over the boil, a share: what vapour is driven by stays a number. */
    private const LEAST_AIR = 1e-4;

    /** @var list<float> W/mK by °C, from 0 */
    private array $bed;

    public function __construct(private float $boilC)
    {
        $pressure = BoilingPoint::pressurePa($boilC);
        $bed = [];
        for ($celsius = 0; $celsius <= $boilC + self::GONE_OVER_K + 2; $celsius++) {
            $bed[] = self::through((float) $celsius, $boilC, $pressure);
        }
        $this->bed = $bed;
    }

    /** What vapour adds to a bed's conductivity, W/mK: L D M/(R T) dp/dT P/(P − p). */
    private static function through(float $celsius, float $boilC, float $pressure): float
    {
        $over = $celsius - $boilC;
        if ($over >= 0) {
            return self::MOST_W_PER_MK * max(0.0, 1 - $over / self::GONE_OVER_K);
        }
        $kelvin = $celsius + self::ZERO_K;
        $air = max(self::LEAST_AIR, 1 - BoilingPoint::pressurePa($celsius) / $pressure);

        return min(
            self::MOST_W_PER_MK,
            Water::EVAPORATION_J_PER_KG
            * self::DIFFUSES_M2_PER_S * ($kelvin / self::DIFFUSES_AT_K) ** self::DIFFUSES_POWER
            * self::MOLAR_KG / (self::GAS_J_PER_MOL_K * $kelvin) * BoilingPoint::pressurePaPerK($celsius) / $air,
        );
    }

    /** @return list<float> what it adds to the conductivity of a bed of grains, W/mK by whole °C from 0 */
    public function bed(): array
    {
        return $this->bed;
    }

    /**
     * From a top below the boil to the lid.
     *
     * @return array{float, float} W/m² that condense on it, and that it gets besides
     */
    public function toLid(float $topC, float $lidC): array
    {
        $air = fn (float $celsius): float => max(
            self::LEAST_AIR, 1 - BoilingPoint::pressurePa($celsius) / BoilingPoint::pressurePa($this->boilC),
        );

        return [
            max(0.0, self::CONVECTS_W_PER_M2K / self::AIR_J_PER_KG_K * self::LIGHTER * Water::EVAPORATION_J_PER_KG
                * log($air($lidC) / $air($topC))),
            (self::CONVECTS_W_PER_M2K + self::RADIATES_W_PER_M2K) * ($topC - $lidC),
        ];
    }
}
