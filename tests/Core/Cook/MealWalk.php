<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Planner;
use Tests\Core\Plan\FoundBefore;
use Tests\Core\Sample;

/** A meal cooked minute by minute by those who do what the Stove tells them, or do it late. */
final class MealWalk
{
    /** @var list<list<Event>> */
    public array $ofDishes;

    /** @var list<Event> */
    public array $own = [];

    public DateTimeImmutable $clock;

    /** Most tasks that had hands at one time. */
    public int $mostInHand = 0;

    /** @var list<string> as they were begun */
    public array $begun = [];

    private int $made = 0;

    private function __construct(public readonly MealPlan $plan, private readonly Planner $planner)
    {
        $this->ofDishes = array_map(static fn (): array => [], $plan->plans);
        $this->clock = $plan->at($plan->firstStart() - 5);
    }

    /**
     * @param  list<array{dish: string, eaters?: int}>  $dishes names of demo dishes
     * @param  list<array<string, mixed>>  $sides
     */
    public static function of(array $dishes, int $eaters, int $hands, array $sides = []): self
    {
        static $laid = [];
        $document = [
            'format' => Meal::FORMAT, 'name' => 'Supper', 'serve_at' => '2026-11-28T19:30', 'eaters' => $eaters,
            'hands' => $hands, 'dishes' => $dishes, 'sides' => $sides,
        ];
        $kitchen = Sample::kitchen();
        $now = new DateTimeImmutable('2026-11-28 10:00', $kitchen->site->timezone);
        $planner = Planner::in($kitchen, Knowledge::none(), $now, FoundBefore::get());
        $ofDishes = [];
        foreach ($dishes as $one) {
            $ofDishes[$one['dish']] = Sample::dish($one['dish']);
        }

        return new self(
            $laid[json_encode($document)] ??= MealPlanner::in($kitchen, $planner, $now)
                ->plan(Meal::fromArray($document), $ofDishes),
            $planner,
        );
    }

    public static function supper(int $hands = 2): self
    {
        return self::of(
            [['dish' => 'sour-cherry-polo', 'eaters' => 6], ['dish' => 'jackfruit-cashew-biryani', 'eaters' => 3]], 9,
            $hands,
            [
                ['name' => 'salad', 'minutes' => 12],
                ['name' => 'baked quince', 'minutes' => 45, 'attention' => 'start', 'oven' => true, 'hot' => true],
            ],
        );
    }

    public function cook(): MealCook
    {
        return MealCook::fold($this->plan, $this->planner, $this->ofDishes, $this->own, $this->clock);
    }

    /** @param  array<string, mixed>  $more */
    public function happens(string $type, ?string $task = null, array $more = []): Event
    {
        $of = $task === null ? null : $this->plan->tasks[$task];
        $event = Event::fromFields(Fields::of([
            'id' => sprintf('01JDJ7K%019d', ++$this->made), 'type' => $type, 'at' => (float) $this->clock->format('U'),
        ] + ($of === null ? [] : ['subject' => $of->task]) + $more));
        if ($of?->dish === null) {
            $this->own[] = $event;
        } else {
            $this->ofDishes[$of->dish][] = $event;
        }

        return $event;
    }

    /**
     * Till a moment, or till nothing is left.
     *
     * @param  array<string, int>  $lateMin by how much a task is begun late
     */
    public function till(string $time, array $lateMin = []): MealCook
    {
        $until = $this->plan->tableAt->modify($time);
        while ($this->clock < $until && $this->cook()->left() !== []) {
            while ($this->act($lateMin)) {
                continue;
            }
            $this->clock = $this->clock->modify('+1 minute');
        }

        return $this->cook();
    }

    /**
     * Till what is to be tender simmers, which is then made longer.
     *
     * @return string|null the task; null where nothing simmers
     */
    public function tillItSimmers(int $longerMin): ?string
    {
        $this->till('-75 minutes');
        $cook = $this->cook();
        foreach ($cook->left() as $id) {
            if ($cook->progress($id)->isRunning() && ($this->plan->tasks[$id]->endsBy->isTender ?? false)) {
                $this->happens('lengthened', $id, ['minutes' => $longerMin]);

                return $id;
            }
        }

        return null;
    }

    /** @param  array<string, int>  $lateMin */
    private function act(array $lateMin): bool
    {
        $cook = $this->cook();
        $situation = $cook->situation();
        $inHand = array_filter(
            $cook->left(), static fn (string $id): bool => $cook->progress($id)->isRunning()
                && $cook->tasks[$id]->attention->value === 'throughout' && $cook->endsAt($id) > $cook->now,
        );
        $this->mostInHand = max($this->mostInHand, count($inHand));
        for ($who = 1; $who <= $this->plan->meal->hands; $who++) {
            $id = $situation->nowFor($who);
            if ($id === null) {
                continue;
            }
            if ($cook->progress($id)->isRunning()) {
                if ($cook->endsAt($id) <= $this->clock) {
                    $this->happens('done', $id);

                    return true;
                }
            } elseif ($situation->startsAt($id) <= $this->clock->modify('-'.($lateMin[$id] ?? 0).' minutes')
                || $this->plan->at($this->plan->start($id) + ($lateMin[$id] ?? 10_000)) <= $this->clock) {
                $this->begun[] = $id;
                $this->happens('started', $id, ['who' => $who]);

                return true;
            }
        }

        return false;
    }
}
