<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** One stretch of heat as it bears on a pot: the numbers that each step of the steaming goes by. */
final readonly class Fire
{
    private const AREA_24_M2 = M_PI * 0.24 ** 2 / 4;

    /** Round a pot on the stove. */
    public const AIR_C = 25.0;

    /** Lost by a 24 cm base to the air over a flame and off the heat, W/K; on a plate none. */
    private const BASE_W_PER_K = 0.9;

    private const OFF_W_PER_K = 0.2;

    private const OVEN_W_PER_M2K = 12.0;

    /** A flame's gases run up it. */
    public const WALL_W_PER_M2K = 4.0;

    /** The centre of a piece lags its inside by so much of the piece's own lag (section C). */
    private const CENTRE = 0.35;

    private const LID_J_PER_K = 350.0;

    private const LID_W_PER_M2K = 6.0;

    /** A plate on to a 24 cm base, and from it to the air, W/K; its own metal, J/K a kg. */
    private const PLATE_W_PER_K = 9.0;

    private const PLATE_LOSS_W_PER_K = 0.5;

    public const PLATE_J_PER_KG_K = 500.0;

    /** Of a flame's net heat so much gets into a plate; the rest goes past. */
    public const PLATE_OF_FLAME = 0.7;

    /** Metal over 100 °C takes less: a share of 1 − (T − 100)/500. */
    public const HOT_METAL_C = 100.0;

    public const HOT_METAL_K = 500.0;

    /** A plate that was put on before the pot, till a drop of water dances on it (our own), °C. */
    public const HOT_PLATE_C = 200.0;

    private function __construct(
        public float $dt,
        /** From the ring into metal at the boil, W. */
        public float $flameW,
        /** Heat that the plate holds, J/K; 0 without one. */
        public float $plateJ,
        public float $plateW,
        public float $plateLossW,
        /** Air round the pot, °C. */
        public float $airC,
        public bool $inOven,
        public float $baseLossW,
        /** The wall's loss against the usual. */
        public float $wallFactor,
        public float $lidLossW,
        public float $lidJ,
        /** @var list<float> how far the inside of pieces follows in a step, and its centre, by slice */
        public array $lag,
        /** @var list<float> */
        public array $centreLag,
    ) {
    }

    /** Heat that a pot's lid holds, J/K. */
    public static function lidJ(SealedPot $pot): float
    {
        return self::LID_J_PER_K * $pot->areaM2() / self::AREA_24_M2;
    }

    /** @param  list<float>  $lagS of the pieces in each slice; 0 where there are none */
    public static function under(SealedPot $pot, Flame $flame, float $dt, array $lagS): self
    {
        $follows = static fn (float $share): array => array_map(
            static fn (float $lag): float => $lag > 0 ? 1 - exp(-$dt / ($share * $lag)) : 0.0, $lagS,
        );
        [$lag, $centre] = [$follows(1.0), $follows(self::CENTRE)];
        $area = $pot->areaM2();
        $byArea = $area / self::AREA_24_M2;
        if ($flame->ovenC !== null) {
            $loss = self::OVEN_W_PER_M2K * $area;

            return new self(
                dt: $dt,
                flameW: 0.0,
                plateJ: 0.0,
                plateW: 0.0,
                plateLossW: 0.0,
                airC: $flame->ovenC,
                inOven: true,
                baseLossW: $loss,
                wallFactor: self::OVEN_W_PER_M2K / self::WALL_W_PER_M2K,
                lidLossW: $loss,
                lidJ: self::lidJ($pot),
                lag: $lag,
                centreLag: $centre,
            );
        }

        return new self(
            dt: $dt,
            flameW: $pot->wattsInto($flame),
            plateJ: $flame->plate === null
                ? 0.0
                : self::PLATE_J_PER_KG_K * $flame->plate->kg,
            plateW: self::PLATE_W_PER_K * $byArea,
            plateLossW: self::PLATE_LOSS_W_PER_K * $byArea,
            airC: self::AIR_C,
            inOven: false,
            baseLossW: $byArea * match (true) {
                $flame->plate !== null => 0.0,
                $flame->isOff() => self::OFF_W_PER_K,
                default => self::BASE_W_PER_K,
            },
            wallFactor: 1.0,
            lidLossW: self::LID_W_PER_M2K * $area,
            lidJ: self::lidJ($pot),
            lag: $lag,
            centreLag: $centre,
        );
    }
}
