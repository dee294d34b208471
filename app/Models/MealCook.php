<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\MealCook as CoreMealCook;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\GivenOut;
use Orbek\Core\Plan\MealPlan;
use Orbek\Core\Plan\MealPlanner;
use Orbek\Core\Plan\Planner;

/**
 * A meal being cooked: its documents and its clock as they were when it began, a cook for each dish, and what happened
 * to all of it.
 *
 * @property string $id
 * @property string|null $meal_id
 * @property string $name
 * @property array<string, mixed> $meal
 * @property array<string, mixed> $kitchen
 * @property array<string, mixed> $knowledge
 * @property list<array{array<string, mixed>, list<string>}> $given
 * @property array{starts: array<string, int>, busy: int, waiting: float, bound: int, holds: bool} $laid
 * @property Carbon $started_at
 * @property Carbon|null $table_at when it was to be on the table, as it began
 * @property Carbon|null $served_at
 * @property Carbon|null $given_up_at
 * @property int $folded how many events its dishes' summaries were made of
 * @property Collection<int, Cook> $dishes
 */
final class MealCook extends Model
{
    use BelongsToHousehold;
    use KeepsEvents;
    use MayBeForgotten;

    protected $guarded = [];

    private ?CoreMealCook $fresh = null;

    private ?MealPlan $plan = null;

