<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Dish\School;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Pot;

/**
 * The heats under the sealed pot, one after another.
 *
 * A school's stock line is told as heat on the pot's base, so that "medium-high" means the same
 * to a small pot on a small ring and to a big one on a big ring; the setting follows from pot and
 * ring. The heats are those of the worked cases in docs/model.md, section F, per area of base.
 */
final readonly class HeatLine
{
    private const LONGEST_MIN = 240.0;

    private const MOST_BLOCKS = 12;

    /** @param  non-empty-list<HeatBlock>  $blocks */
    private function __construct(public array $blocks, public bool $isStock)
    {
    }

    public static function ofSchool(School $school, Pot $pot, Burner $burner): self
    {
        $blocks = [];
        foreach ($school->stockHeats() as $stock) {
            [$minutes, $wattsPerCm2, $plate, $until] = $stock;
            $wanted = $wattsPerCm2 * $pot->baseCm2() / $burner->netW();
            $blocks[] = new HeatBlock($minutes, min(1.0, $wanted), $plate, $until, $wanted, $stock[4] ?? null);
        }

        return new self($blocks, true);
    }

    /**
     * A heat line the cook has set.
     *
     * @param  list<Fields>  $blocks
     * @param  string  $field as errors name it
     *
     * @throws OutOfRange
     */
    public static function fromFields(array $blocks, string $field = 'lid/heat'): self
    {
        if ($blocks === [] || count($blocks) > self::MOST_BLOCKS) {
            throw OutOfRange::because($field, count($blocks).' stretches of heat will not do;', 'give 1 to '.self::MOST_BLOCKS);
        }

        $read = array_map(static function (Fields $block): HeatBlock {
            $setting = $block->number('setting', 0, 1);

            return new HeatBlock(
                $block->number('minutes', 0.5, self::LONGEST_MIN, 'min'), $setting, $block->flag('plate', false), $block->has('until') ? $block->text('until') : null, $setting,
                $block->has('oven_c') ? $block->number('oven_c', 50, 250, '°C') : null,
            );
        }, $blocks);

        return new self($read, false);
    }

    /** Whether a stretch of it is in the oven. */
    public function usesOven(): bool
    {
        return array_filter($this->blocks, static fn (HeatBlock $block): bool => $block->ovenC !== null) !== [];
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (HeatBlock $block): float => $block->minutes, $this->blocks));
    }

    /** The block that asks for more than the ring gives, if one does. */
    public function short(): ?HeatBlock
    {
        foreach ($this->blocks as $block) {
            if ($block->wanted > 1.005) {
                return $block;
            }
        }

        return null;
    }
}
