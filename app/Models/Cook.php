<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Drill\Supper;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Kitchen\Pace;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/**
 * One cook: the dish and kitchen as they were when it began, and what has happened since.
 *
 * @property string $id
 * @property string|null $dish_id
 * @property string $name
 * @property string $lot the bag its rice is of
 * @property array<string, mixed> $dish
 * @property array<string, mixed> $kitchen
 * @property array<string, mixed>|null $knowledge
 * @property Carbon|null $table_at when it was to be on the table; null in a meal, which has its own
 * @property Carbon $started_at
 * @property Carbon|null $served_at
 * @property Carbon|null $given_up_at
 * @property Carbon|null $eat_by when what is left of it is to be eaten; null where nothing is left
 * @property int $folded how many events the summary was made of
 * @property Summary|null $summary
 * @property bool $stove_taken_back
 * @property bool $lot_taken_back
 * @property array<string, float|int>|null $practice what a practice supper hides; null of a cook in earnest
 * @property-read string|null $pot found by, as it was cooked
 * @property-read string|null $ring
 * @property string|null $meal_cook_id the meal it is a dish of, where it is
 * @property int|null $place its place among the dishes of that meal
 *
 * @phpstan-import-type Lesson from Knowledge
 * @phpstan-import-type Summary from CoreCook
 */
final class Cook extends Model
{
    use BelongsToHousehold;
    use KeepsEvents;
    use MayBeForgotten;

    protected $guarded = [];

    /** The fold that the last write was made of: the page that answers it shows the same. */
    /** Leftovers of so many cooks are told at a time. */
    private const LEFT = 8;

    /** From so many minutes on a cook was late. */
    private const LATE_FROM_MIN = 10;

    private ?CoreCook $fresh = null;

    private int $inFold = 0;