    private int $inFold = 0;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'meal' => 'array', 'kitchen' => 'array', 'knowledge' => 'array', 'given' => 'array', 'laid' => 'array',
            'started_at' => 'datetime', 'table_at' => 'datetime', 'served_at' => 'datetime',
            'given_up_at' => 'datetime', 'folded' => 'integer',
        ];
    }

    /** @return HasMany<Cook, $this> by place */
    public function dishes(): HasMany
    {
        return $this->hasMany(Cook::class)->orderBy('place');
    }

    /** @return HasMany<MealCookEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(MealCookEvent::class);
    }

    /** The one that is going on, if one is: not one that nobody has touched since its table. */
    public static function onTheStove(DateTimeImmutable $now): ?self
    {
        return self::query()->open()->latest('started_at')->get()
            ->first(static fn (self $one): bool => ! $one->isForgotten($now));
    }

    /** When something last happened to any of it. */
    private function lastHeardOf(): ?string
    {
        $last = max(
            (string) $this->events()->max('received_at'),
            (string) CookEvent::query()->whereIn('cook_id', $this->dishes()->select('id'))->max('received_at'),
        );

        return $last === '' ? null : $last;
    }

    /**
     * Begins to cook a meal, once: the same id again gives what is there, and a meal that is still on the stove is not
     * begun beside it.
     *
     * @throws Refused when the id is no ULID
     */
    public static function begin(string $id, Meal $meal, MealPlan $plan, DateTimeImmutable $now): self
    {
        if (! Str::isUlid($id)) {
            throw Refused::because('cook', 'refused.is-no-ulid-load-the-page', id: $id);
        }
        $kitchen = $plan->kitchen->toArray();
        $knowledge = Household::known()->toArray();
        $new = [
            'id' => strtolower($id), 'meal_id' => $meal->id, 'name' => $meal->name, 'meal' => $meal->document,
            'kitchen' => $kitchen, 'knowledge' => $knowledge, 'started_at' => $now,
            'table_at' => $plan->tableAt->setTimezone(new DateTimeZone('UTC')),
            'given' => $plan->given->toArray(),
            'laid' => [
                'starts' => $plan->laid->starts, 'busy' => $plan->laid->busyMin, 'waiting' => $plan->laid->waiting,
                'bound' => $plan->laid->boundMin, 'holds' => $plan->holds,
            ],
        ];
        $cooks = [];
        foreach ($plan->given->dishes as $place => [$dish]) {
            $cooks[] = [
                'place' => $place, 'dish_id' => $plan->meal->shares[$place]->dish, 'name' => $dish->name,
                'dish' => $dish->toArray(), 'lot' => $dish->rice->lot, 'kitchen' => $kitchen, 'knowledge' => $knowledge,
                'started_at' => $now,
            ];
        }

        return DB::transaction(static function () use ($new, $cooks, $meal): self {
            self::refuseForeign($new['id'], 'cook');
            $there = self::query()->find($new['id']) ?? self::openOf($meal);
            if ($there !== null) {
                return $there;
            }
            $made = self::query()->create($new);
            $made->dishes()->createMany($cooks);

            return $made;
        });
    }

    /** A meal's cook that is still open, if one is. */
    public static function openOf(Meal $meal): ?self
    {
        return self::query()->where('meal_id', $meal->id)->where('served_at', null)->where('given_up_at', null)
            ->latest('started_at')->first();
    }

    /** Given up, it is no longer on the stove; what it taught stays. Taken up again, it goes on. */
    public function giveUp(?DateTimeImmutable $now): void
    {
        DB::transaction(function () use ($now): void {
            $this->update(['given_up_at' => $now]);
            $this->dishes()->update(['given_up_at' => $now]);
        });
    }

    /** How many pairs of hands cook: asked every second and a half, so without planning anything. */
    public function hands(): int
    {
        return CoreMeal::fromArray($this->meal)->hands;
    }

    /** The plan that it began with. */
    public function plan(): MealPlan
    {
        $kitchen = CoreKitchen::fromArray($this->kitchen);
        $laid = $this->laid;

        return $this->plan ??= MealPlanner::in($kitchen, $this->planner(), $this->started_at->toDateTimeImmutable())
            ->asLaid(
                CoreMeal::fromArray($this->meal), GivenOut::fromArray($this->given, app(Craft::class)),
                new Laid($laid['starts'], $laid['busy'], (float) $laid['waiting'], $laid['bound']), $laid['holds'],
            );
    }

    private function planner(): Planner
    {
        return Planner::in(
            CoreKitchen::fromArray($this->kitchen), Knowledge::fromArray($this->knowledge),
            $this->started_at->toDateTimeImmutable(), app(FoundLines::class),
        );
    }

    /** How many events there are, of all of it: two pages that saw the same number saw the same. */
    public function countEvents(): int
    {
        return $this->events()->count()
            + CookEvent::query()->whereIn('cook_id', $this->dishes()->select('id'))->count();
    }

    /**
     * Appends what happened, each event once, and brings the cooks of its dishes up to date.
     *
     * @param  list<array{int|null, Event}>  $events each with the place of its dish; null for the whole meal or a side
     * @return array<string, EventAnswer> by event id
     */
    public function record(array $events, DateTimeImmutable $now): array
    {
        $cooks = $this->dishes;
        $answers = DB::transaction(function () use ($events, $cooks, $now): array {
            $answers = [];
            foreach ($events as [$place, $event]) {
                $cook = $place === null ? null : $cooks[$place] ?? null;
                $answers += [$event->id => ($cook ?? $this)->keepEvent($event, $now)];
            }

            return $answers;
        });
        $count = $this->countEvents();
        if ($count === (int) self::query()->whereKey($this->id)->value('folded')) {
            return $answers;
        }
        $this->fresh = null;
        $fold = $this->fold($now);
        foreach ($cooks as $place => $cook) {
            $upAt = $this->given_up_at?->toDateTimeImmutable();
            $cook->keepSummary(
                $fold->dishes[$place], in_array($place, $fold->leftOut, true)
                    ? ['given_up_at' => $upAt ?? $now, 'served_at' => null] : ['given_up_at' => $upAt],
            );
        }
        self::query()->whereKey($this->id)->where('folded', '<', $count)->update([
            'served_at' => $fold->servedAt(), 'folded' => $count,
        ]);

        return $answers;
    }

    /** The cook as all its events leave it; computed once a request. */
    public function fold(DateTimeImmutable $now): CoreMealCook
    {
        if ($this->fresh !== null) {
            return $this->fresh;
        }
        $ofDishes = [];
        foreach ($this->dishes as $cook) {
            $ofDishes[] = array_values(
                $cook->events()->get()->map(static fn (CookEvent $event): Event => $event->core())->all(),
            );
        }
        $ofAll = array_values(
            $this->events()->get()->map(static fn (MealCookEvent $event): Event => $event->core())->all()
        );
        $this->inFold = count($ofAll) + array_sum(array_map(count(...), $ofDishes));

        return $this->fresh = $this->foldOf($ofDishes, $ofAll, $now);
    }

    /**
     * As these events leave it.
     *
     * @param  list<list<Event>>  $ofDishes by place
     * @param  list<Event>  $ofAll of the whole meal and its sides
     */
    public function foldOf(array $ofDishes, array $ofAll, DateTimeImmutable $now): CoreMealCook
    {
        return CoreMealCook::fold($this->plan(), $this->planner(), $ofDishes, $ofAll, $now);
    }

    /** How many events the last fold was made of: one that came while it was made is still to be seen. */
    public function countFolded(): int
    {
        return $this->inFold;
    }
}
