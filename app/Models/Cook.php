<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/**
 * One cook: the dish and kitchen as they were when it began, and what has happened since.
 *
 * @property string $id
 * @property string|null $dish_id
 * @property string $name
 * @property array<string, mixed> $dish
 * @property array<string, mixed> $kitchen
 * @property array<string, mixed>|null $knowledge
 * @property Carbon $started_at
 * @property Carbon|null $served_at
 * @property array{rice?: string, crust?: string, filling?: string, line?: string, lifted_s?: int, lift_forecast_s?: int, late_min?: int, taught?: array{lot: string, likelihood: list<float>}, used?: array{lot: string, g: float}, stove?: array{pot: string, burner: string, likelihood: list<float>}}|null $summary
 * @property bool $stove_taken_back
 */
final class Cook extends Model
{
    use BelongsToHousehold;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['dish' => 'array', 'kitchen' => 'array', 'knowledge' => 'array', 'started_at' => 'datetime', 'served_at' => 'datetime', 'summary' => 'array', 'stove_taken_back' => 'boolean'];
    }

    /** @return HasMany<CookEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CookEvent::class);
    }

    /** The plan it began with: the same inputs give the same plan. */
    public function plan(): Plan
    {
        return Planner::in(CoreKitchen::fromArray($this->kitchen), Knowledge::fromArray($this->knowledge ?? []), $this->started_at->toDateTimeImmutable())
            ->plan(CoreDish::fromArray($this->dish));
    }

    /** The cook that is going on, if one is: the newest that has not been served. */
    public static function onTheStove(): ?self
    {
        return self::query()->where('served_at', null)->latest('started_at')->first();
    }

    /** What all cooks and test boils of the household have taught so far, in the order in which they were made. */
    public static function knowledge(): Knowledge
    {
        $taught = [];
        foreach (self::query()->get(['id', 'started_at', 'summary', 'stove_taken_back']) as $cook) {
            $summary = $cook->summary ?? [];
            if ($cook->stove_taken_back) {
                unset($summary['stove']);
            }
            $taught[$cook->started_at->getTimestamp().$cook->id] = $summary;
        }
        foreach (LotTest::query()->get() as $test) {
            $taught[$test->tested_at->getTimestamp().$test->id] = ['taught' => ['lot' => $test->lot, 'likelihood' => $test->likelihood]];
        }
        foreach (StoveTest::query()->get() as $test) {
            $taught[$test->tested_at->getTimestamp().$test->id] = ['stove' => ['pot' => $test->pot, 'burner' => $test->burner, 'likelihood' => $test->likelihood]];
        }
        ksort($taught);

        return Knowledge::fold($taught);
    }

    /**
     * Begins a cook of a dish, once: the same id again, or a dish already on the stove, gives the
     * cook that is there.
     *
     * @throws OutOfRange when the id is no ULID
     */
    public static function begin(string $id, Dish $dish, DateTimeImmutable $now): self
    {
        if (! Str::isUlid($id)) {
            throw OutOfRange::because('cook', "\"{$id}\" is no ULID;", 'load the page again');
        }

        return DB::transaction(static function () use ($id, $dish, $now): self {
            $there = self::query()->find(strtolower($id)) ?? self::query()->where('dish_id', $dish->id)->where('served_at', null)->first();

            return $there ?? self::query()->create([
                'id' => strtolower($id), 'dish_id' => $dish->id, 'name' => $dish->name,
                'dish' => $dish->document, 'kitchen' => Kitchen::core()->toArray(), 'knowledge' => self::knowledge()->toArray(), 'started_at' => $now,
            ]);
        });
    }

    /**
     * Appends what happened and brings the columns that lists read up to date, all or nothing.
     *
     * @param  list<Event>  $events
     * @param  list<array<string, mixed>>  $documents the same events as sent
     */
    public function record(array $events, array $documents, DateTimeImmutable $now): void
    {
        DB::transaction(function () use ($events, $documents, $now): void {
            foreach ($events as $index => $event) {
                // An id that is there already is the same event sent again.
                CookEvent::query()->firstOrCreate(['id' => $event->id], [
                    'cook_id' => $this->id, 'type' => $event->type->value, 'document' => $documents[$index], 'received_at' => $now,
                ]);
            }
            $cook = $this->fold($now);
            $this->update(['served_at' => $cook->servedAt, 'summary' => $cook->summary()]);
        });
    }

    public function fold(DateTimeImmutable $now): CoreCook
    {
        $events = $this->events()->get()->map(static fn (CookEvent $event): Event => $event->core())->all();

        return CoreCook::fold($this->plan(), array_values($events), $now);
    }
}
