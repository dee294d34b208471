<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Boiled;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Spices;
use Orbek\Core\Dish\Tasting;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\EndsBy;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Rice\Draining;

/** Rice boiled in much water and drained: batch by batch, with what goes in before it and with it. */
final class Boil
{
    /** What goes in so long before the rice is a task of its own, min. */
    private const BEFORE_MIN = -1.0;

    private function __construct(private readonly Bench $bench, private readonly BoilPlan $boil)
    {
    }

    /**
     * @param  list<After>  $before
     * @return string the task that leaves the last batch drained
     */
    public static function put(Bench $bench, BoilPlan $boil, array $before): string
    {
        return (new self($bench, $boil))->all($before);
    }

    /**
     * The tasks at which something boiled with the rice goes in: before it, or with each batch its share.
     *
     * @return non-empty-list<string>
     */
    public static function tasksOf(BoilPlan $boil, Boiled $one, int $index): array
    {
        return $one->inAtMin($boil->liftAt->amount / 60) <= self::BEFORE_MIN
            ? [WorkKind::BoiledFirst->id($index)]
            : array_map(static fn (int $batch): string => WorkKind::Boil->id($batch), range(0, $boil->batches - 1));
    }

    /**
     * What goes into the boil after the rice, so that it is ready when that is lifted.
     *
     * @param  float  $liftMin minutes after the rice at which it is lifted, as far as it is known
     * @return list<array{Boiled, float}> with the minutes after the rice
     */
    public static function later(Dish $dish, float $liftMin): array
    {
        $later = array_values(array_filter(array_map(
            static fn (Boiled $one): array => [$one, $one->inAtMin($liftMin)], $dish->grain->boiled,
        ), static fn (array $one): bool => $one[1] >= -self::BEFORE_MIN));
        usort($later, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $later;
    }

    /** @param  list<After>  $before */
    private function all(array $before): string
    {
        $boils = $this->heatWater();
        $wait = After::within($boils, $this->bench->waits(WorkKind::HeatWater));
        $before = [...$before, $wait, ...$this->before($boils)];
        $drained = '';
        for ($batch = 0; $batch < $this->boil->batches; $batch++) {
            $drained = $this->batch($batch, $before);
            $apart = $this->bench->times->minutes(WorkKind::Drain->value, 'between-batches');
            $before = [After::within($drained, $apart)];
            if ($batch < $this->boil->batches - 1) {
                $before = $this->topUp($batch, $before);
            }
        }

        return $drained;
    }

    private function heatWater(): string
    {
        $salt = $this->boil->salt;

        return $this->bench->put(
            $this->bench->of(WorkKind::HeatWater, Note::of('work-order.to-the-boil', water: $this->boil->water))
                ->lasting(max(1, $this->boil->heatUpMin))->holding(...$this->bench->boilHolds())
                ->saying(Note::of(
                    'work-order.of-salt-lid-on', salt: $salt, isSalted: $salt->amount >= 0.5,
                    spices: $this->bench->dish->grain->water->spices === Spices::None,
                ))
                ->begun(Note::of('work-order.it-is-on'))->done(Note::of('work-order.it-boils'))
                ->ending($salt->amount >= 0.5 ? EndsBy::tasting(Tasting::RiceWater, $this->boil->heatUpMin) : null),
        );
    }

    /**
     * What needs longer than the rice and goes in before it, longest first.
     *
     * @return list<After> what the rice goes in after
     */
    private function before(string $boils): array
    {
        $liftMin = $this->boil->liftAt->amount / 60;
        $first = array_filter(
            $this->bench->dish->grain->boiled,
            static fn (Boiled $one): bool => $one->inAtMin($liftMin) <= self::BEFORE_MIN,
        );
        uasort($first, static fn (Boiled $a, Boiled $b): int => $b->minutes <=> $a->minutes);
        $after = After::within($boils, $this->bench->waits(WorkKind::HeatWater));
        $last = [];
        foreach (array_keys($first) as $number => $index) {
            $next = array_values($first)[$number + 1] ?? null;
            $until = $next === null ? 0.0 : $next->inAtMin($liftMin);
            $isIn = $this->bench->put(
                $this->bench->of(
                    WorkKind::BoiledFirst, Note::of('work-order.into-the-boil', what: $first[$index]->name), $index,
                )
                    ->lasting(max(1, (int) round($until - $first[$index]->inAtMin($liftMin))))
                    ->holding(...$this->bench->boilHolds())->after($after)
                    ->saying(Note::of('work-order.before-the-rice', minutes: (int) round($first[$index]->minutes)))
                    ->begun(Note::of('work-order.it-is-in'))->done(Note::of('work-order.rice-next')),
            );
            $after = After::atOnce($isIn);
            $last = [After::within($isIn, $this->bench->waits(WorkKind::BoiledFirst))];
        }

        return $last;
    }

    /**
     * @param  list<After>  $before
     * @return string the task that leaves the batch drained
     */
    private function batch(int $batch, array $before): string
    {
        $boil = $this->boil;
        $isLast = $batch === $boil->batches - 1;
        $lifted = $this->bench->put(
            $this->bench->of(WorkKind::Boil, $boil->batches === 1
                ? Note::of('work-order.boil-the-rice')
                : Note::of('work-order.boil-batch-of', batch: $batch + 1, batches: $boil->batches), $batch)
                ->lasting(max(1, (int) ceil(($boil->liftAt->amount + Draining::HAND_DELAY_S) / 60)))
                ->holding(...$this->bench->boilHolds())->after(...$before)
                ->saying($batch === 0 ? $this->withIt() : $this->liftWords())
                ->begun(Note::of('work-order.rice-is-in'))->done(Note::of('work-order.lifted-draining')),
        );

        return $this->bench->put(
            $this->bench->of(
                WorkKind::Drain, $isLast ? Note::of('work-order.drain') : Note::of('work-order.lift-keep-the-water'),
                $batch,
            )
                ->holding(Hold::sink(), Hold::pot($this->bench->dish->grain->water->pot))->after(After::atOnce($lifted))
                ->saying(Note::of(
                    'work-order.fish-the-spices-out', draining: $this->bench->dish->grain->water->draining,
                    spices: $this->bench->dish->grain->water->spices === Spices::Fished && $isLast,
                ))
                ->done(Note::of('work-order.drained')),
        );
    }

    /**
     * Between two batches: what the first carried off is put back and brought to the boil.
     *
     * @param  list<After>  $before
     * @return list<After> what the next batch comes after
     */
    private function topUp(int $batch, array $before): array
    {
        $topUp = $this->boil->topUp;
        if ($topUp === null) {
            return $before;
        }
        $boils = $this->bench->put(
            $this->bench->of(WorkKind::TopUp, Note::of('work-order.top-up', water: $topUp->water), $batch)
                ->lasting($topUp->minutes)->holding(...$this->bench->boilHolds())->after(...$before)
                ->saying(Note::of(
                    'work-order.salt-with-it', salt: $topUp->salt, isSalted: $topUp->salt->amount >= 0.5,
                ))
                ->begun(Note::of('work-order.it-is-in'))->done(Note::of('work-order.it-boils')),
        );

        return [After::within($boils, $this->bench->waits(WorkKind::TopUp))];
    }

    /** When to lift, with what goes in with the rice or after it. */
    private function withIt(): Note
    {
        $liftMin = $this->boil->liftAt->amount / 60;
        $says = [];
        foreach ($this->bench->dish->grain->boiled as $one) {
            $at = $one->inAtMin($liftMin);
            if ($at > self::BEFORE_MIN) {
                $says[] = $at < -self::BEFORE_MIN ? Note::of('work-order.with-the-rice', what: $one->name)
                    : Note::of('work-order.after-the-rice', what: $one->name, minutes: (int) round($at));
            }
        }

        return $says === [] ? $this->liftWords()
            : Note::of('work-order.with-it-and-lift', lift: $this->liftWords(), says: $says);
    }

    private function liftWords(): Note
    {
        [$first, $second] = [$this->boil->lifts[0]->at, $this->boil->lifts[1]->at ?? null];
        $isEarly = $this->boil->isLiftedBeforeItBoils();

        return $second === null
            ? Note::of('work-order.test-from-likely', from: $first->from(), likely: $first, isEarly: $isEarly)
            : Note::of(
                'work-order.test-from-scoops', from: $first->from(), first: $first, rest: $second, isEarly: $isEarly,
            );
    }
}
