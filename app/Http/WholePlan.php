<?php

declare(strict_types=1);

namespace App\Http;

use App\Wording\Wording;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Cook\Progress;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\DishTask;
use Orbek\Core\Plan\Work\Mise;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Stage;

/**
 * Every step of a cook with all that a page needs that goes on without its server: amounts, cautions, what the grain
 * and the closed pot do.
 *
 * @phpstan-type Step array{
 *     id: string, dish: int|null, of: string, name: string, detail: string, begin: string, finish: string,
 *     minutes: int,
 *     startsAt: int, startedAt: int|null, doneAt: int|null, amounts: list<string>, cautions: list<string>,
 *     boil: BoilPlan|null, sealed: Cook|null, follows: string|null, endsByItself: bool
 * }
 */
final readonly class WholePlan
{
    private const COURSE_STEP_S = 10;

    /** A grain is followed so long past its window. */
    private const PAST_S = 120;

    public function __construct(private Wording $say)
    {
    }

    /** @return list<Step> in the order in which they begin */
    public function of(MealCook $fold): array
    {
        $situation = $fold->situation();
        $steps = [];
        foreach ($fold->tasks as $id => $task) {
            $progress = $fold->progress($id);
            $at = (
                $progress->startedAt ?? ($progress->isDone() ? $progress->doneAt : $situation->startsAt($id))
                    ?? $situation->tableAt
            )->getTimestamp();
            $steps[] = $task->dish === null
                ? [
                    'id' => $task->task, 'dish' => null, 'of' => '', 'name' => $this->say->first($task->name),
                    'detail' => '',
                    'begin' => $this->say->text($task->begin), 'finish' => $this->say->text($task->finish),
                    'minutes' => $fold->minutes($id), 'startsAt' => $at, ...self::times($progress), 'amounts' => [],
                    'cautions' => [], 'boil' => null, 'sealed' => null, 'follows' => null,
                    'endsByItself' => $task->attention === Attention::None,
                ]
                : $this->step(
                    fold: $fold->dishes[$task->dish], id: $task->task, dish: $task->dish,
                    of: count($fold->dishes) > 1 ? $fold->dishes[$task->dish]->plan()->dish->name : '',
                    progress: $progress, minutes: $fold->minutes($id), startsAt: $at,
                );
        }

        return self::inOrder($steps);
    }

    /** @return Step */
    private function step(
        Cook $fold, string $id, ?int $dish, string $of, Progress $progress, int $minutes, int $startsAt,
    ): array {
        $plan = $fold->plan();
        $work = $plan->day->task($id);

        return [
            'id' => $id, 'dish' => $dish, 'of' => $of, 'name' => $this->say->first($work->name),
            'detail' => $work->detail === null ? '' : $this->say->first($work->detail),
            'begin' => $this->say->text($work->begin), 'finish' => $this->say->text($work->finish),
            'minutes' => $minutes,
            'startsAt' => $startsAt, ...self::times($progress),
            'amounts' => array_map(
                fn (Ingredient $one): string => $this->say->amount($one->amount).' '.$this->say->text($one->inHand()),
                [...Mise::at($plan, $id), ...Mise::broughtTo($plan, $id)],
            ),
            'cautions' => array_map(fn ($caution): string => $this->say->label($caution, 'says'), $fold->cautions($id)),
            'boil' => $work->kind === WorkKind::Boil ? $plan->boil() : null,
            'sealed' => $work->kind === WorkKind::Heat && $work->index === 0 && $plan->course() !== null ? $fold : null,
            'follows' => self::follows($work), 'endsByItself' => $work->task->attention === Attention::None,
        ];
    }

    /**
     * The grain's course in the boil, for a page that draws it alone.
     *
     * @return list<array{int, float, string}> seconds, core radius over the grain's, stage in words
     */
    public function course(BoilPlan $boil): array
    {
        $course = [];
        for ($s = 0; $s <= $boil->courseEndsS() + self::PAST_S; $s += self::COURSE_STEP_S) {
            $doneness = $boil->forecast->donenessAfter($s);
            $course[] = [
                $s, round(CookingFront::coreRadius($doneness), 3), $this->say->label(Stage::at($doneness), 'words'),
            ];
        }

        return $course;
    }

    /** The step at whose end this one begins by itself; null where a hand begins it. */
    private static function follows(DishTask $work): ?string
    {
        foreach ($work->task->after as $gap) {
            if ($gap->isAtOnce()) {
                return $gap->task;
            }
        }

        return null;
    }

    /** @return array{startedAt: int|null, doneAt: int|null} */
    private static function times(Progress $progress): array
    {
        return [
            'startedAt' => $progress->startedAt?->getTimestamp(), 'doneAt' => $progress->doneAt?->getTimestamp(),
        ];
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private static function inOrder(array $steps): array
    {
        usort($steps, static fn (array $a, array $b): int => $a['startsAt'] <=> $b['startsAt']);

        return $steps;
    }
}
