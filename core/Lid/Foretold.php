<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Matter;

/** Something that goes wrong under the lid: where along the heat line, in words, and a heat line that mends it. */
final readonly class Foretold
{
    /** Turning a heat down or up for a mend, and so many minutes more. */
    private const DOWN = 0.8;

    private const UP = 1.35;

    private const LONGER_MIN = 10.0;

    private const COOKED = 0.9;

    /** Below the boil by so much the middle is never in steam. */
    private const SHORT_OF_STEAM_C = 2.0;

    /**
     * @param  non-empty-list<HeatBlock>|null  $mend the heat line changed; null where heat does not mend it
     */
    private function __construct(public string $says, public float $minute, public ?string $mendLabel, public ?array $mend)
    {
    }

    /** @return list<self> in the order in which they happen */
    public static function in(Course $course, Aim $aim): array
    {
        return array_values(array_filter([
            self::burns($course, $aim), self::staysPale($course, $aim), self::neverSteams($course),
            ...self::rice($course), ...self::filling($course),
        ]));
    }

    private static function burns(Course $course, Aim $aim): ?self
    {
        $most = $aim->mostBrowning();
        $at = $course->firstMinute(static fn (Moment $moment): bool => $moment->browning > $most);
        if ($at === null) {
            return null;
        }
        $burnt = $course->firstMinute(static fn (Moment $moment): bool => $moment->colour() === CrustColour::Burnt);
        $hot = self::blockAt($course->heat, $burnt ?? $at);

        return new self(
            $burnt !== null ? sprintf('The base burns from minute %d.', (int) round($burnt)) : sprintf('The crust is past %s from minute %d: %s at the end.', $aim->crust === CrustColour::Pale ? CrustColour::Straw->label() : $aim->crust->label(), (int) round($at), $course->colour()->label()),
            $burnt ?? $at, sprintf('Turn that heat down to %d %%', (int) round(100 * self::DOWN * $course->heat[$hot]->setting)), self::scaled($course->heat, $hot, self::DOWN),
        );
    }

    private static function staysPale(Course $course, Aim $aim): ?self
    {
        if ($aim->crust === CrustColour::Pale || $course->end()->browning >= $aim->crust->begins()) {
            return null;
        }
        $longer = $course->heat;
        $longer[0] = self::with($longer[0], $longer[0]->minutes + 2);

        return new self(sprintf('The crust stays %s; %s is wanted.', $course->colour()->label(), $aim->crust->label()), $course->end()->minute, 'Two minutes more of the first heat', $longer);
    }

    private static function neverSteams(Course $course): ?self
    {
        // Rice that goes in cooked needs no steam to be done.
        if (array_filter($course->moments[0]->layers, static fn (LayerState $state): bool => $state->matter === Matter::Rice && $state->doneness < self::COOKED) === []) {
            return null;
        }
        $hottest = 0.0;
        foreach ($course->moments as $moment) {
            $coldest = array_reduce($moment->layers, static fn (float $least, LayerState $state): float => min($least, $state->celsius), INF);
            $hottest = max($hottest, $coldest);
        }
        if ($hottest >= $course->pot->boilC - self::SHORT_OF_STEAM_C) {
            return null;
        }
        $low = count($course->heat) > 1 && ! $course->heat[1]->isRest() ? 1 : 0;

        return new self(sprintf('The middle never reaches steam: %d °C at most.', (int) round($hottest)), $course->end()->minute,
            $course->heat[$low]->ovenC === null ? sprintf('Turn the %s heat up to %d %%', $low === 0 ? 'first' : 'low', (int) round(100 * min(1.0, self::UP * $course->heat[$low]->setting))) : null,
            $course->heat[$low]->ovenC === null ? self::scaled($course->heat, $low, self::UP) : null);
    }

    /** @return list<self> */
    private static function rice(Course $course): array
    {
        $says = [];
        $end = $course->end();
        $layers = array_values(array_filter($end->layers, static fn (LayerState $state): bool => $state->matter === Matter::Rice));
        foreach ($layers as $index => $state) {
            $which = count($layers) === 1 ? 'The rice' : ['The lowest rice', 'The rice above'][min(1, $index)];
            if ($state->doneness < Aim::DONE) {
                $says[] = new self(sprintf('%s keeps a hard heart: %d %% done.', $which, (int) round(100 * $state->doneness)), $end->minute, 'Ten minutes longer on the low heat', self::longer($course->heat));
            } elseif ($state->texture() === Texture::Wet || $state->texture() === Texture::Hard) {
                $says[] = new self(sprintf('%s ends %s, at %.2f times its raw weight: see the water at Layers.', $which, $state->texture()->label(), $state->uptake), $end->minute, null, null);
            }
        }

        return $says;
    }

    /** @return list<self> */
    private static function filling(Course $course): array
    {
        $says = [];
        foreach ($course->end()->layers as $index => $state) {
            $layer = $course->pot->layers[$index];
            if ($state->matter !== Matter::Filling) {
                continue;
            }
            if ($layer->safeC !== null && $state->coreC < $layer->safeC + Aim::TO_SPARE_C) {
                $says[] = new self(sprintf('%s: its core comes to %d °C only, %d °C is safe.', ucfirst($state->label), (int) round($state->coreC), (int) $layer->safeC), $course->end()->minute, 'Ten minutes longer on the low heat', self::longer($course->heat));
            } elseif ($layer->tenderS > 0 && $state->tenderness < 1.0) {
                $says[] = new self(sprintf('%s is not tender yet: %d %% of the way.', ucfirst($state->label), (int) round(100 * $state->tenderness)), $course->end()->minute, 'Ten minutes longer on the low heat', self::longer($course->heat));
            } elseif ($layer->safeC !== null && $state->tenderness > 2.5 && $state->tenderness > 1.6 * $layer->tenderness) {
                $at = $course->firstMinute(static fn (Moment $moment): bool => $moment->layers[$index]->tenderness > 2.5) ?? $course->end()->minute;
                $says[] = new self(sprintf('%s falls apart from minute %d.', ucfirst($state->label), (int) round($at)), $at, null, null);
            }
        }

        return $says;
    }

    /** @param  non-empty-list<HeatBlock>  $heat */
    private static function blockAt(array $heat, float $minute): int
    {
        $from = 0.0;
        foreach ($heat as $index => $block) {
            $from += $block->minutes;
            if ($minute <= $from + 0.01) {
                // Colour that comes at rest was made before it.
                return $block->isRest() && $index > 0 ? $index - 1 : $index;
            }
        }

        return 0;
    }

    /**
     * @param  non-empty-list<HeatBlock>  $heat
     * @return non-empty-list<HeatBlock>
     */
    private static function scaled(array $heat, int $index, float $factor): array
    {
        $block = $heat[$index];
        $heat[$index] = new HeatBlock($block->minutes, min(1.0, $factor * $block->setting), $block->plate, $block->until, $block->setting, $block->ovenC);

        return array_values($heat);
    }

    /**
     * @param  non-empty-list<HeatBlock>  $heat
     * @return non-empty-list<HeatBlock>
     */
    private static function longer(array $heat): array
    {
        $low = 0;
        foreach ($heat as $index => $block) {
            $low = $block->isRest() ? $low : $index;
        }
        $heat[$low] = self::with($heat[$low], $heat[$low]->minutes + self::LONGER_MIN);

        return array_values($heat);
    }

    private static function with(HeatBlock $block, float $minutes): HeatBlock
    {
        return new HeatBlock($minutes, $block->setting, $block->plate, $block->until, $block->wanted, $block->ovenC);
    }
}
