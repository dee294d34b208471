<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Kitchen\Pace;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/**
 * The record of a dish that is or was cooked: the dish and kitchen as they were when it began, and what came of it.
 *
 * @property string $id
 * @property string|null $dish_id
 * @property string $name
 * @property string $bag the bag its rice is of
 * @property array<string, mixed> $dish
 * @property array<string, mixed> $kitchen
 * @property array<string, mixed>|null $knowledge
 * @property Carbon $started_at
 * @property Carbon|null $served_at
 * @property Carbon|null $given_up_at
 * @property Carbon|null $eat_by when what is left of it is to be eaten; null where nothing is left
 * @property int $folded how many events the summary was made of
 * @property Summary|null $summary
 * @property bool $stove_taken_back
 * @property bool $lot_taken_back
 * @property bool $notes_taken_back
 * @property array<string, float|int>|null $practice what a practice supper hides; null of a cook in earnest
 * @property-read string|null $pot found by, as it was cooked
 * @property-read string|null $ring
 * @property string $meal_cook_id what it is a dish of: a meal, or itself alone
 * @property int $place its place among the dishes of that
 *
 * @phpstan-import-type Lesson from Knowledge
 * @phpstan-import-type Summary from CoreCook
 */
final class Cook extends Model
{
    use BelongsToHousehold;

    protected $guarded = [];

    /** Leftovers of so many cooks are told at a time. */
    private const LEFT = 8;

    /** From so many minutes on a cook was late. */
    private const LATE_FROM_MIN = 10;

    private ?MealCook $whole = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'dish' => 'array', 'kitchen' => 'array', 'knowledge' => 'array', 'started_at' => 'datetime',
            'served_at' => 'datetime', 'given_up_at' => 'datetime', 'eat_by' => 'datetime',
            'folded' => 'integer',
            'summary' => 'array',
            'stove_taken_back' => 'boolean', 'lot_taken_back' => 'boolean', 'notes_taken_back' => 'boolean',
            'practice' => 'array', 'place' => 'integer',
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

    /** What it is a dish of: a meal, or itself alone. */
    public function ofMeal(): MealCook
    {
        return $this->whole ??= MealCook::ofAnyKind()->findOrFail($this->meal_cook_id);
    }

    /** The plan that its meal has made of it: the same inputs give the same plan. */
    public function plan(): Plan
    {
        return $this->fold(CarbonImmutable::now())->plan();
    }

    /** As all that happened leaves it. */
    public function fold(DateTimeImmutable $now): CoreCook
    {
        return $this->ofMeal()->fold($now)->dishes[(int) $this->place];
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
            $from = CarbonImmutable::parse("{$asked['month']}-01", Kitchen::core()->site->timezone);
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
        $this->ofMeal()->record([[(int) $this->place, $event]], $now);
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
                $this->stove_taken_back ? [] : ['stove' => 0, 'boiled' => 0, 'heats' => 0]
            ) + ($this->notes_taken_back ? [] : ['notes' => 0]),
        );
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
}
