<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Burner;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;

/** The heats under the sealed pot, one after another, read from documents and written to them. */
final class HeatLine
{
    /** A cooker keeps warm with so much (our own: what 3 L at 75 °C lose in a kitchen), W. */
    private const KEEPS_WARM_W = 30.0;

    private const KEPT_WARM_MIN = 15.0;

    private const OVEN_LEAST_MIN = 20.0;

    private const OVEN_REST_MIN = 6.0;

    private const LONGEST_MIN = 240.0;

    private const MOST_BLOCKS = 12;

    /**
     * A school's own line on a ring: told as heat on the pot's base, so that "medium-high" means the
     * same to a small pot on a small ring and to a big one on a big ring.
     *
     * @param  non-empty-list<StockHeat>  $stock
     * @return non-empty-list<HeatBlock>
     */
    public static function ofStock(array $stock, Pot $pot, Burner $burner, ?Plate $plate): array
    {
        return array_map(static function (StockHeat $heat) use ($pot, $burner, $plate): HeatBlock {
            $wanted = $heat->wattsPerCm2 * $pot->baseCm2() / $burner->netW();

            return new HeatBlock($heat->minutes, match (true) {
                $heat->ovenC !== null => Flame::oven($heat->ovenC),
                $wanted <= 0 => Flame::off(),
                default => Flame::on(
                    $burner->id, $burner->knob->nearest(min(1.0, $wanted)), $heat->plate ? $plate : null,
                ),
            }, $heat->till);
        }, $stock);
    }

    /**
     * An oven from the start; it is left on till all is cooked.
     *
     * @return non-empty-list<HeatBlock>
     */
    public static function inOven(float $celsius): array
    {
        return [
            new HeatBlock(self::OVEN_LEAST_MIN, Flame::oven($celsius)),
            new HeatBlock(self::OVEN_REST_MIN, Flame::off()),
        ];
    }

    /**
     * A cooker that keeps its rice warm.
     *
     * @return non-empty-list<HeatBlock>
     */
    public static function keptWarm(Burner $cooker): array
    {
        return [new HeatBlock(
            self::KEPT_WARM_MIN, Flame::on($cooker->id, min(1.0, self::KEEPS_WARM_W / $cooker->netW()), null),
        )];
    }

    /**
     * A heat line as a document tells it.
     *
     * @param  list<Fields>  $blocks
     * @param  Known<Cue>  $cues
     * @param  string  $ring of stretches that name none
     * @param  array<string, Plate>  $plates of the kitchen, by id
     * @param  string  $field as errors name it
     * @return non-empty-list<HeatBlock>
     *
     * @throws Refused
     */
    public static function fromFields(
        array $blocks, Known $cues, string $ring = '', array $plates = [], string $field = 'lid/heat',
    ): array {
        if ($blocks === [] || count($blocks) > self::MOST_BLOCKS) {
            throw Refused::because(
                $field, 'refused.stretches-of-heat-will-not-do', blocks: count($blocks), mostBlocks: self::MOST_BLOCKS,
            );
        }

        return array_map(static function (Fields $block) use ($cues, $ring, $plates): HeatBlock {
            $till = $block->has('until') ? Cue::ending($cues, $block->text('until'), $block->at('until')) : null;

            return new HeatBlock(
                $block->number('minutes', 0.5, self::LONGEST_MIN, 'min'), self::flame($block, $ring, $plates), $till,
                $till === null ? 0.0 : $block->number('after', 0, self::LONGEST_MIN, 'min', 0),
            );
        }, $blocks);
    }

    /** @param  array<string, Plate>  $plates */
    private static function flame(Fields $block, string $ring, array $plates): Flame
    {
        $setting = $block->number('setting', 0, 1);
        if ($block->has('oven_c')) {
            return Flame::oven($block->number('oven_c', 50, 250, '°C'));
        }
        if ($setting <= 0) {
            return Flame::off();
        }
        $onPlate = $block->has('plate') && ! $block->isText('plate') ? $block->flag(
            'plate', false,
        ) : $block->has('plate');
        $named = $block->isText('plate') ? $block->text('plate') : '';

        return Flame::on(
            $block->has('ring') ? $block->text('ring') : $ring, $setting,
            $onPlate ? ($plates[$named] ?? array_values($plates)[0] ?? Plate::usual()) : null,
        );
    }

    /**
     * As a document keeps it.
     *
     * @param  list<HeatBlock>  $blocks
     * @return list<array{
     *     minutes: float, setting: float, ring?: string, plate?: string, until?: string, after?: float, oven_c?: float
     * }>
     */
    public static function toArray(array $blocks): array
    {
        return array_map(static fn (HeatBlock $block): array => [
            'minutes' => round($block->minutes, 1),
            'setting' => round($block->flame->setting, 3),
            ...($block->flame->ring === '' ? [] : ['ring' => $block->flame->ring]),
            ...($block->flame->plate === null ? [] : ['plate' => $block->flame->plate->id]),
            ...($block->till === null ? [] : ['until' => $block->till->id]),
            ...($block->afterMin > 0 ? ['after' => round($block->afterMin, 1)] : []),
            ...($block->flame->ovenC === null ? [] : ['oven_c' => $block->flame->ovenC]),
        ], $blocks);
    }

    /**
     * The same with its cues seen so many minutes late; early where negative.
     *
     * @param  non-empty-list<HeatBlock>  $blocks
     * @return non-empty-list<HeatBlock>
     */
    public static function seenLater(array $blocks, float $minutes): array
    {
        return array_map(
            static fn (
                HeatBlock $block,
            ): HeatBlock => $block->till === null ? $block : $block->longer($minutes), $blocks,
        );
    }

    /** @param  list<HeatBlock>  $blocks */
    public static function usesOven(array $blocks): bool
    {
        return array_filter($blocks, static fn (HeatBlock $block): bool => $block->flame->ovenC !== null) !== [];
    }

    /** @param  list<HeatBlock>  $blocks */
    public static function minutes(array $blocks): float
    {
        return array_sum(array_map(static fn (HeatBlock $block): float => $block->length(), $blocks));
    }
}
