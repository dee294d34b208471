<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** The heats under the sealed pot, one after another, read from documents and written to them. */
final class HeatLine
{
    /** A cooker keeps warm with so much (our own: what 3 L at 75 °C lose in a kitchen), W. */
    private const KEEPS_WARM_W = 30.0;

    private const KEPT_WARM_MIN = 15.0;

    private const OVEN_LEAST_MIN = 20.0;

    private const OVEN_REST_MIN = 6.0;

    private const LONGEST_MIN = 240.0;

    private const MOST_STRETCHES = 12;

    /**
     * A school's own line on a ring: told as heat on the pot's base, so that "medium-high" means the
     * same to a small pot on a small ring and to a big one on a big ring.
     *
     * @param  non-empty-list<StockHeat>  $stock
     * @return non-empty-list<Stretch>
     */
    public static function ofStock(array $stock, Pot $pot, Ring $ring, ?Plate $plate): array
    {
        return array_map(static function (StockHeat $heat) use ($pot, $ring, $plate): Stretch {
            $wanted = $heat->wattsPerCm2 * $pot->baseCm2() / $ring->netW();

            return new Stretch($heat->minutes, match (true) {
                $heat->ovenC !== null => Flame::oven($heat->ovenC),
                $wanted <= 0 => Flame::off(),
                default => Flame::on(
                    $ring->id, $ring->knob->nearest(min(1.0, $wanted)), $heat->plate ? $plate : null,
                ),
            }, $heat->till);
        }, $stock);
    }

    /**
     * An oven from the start; it is left on till all is cooked.
     *
     * @return non-empty-list<Stretch>
     */
    public static function inOven(float $celsius): array
    {
        return [
            new Stretch(self::OVEN_LEAST_MIN, Flame::oven($celsius)),
            new Stretch(self::OVEN_REST_MIN, Flame::off()),
        ];
    }

    /**
     * A cooker that keeps its rice warm.
     *
     * @return non-empty-list<Stretch>
     */
    public static function keptWarm(Ring $cooker): array
    {
        return [new Stretch(
            self::KEPT_WARM_MIN, Flame::on($cooker->id, min(1.0, self::KEEPS_WARM_W / $cooker->netW()), null),
        )];
    }

    /**
     * A heat line as a document tells it.
     *
     * @param  list<Fields>  $stretches
     * @param  Known<Cue>  $cues
     * @param  string  $ring of stretches that name none
     * @param  array<string, Plate>  $plates of the kitchen, by id
     * @param  string  $field as errors name it
     * @return non-empty-list<Stretch>
     *
     * @throws Refused
     */
    public static function fromFields(
        array $stretches, Known $cues, string $ring = '', array $plates = [], string $field = 'lid/heat',
    ): array {
        if ($stretches === [] || count($stretches) > self::MOST_STRETCHES) {
            throw Refused::because(
                $field, 'refused.number-of-stretches', stretches: count($stretches),
                mostStretches: self::MOST_STRETCHES,
            );
        }

        $line = array_map(static function (Fields $stretch) use ($cues, $ring, $plates): Stretch {
            $till = $stretch->has('until') ? Cue::ending($cues, $stretch->text('until'), $stretch->at('until')) : null;

            return new Stretch(
                $stretch->number('minutes', 0.5, self::LONGEST_MIN, 'min'), self::flame($stretch, $ring, $plates),
                $till,
                $till === null ? 0.0 : $stretch->number('after', 0, self::LONGEST_MIN, 'min', 0),
            );
        }, $stretches);
        foreach ($line as $at => $stretch) {
            // Under the pot, on the ring that it stands on, no plate gets hot before it.
            if ($stretch->flame->isPlateHot && $at > 0 && $line[$at - 1]->flame->ring === $stretch->flame->ring) {
                throw Refused::because($stretches[$at]->at('plate_hot'), 'refused.no-ring-for-a-hot-plate');
            }
        }

        return $line;
    }

    /** @param  array<string, Plate>  $plates */
    private static function flame(Fields $stretch, string $ring, array $plates): Flame
    {
        $setting = $stretch->number('setting', 0, 1);
        if ($stretch->has('oven_c')) {
            return Flame::oven($stretch->number('oven_c', 50, 250, '°C'));
        }
        if ($setting <= 0) {
            return Flame::off();
        }
        $onPlate = $stretch->has('plate') && ! $stretch->isText('plate') ? $stretch->flag(
            'plate', false,
        ) : $stretch->has('plate');
        $named = $stretch->isText('plate') ? $stretch->text('plate') : '';

        return Flame::on(
            $stretch->has('ring') ? $stretch->text('ring') : $ring, $setting,
            $onPlate ? ($plates[$named] ?? array_values($plates)[0] ?? Plate::usual()) : null,
            $stretch->flag('plate_hot', $stretch->has('begins_c')),
            $stretch->has('begins_c') ? $stretch->number('begins_c', 0, 400, '°C') : null,
        );
    }

    /**
     * As a document keeps it.
     *
     * @param  list<Stretch>  $stretches
     * @param  int  $digits of a setting
     * @return list<array{
     *     minutes: float, setting: float, ring?: string, plate?: string, plate_hot?: true, until?: string,
     *     after?: float, oven_c?: float
     * }>
     */
    public static function toArray(array $stretches, int $digits = 3): array
    {
        return array_map(static fn (Stretch $stretch): array => [
            'minutes' => round($stretch->minutes, 1),
            'setting' => round($stretch->flame->setting, $digits),
            ...($stretch->flame->ring === '' ? [] : ['ring' => $stretch->flame->ring]),
            ...($stretch->flame->plate === null ? [] : ['plate' => $stretch->flame->plate->id]),
            ...($stretch->flame->isPlateHot ? ['plate_hot' => true] : []),
            ...($stretch->till === null ? [] : ['until' => $stretch->till->id]),
            ...($stretch->afterMin > 0 ? ['after' => round($stretch->afterMin, 1)] : []),
            ...($stretch->flame->ovenC === null ? [] : ['oven_c' => $stretch->flame->ovenC]),
        ], $stretches);
    }

    /**
     * The same with its cues seen so many minutes late; early where negative.
     *
     * @param  non-empty-list<Stretch>  $stretches
     * @return non-empty-list<Stretch>
     */
    public static function seenLater(array $stretches, float $minutes): array
    {
        return array_map(
            static fn (
                Stretch $stretch,
            ): Stretch => $stretch->till === null ? $stretch : $stretch->longer($minutes), $stretches,
        );
    }

    /** @param  list<Stretch>  $stretches */
    public static function usesOven(array $stretches): bool
    {
        return array_filter($stretches, static fn (Stretch $stretch): bool => $stretch->flame->ovenC !== null) !== [];
    }

    /** @param  list<Stretch>  $stretches */
    public static function minutes(array $stretches): float
    {
        return array_sum(array_map(static fn (Stretch $stretch): float => $stretch->length(), $stretches));
    }
}
