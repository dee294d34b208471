<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Formats\MealFile;
use App\Formats\OpenFile;
use App\Formats\PictureFile;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\MeterKind;
use App\Models\Shows;
use ArithmeticError;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use ErrorException;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\MealCook as CoreMealCook;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Drill\Form;
use Orbek\Core\Drill\Supper;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Rice\Stage;
use TypeError;
use ValueError;

/**
 * An entry of an archive, read as its pages will read it: documents through their own doors, times as times, a cook
 * folded once. What lists and beliefs read of a thing is reckoned from its documents again, never taken as it stands.
 *
 * Rows are what is to be written, each with its table; an entry is decoded twice: to be read, and with its empty
 * objects as they stand.
 *
 * @phpstan-type Rows list<array{string, array<string, mixed>}>
 * @phpstan-type Entry array{name: string, thing: array<string, mixed>, raw: array<array-key, mixed>}
 */
final readonly class EntryReader
{
    private const ULID = '/^[0-7][0-9a-hjkmnp-tv-z]{25}$/i';

    private const FARTHEST_ZONE_S = 14 * 3600;

    /** No cook has so much happen to it. */
    private const MOST_EVENTS = 5000;

    /** A text of a column is no longer than this. */
    private const LONGEST_TEXT = 300;

    /** Points of the grid before this one, which older evidence keeps. */
    private const OLD_POINTS = 81;

    /** @param  Closure(string): string  $jpeg a photograph's light, by its id */
    public function __construct(private DateTimeImmutable $now, private Closure $jpeg)
    {
    }

    /**
     * @param  Entry  $entry
     * @param  list<Entry>  $dishes of a meal at the stove: the cooks of its dishes
     * @return Rows
     *
     * @throws Refused naming the entry and the column that does not hold
     */
    public function read(Part $part, array $entry, array $dishes = []): array
    {
        try {
            return match ($part) {
                Part::Kitchens => $this->kitchen($entry),
                Part::Dishes => $this->dish($entry),
                Part::Meals => $this->meal($entry),
                Part::MealCooks => $this->mealCook($entry, $dishes),
                Part::Cooks => throw Refused::because($entry['name'], 'refused.is-of-a-meal-that-is-not-there'),
                Part::LotTests => $this->lotTest($entry),
                Part::StoveTests => $this->stoveTest($entry),
                Part::DrillAnswers => $this->drillAnswer($entry),
                Part::Meters => $this->meter($entry),
                Part::Readings => $this->readings($entry),
            };
        } catch (Refused $wrong) {
            throw $wrong->within($entry['name']);
        } catch (TypeError|ValueError|ErrorException|ArithmeticError|LogicException $broken) {
            // What no field's own rule names is still no part of an archive that Orbek made.
            throw Refused::because($entry['name'], 'refused.does-not-hold-in-an-archive');
        }
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function kitchen(array $entry): array
    {
        $row = $this->row($entry, Part::Kitchens);
        OpenFile::kitchen($row['document']);

        return [['kitchens', $row], ...$this->children(
            $entry, Part::Kitchens, static fn (string $name, array $one) => CoreKitchen::fromArray($one['document']),
        )];
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function dish(array $entry): array
    {
        $row = $this->row($entry, Part::Dishes);
        $dish = (new Dish)->take(OpenFile::dish($row['document']));

        $columns = ['name' => $dish->name, 'school' => $dish->school, 'words' => $dish->getAttribute('words')];
        $reads = static fn (string $name, array $one) => isset($one['document'])
            ? CoreDish::fromArray($one['document'], app(Craft::class))
            : self::text("{$name}/entry", $one['entry'], self::LONGEST_TEXT);

        return [['dishes', $columns + $row], ...$this->children($entry, Part::Dishes, $reads)];
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function meal(array $entry): array
    {
        $row = $this->row($entry, Part::Meals);
        $meal = CoreMeal::fromArray($entry['thing']['document']);
        MealFile::check($meal);
        $columns = array_diff_key(Meal::columns($meal), ['document' => 0]);

        return [['meals', $columns + $row], ...$this->children(
            $entry, Part::Meals, static fn (string $name, array $one) => CoreMeal::fromArray($one['document']),
        )];
    }

    /**
     * @param  Entry  $entry
     * @param  list<Entry>  $dishes
     * @return Rows
     */
    private function mealCook(array $entry, array $dishes): array
    {
        $row = $this->row($entry, Part::MealCooks);
        $name = $entry['name'];
        $isOfOne = self::isOfOne($name, $entry['thing']);
        $row['started_at'] = $isOfOne ? self::began([$entry, ...$dishes], (string) $row['started_at'])
            : $row['started_at'];
        [$cooks, $models] = $this->dishesOf($entry, $dishes, (string) $row['started_at']);
        if ($entry['thing']['practice'] !== null) {
            Supper::fromFields(Fields::of($entry['thing']['practice'], "{$name}/practice"));
        }
        $meal = (new MealCook)->setRawAttributes($row)->setRelation('dishes', new Collection(array_values($models)));
        $plan = count($models) === 0 ? null : $meal->plan();
        if ($plan === null || array_keys($cooks) !== array_keys($plan->plans) || count($dishes) !== count($cooks)) {
            throw Refused::because($name, 'refused.a-dish-of-the-meal-is-not-there');
        }
        $events = $this->eventsOf($entry, $dishes, (string) $row['started_at'], count($plan->plans));
        $last = $this->last($events);
        $fold = $meal->foldOf(array_map(
            static fn (array $one): array => [$one['dish'], $one['event']], $events,
        ), $last);
        $rows = [['meal_cooks', [
            'name' => $isOfOne ? $plan->plans[0]->dish->name : $plan->meal->name,
            'table_at' => self::utc($plan->tableAt),
            'served_at' => $events === [] ? null : self::utc($fold->servedAt()), 'folded' => count($events),
        ] + $row]];
        foreach ($events as $one) {
            $rows[] = ['cook_events', [
                'id' => $one['id'], 'meal_cook_id' => $entry['thing']['id'], 'dish' => $one['dish'],
                'type' => $one['event']->kind(), 'document' => json_encode($one['event']->toArray()),
                'received_at' => $one['received_at'],
            ]];
        }

        return [...$rows, ...$this->cookRows($row, $cooks, $plan, $events === [] ? null : $fold)];
    }

    /**
     * @param  Entry  $entry
     * @param  list<Entry>  $dishes
     * @return array{array<int, array{Entry, array<string, mixed>}>, array<int, Cook>} by place
     *
     * @throws Refused
     */
    private function dishesOf(array $entry, array $dishes, string $beganAt): array
    {
        $cooks = $models = [];
        foreach ($dishes as $dish) {
            $cook = ['started_at' => $beganAt] + $this->row($dish, Part::Cooks);
            $place = self::whole("{$dish['name']}/place", $cook['place'], 0, CoreMeal::MOST_DISHES - 1);
            CoreKitchen::fromArray($dish['thing']['kitchen']);
            CoreDish::fromArray($dish['thing']['dish'], app(Craft::class));
            $same = ['practice' => $entry['thing']['practice'], 'meal_cook_id' => $entry['thing']['id']];
            foreach ($same as $is => $of) {
                if ($dish['thing'][$is] !== $of) {
                    throw Refused::because("{$dish['name']}/{$is}", 'refused.does-not-hold-in-an-archive');
                }
            }
            $cooks[$place] = [$dish, $cook];
            $models[$place] = (new Cook)->setRawAttributes($cook);
        }
        ksort($cooks);
        ksort($models);

        return [$cooks, $models];
    }

    /**
     * @param  array<string, mixed>  $row of what they are dishes of
     * @param  array<int, array{Entry, array<string, mixed>}>  $cooks by place
     * @param  CoreMealCook|null  $fold null where nothing has happened
     * @return Rows
     */
    private function cookRows(array $row, array $cooks, MealPlan $plan, ?CoreMealCook $fold): array
    {
        $rows = [];
        foreach ($cooks as $place => [$dish, $cook]) {
            $isLeftOut = in_array($place, $fold->leftOut ?? [], true);
            $came = $fold === null ? self::untouched() : ($isLeftOut ? ['served_at' => null] : [])
                + $this->reckoned(new Cook, $fold->dishes[$place]);
            $rows[] = ['cooks', $came + [
                'name' => $plan->plans[$place]->dish->name,
                'lot' => $row['practice'] === null ? $plan->plans[$place]->dish->grain->rice->bag : '',
            ] + $cook];
            $rows = [...$rows, ...$this->photographs($dish)];
        }

        return $rows;
    }

    /**
     * A cook of a dish by itself as archives had it before that was a meal of one: its meal, and it as its only dish.
     *
     * @param  Entry  $entry
     * @return array{Entry, list<Entry>}
     *
     * @throws Refused
     */
    public static function ofOne(array $entry): array
    {
        $thing = $entry['thing'];
        if (($thing['place'] ?? null) !== null) {
            throw Refused::because($entry['name'], 'refused.is-of-a-meal-that-is-not-there');
        }
        $both = ['id', 'name', 'kitchen', 'started_at', 'table_at', 'served_at', 'given_up_at', 'folded', 'practice',
            'created_at', 'updated_at'];
        $its = ['meal_cook_id' => $thing['id'], 'place' => 0];
        $of = static fn (array $from): array => [
            'meal_id' => null, 'meal' => null, 'given' => null, 'laid' => null, 'heats' => null, 'events' => [],
            'knowledge' => $from['knowledge'] ?? [],
        ] + array_intersect_key($from, array_flip($both)) + ['practice' => null];

        return [
            ['thing' => $of($thing), 'raw' => $of($entry['raw'])] + $entry,
            [['thing' => $its + $thing + ['practice' => null], 'raw' => $its + $entry['raw']] + $entry],
        ];
    }

    /**
     * Whether it is of a dish by itself: then it has no documents of a meal, and else all of them.
     *
     * @param  array<string, mixed>  $thing
     *
     * @throws Refused
     */
    private static function isOfOne(string $name, array $thing): bool
    {
        $has = count(array_filter([$thing['meal'], $thing['given'], $thing['laid']], is_array(...)));
        if ($has !== 0 && $has !== 3) {
            throw Refused::because("{$name}/meal", 'refused.does-not-hold-in-an-archive');
        }

        return $has === 0;
    }

    /**
     * When it began. What an older Orbek wrote by the local clock begins hours after its own first tap: with that.
     *
     * @param  list<Entry>  $entries
     */
    private static function began(array $entries, string $written): string
    {
        $first = INF;
        foreach ($entries as $entry) {
            foreach (self::list($entry, 'events') as $event) {
                $at = is_array($event['document'] ?? null) ? $event['document']['at'] ?? null : null;
                $first = is_numeric($at) ? min($first, (float) $at) : $first;
            }
        }
        $late = (new DateTimeImmutable($written, new DateTimeZone('UTC')))->getTimestamp() - $first;

        return $late > Event::BEFORE_S && $late <= self::FARTHEST_ZONE_S
            ? gmdate('Y-m-d H:i:s', (int) $first)
            : $written;
    }

    /** @return array<string, mixed> what lists read of a cook to which nothing has happened */
    private static function untouched(): array
    {
        return ['served_at' => null, 'summary' => null, 'eat_by' => null, 'folded' => 0];
    }

    /** @return array<string, mixed> what lists and beliefs read of a cook, as when its last event came */
    private function reckoned(Cook $cook, \Orbek\Core\Cook\Cook $fold): array
    {
        $written = $cook->reckoned($fold);

        return [
            'served_at' => self::utc($written['served_at']), 'summary' => json_encode($written['summary']),
            'eat_by' => self::utc($written['eat_by']), 'folded' => $written['folded'],
        ];
    }

    /**
     * What happened to all of it and to its dishes; archives of before have what happened to a dish with that.
     *
     * @param  Entry  $entry
     * @param  list<Entry>  $dishes
     * @return list<array{id: string, dish: int|null, event: Event, received_at: string}>
     *
     * @throws Refused
     */
    private function eventsOf(array $entry, array $dishes, string $beganAt, int $places): array
    {
        $began = new DateTimeImmutable($beganAt, new DateTimeZone('UTC'));
        $events = [];
        foreach ([$entry, ...$dishes] as $of) {
            foreach (self::list($of, 'events') as $index => $one) {
                $at = "{$of['name']}/events/{$index}";
                self::holds($at, $one, ['type', 'document', 'received_at']);
                $event = Event::fromFields(Fields::of($one['document'], "{$at}/document"))
                    ->inCook($began, $this->now, "{$at}/document/at")
                    ->knownTo(app(Craft::class), "{$at}/document/subject");
                if (strcasecmp($event->id, $one['id']) !== 0) {
                    throw Refused::because("{$at}/id", 'refused.does-not-hold-in-an-archive');
                }
                $place = $one['dish'] ?? $of['thing']['place'] ?? null;
                $events[] = [
                    'id' => $one['id'], 'event' => $event, 'received_at' => $one['received_at'],
                    'dish' => $place === null || in_array($event::class, Event::OF_ALL, true)
                        ? null : self::whole("{$at}/dish", $place, 0, $places - 1),
                ];
            }
        }
        if (count($events) > self::MOST_EVENTS) {
            throw Refused::because(
                "{$entry['name']}/events", 'refused.too-many', count: count($events), most: self::MOST_EVENTS,
            );
        }

        return $events;
    }

    /** @param  list<array{received_at: string}>  $events */
    private function last(array $events): DateTimeImmutable
    {
        return $events === [] ? $this->now
            : new DateTimeImmutable(max(array_column($events, 'received_at')), new DateTimeZone('UTC'));
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function photographs(array $entry, string $of = 'cook_id'): array
    {
        $rows = [];
        foreach (self::list($entry, 'photographs') as $index => $one) {
            $at = "{$entry['name']}/photographs/{$index}";
            self::holds($at, ['reading' => $one['reading'] ?? null] + $one, Part::PHOTOGRAPH);
            self::time("{$at}/taken_at", $one['taken_at']);
            Fields::of($one, $at)->one('shows', Shows::class);
            $size = PictureFile::ours(($this->jpeg)($one['id']))
                ?? throw Refused::because($at, 'refused.is-no-picture');
            $reading = isset($one['reading'])
                ? Reading::fromFields(Fields::of($one, $at)->object('reading')) : null;
            $rows[] = ['photographs', [
                'id' => $one['id'], $of => $entry['thing']['id'], 'shows' => $one['shows'], 'width' => $size[0],
                'height' => $size[1], 'taken_at' => $one['taken_at'],
                'reading' => $reading === null ? null : json_encode($reading->toArray()),
            ]];
        }

        return $rows;
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function lotTest(array $entry): array
    {
        $row = $this->row($entry, Part::LotTests);
        Fields::of($entry['thing'], $entry['name'])->text('lot');
        $document = Fields::of($entry['thing']['document'], "{$entry['name']}/document");
        $document->number('soak_min', 0, 2880);
        $document->number('soak_c', 0, 60);
        foreach ($document->each('tests') as $test) {
            $test->number('seconds', 1, 5400);
            if ($test->has('picture')) {
                $test->number('doneness', 0, 1);
                $test->number('sd', 0, 1);
            } else {
                $test->one('stage', Stage::class);
            }
        }
        self::likelihood("{$entry['name']}/likelihood", $entry['thing']['likelihood']);

        return [['lot_tests', $row], ...$this->photographs($entry, 'lot_test_id')];
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function stoveTest(array $entry): array
    {
        $row = $this->row($entry, Part::StoveTests);
        $thing = Fields::of($entry['thing'], $entry['name']);
        array_map($thing->text(...), ['pot', 'burner']);
        $document = Fields::of($entry['thing']['document'], "{$entry['name']}/document");
        $document->number('litres', 0, 100);
        $document->number('from_c', -10, 110);
        $document->number('to_c', -10, 110);
        $document->number('minutes', 0, 600);
        $document->number('setting', 0, 100);
        $document->number('net_w', 0, 50_000);
        self::likelihood("{$entry['name']}/likelihood", $entry['thing']['likelihood']);

        return [['stove_tests', $row]];
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function drillAnswer(array $entry): array
    {
        $row = $this->row($entry, Part::DrillAnswers);
        $fields = Fields::of($entry['thing'], $entry['name']);
        $round = $fields->text('round');
        if (! in_array($round, ['stage', 'far', 'lift'], true)) {
            throw Refused::unknown("{$entry['name']}/round", $round, ['stage', 'far', 'lift']);
        }
        $fields->one('asked', Stage::class);
        $fields->has('answered') ? $fields->one('answered', Stage::class) : null;
        $fields->has('form') ? $fields->one('form', Form::class) : null;
        $fields->number('off', -20, 20);
        $fields->has('doneness') ? $fields->number('doneness', 0, 1) : null;
        $fields->has('said') ? $fields->number('said', 0, 1) : null;
        $fields->has('seed') ? $fields->whole('seed', 0, PHP_INT_MAX) : null;
        self::text("{$entry['name']}/who", $row['who'], self::LONGEST_TEXT);

        return [['drill_answers', $row]];
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function meter(array $entry): array
    {
        $row = $this->row($entry, Part::Meters);
        $thing = Fields::of($entry['thing'], $entry['name']);
        $thing->text('name');
        $thing->one('kind', MeterKind::class);
        if (preg_match('/^[0-9a-f]{64}$/', (string) $row['token_sum']) !== 1) {
            throw Refused::because("{$entry['name']}/token_sum", 'refused.does-not-hold-in-an-archive');
        }

        return [['meters', $row]];
    }

    /**
     * @param  Entry  $entry
     * @return Rows
     */
    private function readings(array $entry): array
    {
        self::id($entry['name'], $entry['thing']);
        self::id("{$entry['name']}/meter_id", ['id' => $entry['thing']['meter_id'] ?? null]);
        $rows = [];
        foreach (self::list($entry, 'readings') as $index => $one) {
            $at = "{$entry['name']}/readings/{$index}";
            self::holds($at, $one, ['value', 'read_at']);
            self::time("{$at}/read_at", $one['read_at']);
            Fields::of($one, $at)->number('value', -1000, 100_000);
            $rows[] = ['readings', [
                'id' => $one['id'], 'meter_id' => $entry['thing']['meter_id'], 'value' => $one['value'],
                'read_at' => $one['read_at'],
            ]];
        }

        return $rows;
    }

    /**
     * A thing's own row as it stands: each column there, of a kind that a column can be.
     *
     * @param  Entry  $entry
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function row(array $entry, Part $part): array
    {
        self::holds($entry['name'], $entry['thing'], $part->columns());

        return ['id' => $entry['thing']['id']] + self::columns($entry['name'], $entry['raw'], $part->columns());
    }

    /**
     * @param  Entry  $entry
     * @param  Closure(string, array<string, mixed>): mixed  $reads what a page reads of one
     * @return Rows
     */
    private function children(array $entry, Part $part, Closure $reads): array
    {
        $rows = [];
        foreach ($part->children() as $list => $child) {
            $raw = array_values((array) ($entry['raw'][$list] ?? []));
            foreach (self::list($entry, $list) as $index => $one) {
                $at = "{$entry['name']}/{$list}/{$index}";
                self::holds($at, $one, $child['columns']);
                $reads($at, $one);
                $rows[] = [$child['table'], [
                    'id' => $one['id'], $child['of'] => $entry['thing']['id'],
                ] + self::columns($at, (array) $raw[$index], $child['columns'])];
            }
        }

        return $rows;
    }

    /**
     * @param  Entry  $entry
     * @return list<array<string, mixed>>
     *
     * @throws Refused
     */
    private static function list(array $entry, string $name): array
    {
        $list = $entry['thing'][$name] ?? [];
        foreach (is_array($list) && array_is_list($list) ? $list : [null] as $index => $one) {
            if (! is_array($one)) {
                throw Refused::because("{$entry['name']}/{$name}/{$index}", 'refused.object-wanted');
            }
        }

        /** @var list<array<string, mixed>> $list */
        return $list;
    }

    /** @param  array<array-key, mixed>  $row */
    private static function id(string $name, array $row): void
    {
        if (! is_string($row['id'] ?? null) || preg_match(self::ULID, $row['id']) !== 1) {
            throw Refused::because($name, 'refused.is-no-part-of-an-archive');
        }
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  list<string>  $columns
     *
     * @throws Refused
     */
    private static function holds(string $name, array $row, array $columns): void
    {
        self::id($name, $row);
        foreach ($columns as $column) {
            $value = $row[$column] ?? null;
            $at = "{$name}/{$column}";
            if (! array_key_exists($column, $row) && ! in_array($column, Part::LATER, true)) {
                throw Refused::because($at, 'refused.does-not-hold-in-an-archive');
            }
            match (true) {
                $value === null => Part::mayBeNone($column) ? null : self::refuse($at),
                Part::isJson($column) => is_array($value) ? null : self::refuse($at),
                Part::isTime($column) => self::time($at, $value),
                Part::isCount($column) => self::whole($at, $value, 0, 2_000_000_000),
                Part::isFlag($column) => self::whole($at, is_bool($value) ? (int) $value : $value, 0, 1),
                Part::isId($column) => self::id($at, ['id' => $value]),
                Part::isNumber($column) => is_int($value) || is_float($value) ? null : self::refuse($at),
                default => self::text($at, $value, Part::isLong($column) ? 100_000 : self::LONGEST_TEXT),
            };
        }
    }

    private static function refuse(string $at): never
    {
        throw Refused::because($at, 'refused.does-not-hold-in-an-archive');
    }

    /**
     * A moment as the database has it, in this century.
     *
     * @throws Refused
     */
    private static function time(string $at, mixed $value): void
    {
        $said = is_scalar($value) ? (string) $value : '…';
        $read = DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', $said, new DateTimeZone('UTC'));
        if ($read === false || $read->format('Y-m-d H:i:s') !== $value || preg_match('/^20\d\d/', $said) !== 1) {
            throw Refused::because($at, 'refused.is-no-moment', read: mb_strimwidth($said, 0, 40, '…'));
        }
    }

    /** @throws Refused */
    private static function whole(string $at, mixed $value, int $least, int $most): int
    {
        return is_int($value) ? Refused::unlessBetween($at, $value, $least, $most) : self::refuse($at);
    }

    /** @throws Refused */
    private static function text(string $at, mixed $value, int $longest): void
    {
        $isText = is_string($value) && preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', $value) !== 1;
        if (! $isText || mb_strlen($value) > $longest) {
            throw Refused::because($at, 'refused.does-not-hold-in-an-archive');
        }
    }

    /** @throws Refused */
    private static function likelihood(string $at, mixed $likelihood): void
    {
        $numbers = array_filter(
            is_array($likelihood) ? $likelihood : [],
            static fn (mixed $one): bool => (is_int($one) || is_float($one)) && $one >= 0 && $one < 1e12,
        );
        $isWhole = is_array($likelihood) && array_is_list($likelihood) && count($numbers) === count($likelihood);
        if (
            ! $isWhole || ! in_array(count($numbers), [FactorBelief::POINTS, self::OLD_POINTS], true)
                || array_sum($numbers) <= 0
        ) {
            throw Refused::because(
                $at, 'refused.number-of-numbers', evidence: count($numbers), points: FactorBelief::POINTS,
            );
        }
    }

    /**
     * @param  array<array-key, mixed>  $thing with empty objects as they stand
     * @param  list<string>  $columns
     * @return array<string, mixed>
     */
    private static function columns(string $name, array $thing, array $columns): array
    {
        $row = [];
        foreach ($columns as $column) {
            $value = $thing[$column] ?? null;
            $row[$column] = Part::isJson($column) && $value !== null
                ? json_encode(
                    $value,
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
                )
                : ($value ?? Part::otherwise($column));
        }

        return $row;
    }

    private static function utc(?DateTimeImmutable $at): ?string
    {
        return $at?->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
