<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
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
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Drill\Supper;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Heat\KeptLines;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\GivenOut;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Planner;

/**
 * What is cooked: a meal, or a dish by itself, which is a meal of one. Its documents and its clock as they were when it
 * began, a cook for each dish, and what happened to any of it.
 *
 * @property string $id
 * @property string|null $meal_id
 * @property string $name
 * @property array<string, mixed>|null $meal null of a dish by itself
 * @property array<string, mixed> $kitchen
 * @property array<string, mixed> $knowledge
 * @property list<array{array<string, mixed>, list<string>}>|null $given null of a dish by itself
 * @property array{starts: array<string, int>, busy: int, waiting: float, bound: int, holds: bool}|null $laid
 * @property list<array<string, mixed>>|null $heats that it began with; null of a cook of before they were kept
 * @property array<string, float|int>|null $practice what a practice supper hides; null of a cook in earnest
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

    /** Long after its table, with nothing heard of it since, an open one is forgotten. */
    private const FORGOTTEN_AFTER_H = 8;

    /** So many stand in a list. */
    private const SHOWN = 4;

    protected $guarded = [];

    private ?CoreMealCook $fresh = null;

    private ?MealPlan $plan = null;

    private int $inFold = 0;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'meal' => 'array', 'kitchen' => 'array', 'knowledge' => 'array', 'given' => 'array', 'laid' => 'array',
            'heats' => 'array',
            'started_at' => 'datetime', 'table_at' => 'datetime', 'served_at' => 'datetime',
            'given_up_at' => 'datetime', 'folded' => 'integer', 'practice' => 'array',
        ];
    }

    /** Practice stands in no list: it is found by its own address alone. */
    protected static function booted(): void
    {
        self::addGlobalScope('earnest', static function (Builder $query): void {
            $query->whereNull('meal_cooks.practice');
        });
    }

    /** @return Builder<self> in earnest or for practice */
    public static function ofAnyKind(): Builder
    {
        return self::query()->withoutGlobalScope('earnest');
    }

    /**
     * @param  mixed  $value
     * @param  string|null  $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::ofAnyKind()->where($field ?? 'id', $value)->first();
    }

    /** @return HasMany<Cook, $this> by place */
    public function dishes(): HasMany
    {
        return $this->hasMany(Cook::class)->withoutGlobalScope('earnest')->orderBy('place');
    }

    /** @return HasMany<CookEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CookEvent::class);
    }

    /** @param  Builder<self>  $query neither served nor given up */
    #[Scope]
    protected function open(Builder $query): void
    {
        $query->whereNull('served_at')->whereNull('given_up_at');
    }

    /**
     * Of the open ones those that somebody sees to: their table is ahead or not long past, they were begun or heard of
     * not long ago. The others are forgotten, and asked about.
     *
     * @param  Builder<self>  $query
     */
    #[Scope]
    protected function goingOn(Builder $query, DateTimeImmutable $now): void
    {
        $before = CarbonImmutable::instance($now)->utc()->subHours(self::FORGOTTEN_AFTER_H)->format('Y-m-d H:i:s');
        $query->open()->where(static fn (Builder $seen): Builder => $seen
            ->where(DB::raw('coalesce(table_at, started_at)'), '>', $before)->orWhere('started_at', '>=', $before)
            ->orWhereHas('events', static fn (Builder $heard): Builder => $heard->where('received_at', '>=', $before)));
    }

    /** The last that was begun and is going on, if one is. */
    public static function onTheStove(DateTimeImmutable $now): ?self
    {
        return self::query()->goingOn($now)->latest('started_at')->first();
    }

    /** @return list<self> the last begun first */
    public static function allOnTheStove(DateTimeImmutable $now): array
    {
        return array_values(self::query()->goingOn($now)->latest('started_at')->limit(self::SHOWN)->get()->all());
    }

    /** @return list<self> the last few that were begun and forgotten */
    public static function forgotten(DateTimeImmutable $now): array
    {
        return array_values(self::query()->open()->whereNotIn('id', self::query()->goingOn($now)->select('id'))
            ->latest('started_at')->limit(self::SHOWN)->get()->all());
    }

    public function isForgotten(DateTimeImmutable $now): bool
    {
        return $this->served_at === null && $this->given_up_at === null
            && self::ofAnyKind()->whereKey($this->id)->goingOn($now)->doesntExist();
    }

    /**
     * Begins to cook a meal, once: the same id again gives what is there, and a meal that is still on the stove is not
     * begun beside it.
     *
     * @throws Refused when the id is no ULID
     */
    public static function begin(string $id, Meal $meal, MealPlan $plan, DateTimeImmutable $now): self
    {
        return self::begun(
            self::read($id), $plan, $now, ['meal_id' => $meal->id, 'name' => $meal->name] + self::documentsOf($plan),
            static fn (): ?self => self::openOf($meal),
        );
    }

    /**
     * Begins a dish by itself, once, as a meal of one whose table is as soon as it can be; one of it that is still open
     * is not begun beside it.
     *
     * @throws Refused when the id is no ULID
     */
    public static function beginDish(string $id, Dish $dish, DateTimeImmutable $now): self
    {
        return self::begun(
            self::read($id), self::planner(Kitchen::core(), Household::known(), $now)->ofOne($dish->id, $dish->core()),
            $now, ['name' => $dish->name], static fn (): ?self => self::openOfDish($dish),
        );
    }

    /**
     * Begins one for practice, in the kitchen as it is thought to be; what the supper hides is not told to the plan.
     */
    public static function practise(string $id, Dish|Meal $what, Supper $supper, DateTimeImmutable $now): self
    {
        $practice = ['name' => $what->name, 'practice' => $supper->toArray()];
        $none = static fn (): null => null;
        if ($what instanceof Dish) {
            $planner = self::planner(Kitchen::core(), Household::known(), $now);

            return self::begun($id, $planner->ofOne($what->id, $what->core()), $now, $practice, $none);
        }
        $laid = app(LaidMeals::class)->plan($what);
        $planner = self::planner($laid->kitchen, Household::known(), $now);
        // Practised now, whenever it is to be eaten, and all of it: its table as soon as it can be.
        $at = static fn (MealPlan $plan): CoreMeal => $plan->meal->with([
            'serve_at' => $plan->earliest($now)->format('Y-m-d\TH:i'), 'ahead' => null,
        ]);
        $plan = $planner->plan(
            $at($laid), $what->dishes($laid->kitchen), $laid->laid->starts, $laid->given, null, [],
        );
        $plan = $planner->asLaid($at($plan), $plan->given, $plan->laid, $plan->holds);

        return self::begun($id, $plan, $now, $practice + self::documentsOf($plan), $none);
    }

    /** @return array<string, mixed> what is kept of a meal as it was laid */
    private static function documentsOf(MealPlan $plan): array
    {
        return [
            'meal' => $plan->meal->toArray(), 'given' => $plan->given->toArray(),
            'laid' => [
                'starts' => $plan->laid->starts, 'busy' => $plan->laid->busyMin, 'waiting' => $plan->laid->waiting,
                'bound' => $plan->laid->boundMin, 'holds' => $plan->holds,
            ],
        ];
    }

    private static function read(string $id): string
    {
        return Str::isUlid($id)
            ? strtolower($id)
            : throw Refused::because('cook', 'refused.no-ulid-of-a-page', id: $id);
    }

    /**
     * @param  array<string, mixed>  $of what is its own
     * @param  Closure(): ?self  $open one of the same that is still open
     */
    private static function begun(string $id, MealPlan $plan, DateTimeImmutable $now, array $of, Closure $open): self
    {
        $both = [
            'kitchen' => $plan->kitchen->toArray(), 'knowledge' => Household::known()->toArray(),
            'started_at' => $now,
        ];
        $new = ['id' => $id] + $of + $both + ['table_at' => $plan->tableAt->setTimezone(new DateTimeZone('UTC'))];
        $cooks = self::cooksOf($new, $plan, $both);

        return DB::transaction(static function () use ($new, $cooks, $open): self {
            self::refuseForeign($new['id'], 'cook');
            $there = self::ofAnyKind()->whereKey($new['id'])->first() ?? $open();
            if ($there !== null) {
                return $there;
            }
            Cook::refuseTaken($new['id'], 'cook');
            $made = self::query()->create($new);
            $made->dishes()->createMany($cooks);
            $made->keepHeats();

            return $made;
        });
    }

    /**
     * @param  array<string, mixed>  $new
     * @param  array<string, mixed>  $both
     * @return list<array<string, mixed>> a cook for each dish, by place
     */
    private static function cooksOf(array $new, MealPlan $plan, array $both): array
    {
        $cooks = [];
        $practice = $new['practice'] ?? null;
        foreach ($plan->given->dishes as $place => [$dish]) {
            $cooks[] = [
                'place' => $place, 'dish_id' => $plan->meal->shares[$place]->dish, 'name' => $dish->name,
                'dish' => $dish->toArray(), 'lot' => $practice === null ? $dish->grain->rice->bag : '',
                'practice' => $practice,
                // Of a dish by itself both have one id: its record is found by what its stove was.
            ] + (isset($new['meal']) ? [] : ['id' => $new['id']]) + $both;
        }

        return $cooks;
    }

    /** A meal's cook that is still open, if one is. */
    public static function openOf(Meal $meal): ?self
    {
        return self::query()->open()->where('meal_id', $meal->id)->latest('started_at')->first();
    }

    /** A dish's cook by itself that is still open, if one is. */
    public static function openOfDish(Dish $dish): ?self
    {
        return self::query()->open()->whereNull('meal')
            ->whereHas('dishes', static fn (Builder $cooks): Builder => $cooks->where('dish_id', $dish->id))
            ->latest('started_at')->first();
    }

    /** Whether it is of a dish by itself. */
    public function isOfOne(): bool
    {
        return $this->meal === null;
    }

    /** Given up, it is no longer on the stove; what it taught stays. Taken up again, it goes on. */
    public function giveUp(?DateTimeImmutable $now): void
    {
        DB::transaction(function () use ($now): void {
            $this->update(['given_up_at' => $now]);
            $this->dishes()->update(['given_up_at' => $now]);
        });
    }

    /** The plan that it began with. */
    public function plan(): MealPlan
    {
        return $this->plan ??= $this->planned($this->keptHeats());
    }

    /** From here on its heats are those that it is planned with now, if they were not kept as it began. */
    private function keepHeats(): void
    {
        if ($this->heats === null) {
            $lines = $this->keptHeats();
            $this->plan = $this->planned($lines);
            $this->update(['heats' => $lines->toArray()]);
        }
    }

    /** @throws Refused when what an archive says of them cannot be read */
    private function keptHeats(): KeptLines
    {
        return KeptLines::of(
            Fields::of(['heats' => $this->heats ?? []])->each('heats'), app(Craft::class)->cues,
            CoreKitchen::fromArray($this->kitchen)->equipment->plates, app(FoundLines::class),
        );
    }

    private function planned(KeptLines $heats): MealPlan
    {
        $kitchen = CoreKitchen::fromArray($this->kitchen);
        $now = $this->started_at->toDateTimeImmutable();
        $planner = MealPlanner::in(
            $kitchen, Planner::in($kitchen, Knowledge::fromArray($this->knowledge), $now, $heats), $now,
        );
        $laid = $this->laid;
        if ($this->meal === null || $this->given === null || $laid === null) {
            $cook = $this->dishes->firstOrFail();

            return $planner->ofOne(
                $cook->dish_id ?? $cook->id, CoreDish::fromArray($cook->dish, app(Craft::class)),
                $this->table_at?->toDateTimeImmutable()->setTimezone($kitchen->site->timezone),
            );
        }

        return $planner->asLaid(
            CoreMeal::fromArray($this->meal), GivenOut::fromArray($this->given, app(Craft::class)),
            new Laid($laid['starts'], $laid['busy'], (float) $laid['waiting'], $laid['bound']), $laid['holds'],
        );
    }

    private static function planner(CoreKitchen $kitchen, Knowledge $known, DateTimeImmutable $now): MealPlanner
    {
        return MealPlanner::in($kitchen, self::dishPlanner($kitchen, $known, $now), $now);
    }

    private static function dishPlanner(CoreKitchen $kitchen, Knowledge $known, DateTimeImmutable $now): Planner
    {
        return Planner::in($kitchen, $known, $now, app(FoundLines::class));
    }

    /** How many events there are, of all of it: two pages that saw the same number saw the same. */
    public static function countEvents(string $id): int
    {
        return DB::table('cook_events')->where('meal_cook_id', $id)->count();
    }

    /**
     * Appends what happened, each event once, and brings the cooks of its dishes up to date.
     *
     * What is slow, the fold, is done outside of transactions; a summary made of fewer events never replaces one made
     * of more.
     *
     * @param  list<array{int|null, Event}>  $events each with the place of its dish; null for all of it or a side
     * @return array<string, EventAnswer> by event id; one that another cook has is refused
     */
    public function record(array $events, DateTimeImmutable $now): array
    {
        $answers = DB::transaction(function () use ($events, $now): array {
            $answers = [];
            foreach ($events as [$place, $event]) {
                $answers += [$event->id => $this->keepEvent($place, $event, $now)];
            }

            return $answers;
        });
        // A server killed between the two writes is made good by whoever sends the events again.
        $count = self::countEvents($this->id);
        if ($count === (int) self::ofAnyKind()->whereKey($this->id)->value('folded')) {
            return $answers;
        }
        $this->fresh = null;
        $this->keepSummaries($this->fold($now));
        self::ofAnyKind()->whereKey($this->id)->where('folded', '<', $count)->update([
            'served_at' => $this->fold($now)->servedAt(), 'folded' => $count,
        ]);

        return $answers;
    }

    /** What it came to and taught, read again under the laws of the closed pot as they are now. */
    public function readAgain(DateTimeImmutable $now): void
    {
        $this->keepHeats();
        $this->keepSummaries($this->fold($now));
    }

    private function keepSummaries(CoreMealCook $fold): void
    {
        foreach ($this->dishes as $place => $cook) {
            $upAt = $this->given_up_at?->toDateTimeImmutable();
            $cook->keepSummary(
                $fold->dishes[$place], in_array($place, $fold->leftOut, true)
                    ? ['given_up_at' => $upAt ?? $fold->now, 'served_at' => null] : ['given_up_at' => $upAt],
            );
        }
    }

    /** Appends one event, once: one sent twice is known, one of another cook is told apart. */
    public function keepEvent(?int $place, Event $event, DateTimeImmutable $now): EventAnswer
    {
        $there = DB::table('cook_events')->where('id', $event->id)->first(['meal_cook_id', 'document']);
        if ($there === null) {
            $this->events()->create([
                'id' => $event->id, 'dish' => $place, 'type' => $event->kind(), 'document' => $event->toArray(),
                'received_at' => $now,
            ]);
        }

        // As both would be read again.
        $is = json_decode((string) json_encode($event->toArray()), true);

        return match (true) {
            $there === null => EventAnswer::Taken,
            $there->meal_cook_id !== $this->id => EventAnswer::OfAnotherCook,
            json_decode($there->document, true) == $is => EventAnswer::Known,
            default => EventAnswer::Differs,
        };
    }

    /** The cook as all its events leave it; computed once a request. */
    public function fold(DateTimeImmutable $now): CoreMealCook
    {
        if ($this->fresh !== null) {
            return $this->fresh;
        }
        $events = $this->events()->get()->all();
        $this->inFold = count($events);

        return $this->fresh = $this->foldOf(array_values(array_map(
            static fn (CookEvent $event): array => [$event->dish, $event->core()], $events,
        )), $now);
    }

    /**
     * As these events leave it.
     *
     * @param  list<array{int|null, Event}>  $events each with the place of its dish
     */
    public function foldOf(array $events, DateTimeImmutable $now): CoreMealCook
    {
        $plan = $this->plan();
        $ofDishes = array_map(static fn (): array => [], $plan->plans);
        $ofAll = [];
        foreach ($events as [$place, $event]) {
            if ($place === null || ! isset($ofDishes[$place])) {
                $ofAll[] = $event;
            } else {
                $ofDishes[$place][] = $event;
            }
        }

        return CoreMealCook::fold(
            $plan, self::dishPlanner(
                $plan->kitchen, Knowledge::fromArray($this->knowledge), $this->started_at->toDateTimeImmutable(),
            ), $ofDishes, $ofAll, $now,
        );
    }

    /** How many events the last fold was made of: one that came while it was made is still to be seen. */
    public function countFolded(): int
    {
        return $this->inFold;
    }
}