    private ?MealCook $whole = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'dish' => 'array', 'kitchen' => 'array', 'knowledge' => 'array', 'started_at' => 'datetime',
            'table_at' => 'datetime', 'served_at' => 'datetime', 'given_up_at' => 'datetime', 'eat_by' => 'datetime',
            'folded' => 'integer',
            'summary' => 'array',
            'stove_taken_back' => 'boolean', 'lot_taken_back' => 'boolean', 'practice' => 'array', 'place' => 'integer',
        ];
    }

    /** Practice stands in no list: it is found by its own address alone. */
    protected static function booted(): void
    {
        self::addGlobalScope('earnest', static function (Builder $query): void {
            $query->whereNull('practice');
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

    /** @return HasMany<CookEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CookEvent::class);
    }

    /** The meal that it is a dish of, where it is. */
    public function ofMeal(): ?MealCook
    {
        return $this->meal_cook_id === null
            ? null
            : $this->whole ??= MealCook::query()->findOrFail($this->meal_cook_id);
    }

    /** The plan it began with, or that its meal has made of it: the same inputs give the same plan. */
    public function plan(): Plan
    {
        if ($this->ofMeal() !== null) {
            return $this->ofMeal()->fold(CarbonImmutable::now())->dishes[(int) $this->place]->plan();
        }

        return Planner::in(
            CoreKitchen::fromArray($this->kitchen),
            Knowledge::fromArray($this->knowledge ?? []),
            $this->started_at->toDateTimeImmutable(), app(FoundLines::class),
        )
            ->plan(CoreDish::fromArray($this->dish, app(Craft::class)), [], $this->tableAt());
    }

    private function tableAt(): ?DateTimeImmutable
    {
        return $this->table_at?->toDateTimeImmutable()->setTimezone(CoreKitchen::fromArray($this->kitchen)->timezone);
    }

    /** The cook of one dish by itself that is going on, if one is: not one that nobody has touched since its table. */
    public static function onTheStove(DateTimeImmutable $now): ?self
    {
        return self::query()->where('meal_cook_id', null)->open()->latest('started_at')->get()
            ->first(static fn (self $one): bool => ! $one->isForgotten($now));
    }

    private function lastHeardOf(): ?string
    {
        $last = $this->events()->max('received_at');

        return is_string($last) ? $last : null;
    }

    /**
     * Those that have what was asked for.
     *
     * @param  Builder<self>  $query
     * @param  array<string, string>  $asked find, fault ("rice:hard", "late"), pot, ring, lot, month; empty where not
     *     asked
     */
    #[Scope]
    protected function found(Builder $query, array $asked): void
    {
        foreach (preg_split('/\s+/u', $asked['find'], -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $query->whereLike('name', '%'.addcslashes($word, '%_\\').'%');
        }
        foreach (['pot', 'ring', 'lot'] as $thing) {
            if ($asked[$thing] !== '') {
                $query->where($thing, $asked[$thing]);
            }
        }
        [$what, $how] = [...explode(':', $asked['fault'], 2), ''];
        match ($what) {
            'rice', 'crust', 'filling' => $query->where($what, $how),
            'late' => $query->where('late_min', '>=', self::LATE_FROM_MIN),
            default => null,
        };
        if ($asked['month'] !== '') {
            $from = CarbonImmutable::parse("{$asked['month']}-01", Kitchen::core()->timezone);
            $query->whereBetween('started_at', [$from->utc(), $from->addMonth()->utc()]);
        }
    }

    /**
     * Something that was done to it away from the stove.
     *
     * @param  array<string, mixed>  $fields of its kind of event
     *
     * @throws Refused
     */
    public function tell(string $type, array $fields, DateTimeImmutable $now): void
    {
        $this->happened(Event::fromFields(
            Fields::of(['id' => (string) Str::ulid($now), 'type' => $type, 'at' => $now->getTimestamp()] + $fields),
        ), $now);
    }

    /** Something that happened to it away from the stove. */
    public function happened(Event $event, DateTimeImmutable $now): void
    {
        $meal = $this->ofMeal();
        $meal === null ? $this->record([$event], $now) : $meal->record([[(int) $this->place, $event]], $now);
    }

    /** @return list<self> whose leftovers are in the fridge, the first to be eaten first */
    public static function left(): array
    {
        return array_values(self::query()->whereNotNull('eat_by')->orderBy('eat_by')->limit(self::LEFT)->get()->all());
    }

    /**
     * How fast each bag is cooked.
     *
     * @return array<string, Pace> by bag
     */
    public static function paces(DateTimeImmutable $now): array
    {
        $paces = [];
        $used = self::query()->toBase()->where(
            'started_at', '>', $now->modify('-'.Pace::DAYS.' days')->format('Y-m-d H:i:s'),
        )
            ->groupBy('lot')->selectRaw('lot, sum(used_g) as g, min(started_at) as since')->get();
        foreach ($used as $row) {
            $paces[(string) $row->lot] = Pace::of(
                (float) $row->g,
                ($now->getTimestamp() - CarbonImmutable::parse((string) $row->since, 'UTC')->getTimestamp()) / 86400,
            );
        }

        return $paces;
    }

    /** A dish's cook that is still open, if one is. */
    public static function openOf(Dish $dish): ?self
    {
        return self::query()->where('dish_id', $dish->id)->where('meal_cook_id', null)
            ->where('served_at', null)->where('given_up_at', null)->latest('started_at')->first();
    }

    /**
     * What it taught of bag and stove, and took from the bag.
     *
     * @return Lesson
     */
    public function lesson(): array
    {
        // What was simulated teaches nothing of this kitchen.
        return $this->practice !== null ? [] : array_intersect_key(
            $this->summary ?? [],
            ['used' => 0, 'eye' => 0] + ($this->lot_taken_back ? [] : ['taught' => 0]) + (
                $this->stove_taken_back ? [] : ['stove' => 0]
            ),
        );
    }

    /**
     * Begins a cook of a dish, once: the same id again gives the cook that is there, and a dish whose
     * cook is still open is not begun beside it. It is on the table as soon as it can be.
     *
     * @throws Refused when the id is no ULID
     */
    public static function begin(string $id, Dish $dish, DateTimeImmutable $now): self
    {
        if (! Str::isUlid($id)) {
            throw Refused::because('cook', 'refused.is-no-ulid-load-the-page', id: $id);
        }
        $kitchen = Kitchen::core();
        $known = Household::known();
        $plan = Planner::in($kitchen, $known, $now, app(FoundLines::class))->plan($dish->core());
        $new = [
            'id' => strtolower($id), 'dish_id' => $dish->id, 'name' => $dish->name, 'dish' => $dish->document,
            'lot' => $plan->dish->rice->lot, 'kitchen' => $kitchen->toArray(), 'knowledge' => $known->toArray(),
            'started_at' => $now, 'table_at' => $plan->day->tableAt->setTimezone(new DateTimeZone('UTC')),
        ];

        return DB::transaction(static function () use ($new, $dish): self {
            self::refuseForeign($new['id'], 'cook');

            return self::ofAnyKind()->find($new['id']) ?? self::openOf($dish) ?? self::query()->create($new);
        });
    }

    /**
     * Begins one for practice, in the kitchen as it is thought to be; what the supper hides is not told to the plan.
     */
    public static function practise(string $id, Dish $dish, Supper $supper, DateTimeImmutable $now): self
    {
        $kitchen = Kitchen::core();
        $known = Household::known();
        $plan = Planner::in($kitchen, $known, $now, app(FoundLines::class))->plan($dish->core());

        return self::query()->create([
            'id' => $id, 'dish_id' => $dish->id, 'name' => $dish->name, 'dish' => $dish->document, 'lot' => '',
            'kitchen' => $kitchen->toArray(), 'knowledge' => $known->toArray(), 'started_at' => $now,
            'practice' => $supper->toArray(),
            'table_at' => $plan->day->tableAt->setTimezone(new DateTimeZone('UTC')),
        ]);
    }

    /** Given up, it is no longer on the stove; what it taught stays. Taken up again, it goes on. */
    public function giveUp(?DateTimeImmutable $now): void
    {
        $this->update(['given_up_at' => $now]);
    }

    /** Takes back what it taught of its bag or its stove, or lets it count again. */
    public function takeBack(Taught $what, bool $back): void
    {
        Household::learning(function () use ($what, $back): array {
            $cook = self::ofAnyKind()->findOrFail($this->id);
            $gone = $cook->lesson();
            $cook->update([$what->column() => $back]);

            return [null, $gone, $cook->lesson()];
        });
    }

    /**
     * Appends what happened, each event once, and brings up to date what lists and beliefs read of it.
     *
     * What is slow, the fold, is done outside of transactions; a summary made of fewer events never
     * replaces one made of more.
     *
     * @param  list<Event>  $events
     * @return array<string, EventAnswer> by event id; one that another cook has is refused
     */
    public function record(array $events, DateTimeImmutable $now): array
    {
        $answers = DB::transaction(
            fn (): array => array_reduce(
                $events,
                fn (array $answers, Event $event): array => $answers + [$event->id => $this->keepEvent($event, $now)],
                [],
            ),
        );
        // A server killed between the two writes is made good by whoever sends the events again.
        if ($this->events()->count() === (int) self::ofAnyKind()->whereKey($this->id)->value('folded')) {
            return $answers;
        }
        $this->fresh = null;
        $this->keepSummary($this->fresh = $this->fold($now));

        return $answers;
    }

    /**
     * Writes what lists and beliefs read of it; one made of fewer events never replaces one made of more.
     *
     * @param  array{served_at?: DateTimeImmutable|null, given_up_at?: DateTimeImmutable|null}  $more
     */
    public function keepSummary(CoreCook $fold, array $more = []): void
    {
        $written = $more + $this->reckoned($fold);
        Household::learning(function () use ($written): array {
            $cook = self::ofAnyKind()->findOrFail($this->id);
            if ($cook->folded > $written['folded']) {
                return [null, [], []];
            }
            $gone = $cook->lesson();
            $cook->update($written);

            return [null, $gone, $cook->lesson()];
        });
    }

    /**
     * What lists and beliefs read of it.
     *
     * @return array{
     *     served_at: DateTimeImmutable|null, summary: Summary, folded: int, eat_by: DateTimeImmutable|null
     * }
     */
    public function reckoned(CoreCook $fold): array
    {
        return [
            'served_at' => $fold->state->servedAt, 'summary' => $fold->summary(), 'folded' => $fold->eventCount(),
            'eat_by' => $fold->leftovers()?->eatBy(),
        ];
    }

    /**
     * Of one dish by itself, as these events leave it.
     *
     * @param  list<Event>  $events
     */
    public function foldOf(array $events, DateTimeImmutable $now): CoreCook
    {
        return CoreCook::fold($this->plan(), $events, $now);
    }

    /** The cook as all its events leave it; computed once a request. */
    public function fold(DateTimeImmutable $now): CoreCook
    {
        $fold = $this->fresh ?? $this->ofMeal()?->fold($now)->dishes[(int) $this->place];
        if ($fold !== null) {
            return $fold;
        }
        $events = $this->events()->get();
        $this->inFold = $events->count();

        return $this->foldOf(
            array_values($events->map(static fn (CookEvent $event): Event => $event->core())->all()), $now,
        );
    }

    /** How many events the last fold was made of: one that came while it was made is still to be seen. */
    public function countFolded(): int
    {
        return $this->inFold;
    }
}
