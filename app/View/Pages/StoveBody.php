<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Drawings\BowlDrawing;
use App\Drawings\LayeringDrawing;
use App\Http\AtStove;
use App\Models\MealCook as Row;
use App\Wording\Wording;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Asked;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\DayStands;
use Orbek\Core\Cook\Early;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Cook\Situation;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Meal\MealTask;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Mise;
use Orbek\Core\Plan\Work\WorkKind;

/** The stove as it stands for one pair of hands. */
final readonly class StoveBody
{
    /** So many of what comes next are told. */
    private const NEXT = 2;

    /** What begins within so long is told while water boils, min. */
    private const SOON_MIN = 60;

    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /**
         * @var array{
         *     fold: MealCook, cook: Row, situation: Situation, who: int|null, at: array<int, AtStove>
         * } $given
         */
        $given = $view->getData();
        ['fold' => $fold, 'cook' => $cook, 'situation' => $situation, 'who' => $who, 'at' => $at] = $given;
        $zone = $fold->began->kitchen->site->timezone;
        $id = $situation->nowFor($who);
        $task = $id === null ? null : $fold->tasks[$id];
        $dish = $task?->dish;
        $of = $dish === null ? null : $fold->dishes[$dish];
        $sealed = array_filter(
            array_keys($at), static fn (int $place): bool => $at[$place]->lid !== null
                && ! in_array($place, $fold->leftOut, true),
        );
        $view->with($this->asks($fold, $situation, $id));
        $view->with([
            'several' => count($fold->dishes) > 1 || $fold->began->meal->sides !== [],
            'isPractice' => $cook->practice !== null,
            'zone' => $zone,
            'local' => fn (DateTimeInterface $time): string => $this->say->time(
                DateTimeImmutable::createFromInterface($time)->setTimezone($zone),
            ),
            'stands' => DayStands::of($fold, $situation),
            'served' => $fold->servedAt(),
            'id' => $id, 'task' => $task, 'dish' => $dish, 'of' => $of,
            'progress' => $id === null ? null : $fold->progress($id),
            'heatsWater' => $task?->kind === WorkKind::HeatWater,
            'boiling' => $of !== null && $of->boiling() === $task?->task,
            // The closed pot is the now where its heat or its opening is; else it stands below with the others.
            'strip' => $dish !== null && $at[$dish]->lid !== null
                && in_array($task?->kind, [WorkKind::Heat, WorkKind::Second, WorkKind::Open], true),
            'named' => static fn (string $one, MealTask $of): Note => self::named($fold, $at, $one, $of),
            'ofDish' => static fn (MealTask $one): string => $one->dish === null
                ? 'side' : $fold->dishes[$one->dish]->plan()->dish->name,
            'home' => static fn (int $place): string => route('cook', $cook->dishes[$place]),
            'beside' => self::tasks($fold, $situation->besideFor($who)),
            'next' => self::tasks($fold, array_slice(self::soon($fold, $situation, $who), 0, self::NEXT)),
            'others' => $fold->hands > 1, 'eats' => $fold->began->eats(),
            'inHands' => fn (string $one): string => $fold->hands < 2 || $fold->takenBy($one) === null
                ? '' : $this->say->say(
                    'pages/stove.in-whose-hands', isYours: $fold->takenBy($one) === $who, pair: $fold->takenBy($one),
                ),
            'sealed' => array_values($sealed),
        ]);
    }

    /**
     * What the step at hand asks for, what goes in at it, and what the last tap left to be put right.
     *
     * @return array<string, mixed>
     */
    private function asks(MealCook $fold, Situation $situation, ?string $id): array
    {
        $asked = $id === null ? null : Asked::of($fold, $situation, $id);
        $task = $id === null ? null : $fold->tasks[$id];
        $of = $task?->dish === null ? null : $fold->dishes[$task->dish];
        $layered = $of !== null && $id !== null && $task->kind === WorkKind::Layer
            ? LayeredPot::all($of->plan(), $id, $fold->began->plans[$task->dish]) : [];

        $early = $task === null || $id === null || $fold->progress($id)->startedAt !== null ? null : Early::of(
            $task, $situation->startsAt($id), $fold->now,
            isset($of?->plan()->day->tasks[WorkKind::Soak->id()]),
        );

        return [
            'early' => $early, 'sooner' => $early === null ? null : Early::tableAt($fold, $situation),
            'pots' => $layered,
            'drained' => $layered === [] ? null : $of?->state->of(WorkKind::Drain)->doneAt,
            'bears' => $of?->plan()->dish->craft->work->waits(WorkKind::Drain->value),
            'asked' => $asked, 'looks' => ($asked->look ?? null) !== null, 'said' => Asked::saidOf($fold),
            'goesIn' => $goesIn = $of === null || $layered !== [] ? [] : Mise::at($of->plan(), $task->task),
            'was' => $of === null || $task?->dish === null ? [] : self::was($goesIn, $fold->began->plans[$task->dish]),
            'bowl' => count($goesIn) > 2 && $task?->ring === null && $task?->kind !== WorkKind::Rinse
                ? new BowlDrawing($goesIn) : null,
            'inPot' => $of === null || ! self::isSeenInPot($task, $of) ? null : new LayeringDrawing(
                $of->plan()->potted->first()->section,
            ),
            'isTurned' => $task?->kind === WorkKind::Open,
            'isOnPlatter' => $task?->kind === WorkKind::Open && $of?->plan()->dish->table->serving === Serving::Platter,
            'mise' => $fold->isUntouched() ? $this->mise($fold) : [],
            'brought' => $of === null ? [] : Mise::broughtTo($of->plan(), $task->task),
        ];
    }

    /** Whether the pot at hand is drawn: its base under fat, or the whole of it turned out. */
    private static function isSeenInPot(?MealTask $task, Cook $of): bool
    {
        return $task?->kind === WorkKind::HotFat || ($task?->kind === WorkKind::Open
            && in_array($of->plan()->dish->table->serving, [Serving::Whole, Serving::Lifted], true)
            && $of->plan()->dish->build->base->kind->isLaid);
    }

    /**
     * What is put ready for each task, in the order of the work.
     *
     * @return array<string, array{name: string, of: string, things: list<string>}> by task
     */
    private function mise(MealCook $fold): array
    {
        $mise = [];
        foreach ($fold->began->tasks as $id => $task) {
            if ($task->dish === null) {
                continue;
            }
            $of = $fold->dishes[$task->dish]->plan();
            $things = array_map(
                fn (Ingredient $one): string => $this->say->amount($one->amount).' '.$this->say->text($one->inHand()),
                Mise::at($of, $task->task),
            );
            if ($things !== []) {
                $mise[$id] = [
                    'name' => $this->say->first($task->name), 'things' => $things,
                    'of' => count($fold->dishes) > 1 ? $of->dish->name : '',
                ];
            }
        }

        return $mise;
    }

    /**
     * What comes next for one pair of hands; while water boils, nothing that is hours away.
     *
     * @return list<string>
     */
    private static function soon(MealCook $fold, Situation $situation, ?int $who): array
    {
        $isBoiling = array_filter($fold->dishes, static fn (Cook $one): bool => $one->boiling() !== null) !== [];
        $till = Instant::plusMinutes($fold->now, self::SOON_MIN);

        return array_values(array_filter(
            $situation->nextFor($who),
            static fn (string $id): bool => ! $isBoiling || $situation->startsAt($id) <= $till,
        ));
    }

    /**
     * What a task is called; a heat that was turned, by what it is now.
     *
     * @param  array<int, AtStove>  $at
     */
    private static function named(MealCook $fold, array $at, string $id, MealTask $task): Note
    {
        $lid = $task->dish === null ? null : $at[$task->dish]->lid;
        if ($lid === null || $task->name->key !== 'work-order.on-the-heat' || ! $fold->progress($id)->isRunning()
            || $lid->flame()->isOff()) {
            return $task->name;
        }
        $heat = $lid->plan->kitchen->says($lid->flame(), $lid->plan->potted->first()->place->ring->id);

        return Note::of('work-order.on-the-heat', isFirst: $task->name->args['isFirst'] === true, heat: $heat);
    }

    /**
     * What has changed of what goes in since the cook began, as it was.
     *
     * @param  list<Ingredient>  $goesIn
     * @return array<int, Figure> by place in the list
     */
    private static function was(array $goesIn, Plan $began): array
    {
        $was = [];
        foreach ($goesIn as $index => $one) {
            foreach ($began->ingredients as $before) {
                $isSame = $before->task === $one->task && $before->name == $one->name;
                if ($isSame && abs($before->amount->amount / $one->amount->amount - 1) > LayeredPot::SAME) {
                    $was[$index] = $before->amount;
                }
            }
        }

        return $was;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, MealTask> by id
     */
    private static function tasks(MealCook $fold, array $ids): array
    {
        return array_combine($ids, array_map(static fn (string $one): MealTask => $fold->tasks[$one], $ids));
    }
}
