<?php

declare(strict_types=1);

namespace Orbek\Core\Meal;

use DateTimeImmutable;
use DateTimeZone;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Guest;
use Orbek\Core\Dish\Portion;
use Orbek\Core\Dish\Table;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A table: who eats, when, which dishes and sides, how many cook. */
final readonly class Meal
{
    public const FORMAT = 'orbek-meal/1';

    public const MOST_DISHES = 6;

    public const MOST_HANDS = 6;

    private const MOST_SIDES = 20;

    private const WEEK_S = 7 * 86400;

    private const DAY_MIN = 1440;

    /**
     * @param  list<Share>  $shares
     * @param  list<Side>  $sides
     * @param  list<Guest>  $guests
     * @param  array<string, int>  $pins starts that the cook has fixed, minutes before the table, by task
     * @param  array<string, mixed>  $document
     */
    private function __construct(
        public string $name,
        public string $serveAt,
        public int $eaters,
        public int $children,
        public Portion $portion,
        public int $leftovers,
        public int $hands,
        public array $shares,
        public array $sides,
        public array $guests,
        public array $pins,
        /** @var list<int> places of the dishes that are kept in the oven till the table */
        public array $keptWarm,
        /** @var list<string> tasks that are done the day before, of those that keep */
        public array $ahead,
        /** @var list<string> names of things that the cook says hold nothing that a guest avoids */
        public array $plain,
        private array $document,
    ) {
    }

    /**
     * @param  array<string, mixed>  $document as schema/meal.json describes it
     *
     * @throws Refused naming the field
     */
    public static function fromArray(array $document): self
    {
        $fields = Fields::of($document);
        if ($fields->text('format') !== self::FORMAT) {
            throw Refused::unknown('format', $fields->text('format'), [self::FORMAT]);
        }
        $serveAt = $fields->text('serve_at');
        self::read($serveAt, 'serve_at', new DateTimeZone('UTC'));
        $eaters = $fields->whole('eaters', 1, Table::MOST_EATERS);
        $shares = self::shares($fields, $eaters);
        $sides = array_map(Side::fromFields(...), $fields->each('sides'));
        if (count($sides) > self::MOST_SIDES) {
            throw Refused::because('sides', 'refused.too-many', count: count($sides), most: self::MOST_SIDES);
        }

        return new self(
            name: $fields->text('name'),
            serveAt: $serveAt,
            eaters: $eaters,
            children: $fields->whole('children', 0, $eaters, 0),
            portion: $fields->one('plates', Portion::class, Portion::Usual),
            leftovers: $fields->whole('leftovers', 0, 20, 0),
            hands: $fields->whole('hands', 1, self::MOST_HANDS, 1),
            shares: $shares,
            sides: $sides,
            guests: array_map(Guest::fromFields(...), $fields->each('guests')),
            pins: self::pinned($fields),
            keptWarm: self::keptWarm($fields, count($shares)),
            ahead: $fields->has('ahead') ? $fields->texts('ahead') : [],
            plain: $fields->texts('plain'),
            document: $document,
        );
    }

    /** The table of a dish cooked by itself, as many eat of it as of the dish. */
    public static function ofOne(string $id, Dish $dish, DateTimeImmutable $tableAt): self
    {
        $table = $dish->table;

        return self::fromArray([
            'format' => self::FORMAT, 'name' => $dish->name, 'serve_at' => $tableAt->format('Y-m-d\TH:i'),
            'eaters' => $table->eaters, 'children' => $table->children, 'plates' => $table->portion->value,
            'leftovers' => $table->leftovers, 'dishes' => [['dish' => $id]],
        ]);
    }

    /**
     * @return list<Share>
     *
     * @throws Refused where there is no dish, too many, or one twice
     */
    private static function shares(Fields $fields, int $eaters): array
    {
        $shares = array_map(
            static fn (Fields $one): Share => Share::fromFields($one, $eaters), $fields->each('dishes'),
        );
        if ($shares === []) {
            throw Refused::because('dishes', 'refused.a-meal-wants-a-dish');
        }
        if (count($shares) > self::MOST_DISHES) {
            throw Refused::because('dishes', 'refused.too-many', count: count($shares), most: self::MOST_DISHES);
        }
        $ids = array_map(static fn (Share $one): string => $one->dish, $shares);
        foreach (array_count_values($ids) as $id => $times) {
            if ($times > 1) {
                throw Refused::because('dishes', 'refused.twice', thing: (string) $id);
            }
        }

        return $shares;
    }

    /** @return list<int> */
    private static function keptWarm(Fields $fields, int $dishes): array
    {
        $warm = array_unique(array_map(intval(...), $fields->has('kept_warm') ? $fields->numbers('kept_warm') : []));

        return array_values(array_filter($warm, static fn (int $dish): bool => $dish >= 0 && $dish < $dishes));
    }

    /** @return array<string, int> */
    private static function pinned(Fields $fields): array
    {
        $pins = [];
        foreach ($fields->has('pins') ? $fields->object('pins')->names() : [] as $task) {
            $pins[$task] = $fields->object('pins')->whole($task, -self::DAY_MIN, -1);
        }

        return $pins;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->document;
    }

    /**
     * The same with fields changed; null takes one out.
     *
     * @param  array<string, mixed>  $changes
     *
     * @throws Refused when the meal cannot be so
     */
    public function with(array $changes): self
    {
        return self::fromArray(array_filter(
            array_replace($this->document, $changes), static fn (mixed $value): bool => $value !== null,
        ));
    }

    /**
     * A day and time as a cook gives it.
     *
     * @throws Refused naming the field when it is none
     */
    public static function read(string $at, string $field, DateTimeZone $timezone): DateTimeImmutable
    {
        $read = DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $at);
        if ($read === false || $read->format('Y-m-d\TH:i') !== $at || ! str_starts_with($at, '20')) {
            throw Refused::because($field, 'refused.no-day-and-time', serveAt: $at);
        }

        return new DateTimeImmutable($at, $timezone);
    }

    public function serveAt(DateTimeZone $timezone): DateTimeImmutable
    {
        return new DateTimeImmutable($this->serveAt, $timezone);
    }

    /**
     * The first day from now on that is its weekday, at its hour, as `serve_at`.
     *
     * @param  DateTimeImmutable  $now local to the kitchen
     */
    public function nextFrom(DateTimeImmutable $now): string
    {
        // Days are counted without a zone: a week is seven of them, whatever summer time does.
        $day = static fn (string $of): DateTimeImmutable => new DateTimeImmutable($of, new DateTimeZone('UTC'));
        $first = $day(substr($this->serveAt, 0, 10));
        $passed = ($day($now->format('Y-m-d'))->getTimestamp() - $first->getTimestamp()) / self::WEEK_S;
        $weeks = max(0, (int) ceil($passed));
        $at = static fn (int $weeks): string => $first->modify("+{$weeks} weeks")->format('Y-m-d');
        $hour = substr($this->serveAt, 10);

        return $at($weeks).$hour >= $now->format('Y-m-d\TH:i') ? $at($weeks).$hour : $at($weeks + 1).$hour;
    }

    /** Whether it is one dish, and nothing else that its clock would have to mind. */
    public function isOfOne(): bool
    {
        return count($this->shares) === 1 && $this->hands === 1 && $this->sides === [] && $this->pins === []
            && $this->keptWarm === [] && $this->ahead === [];
    }

    /** How many of the table a dish is for. */
    public function eatersOf(Share $share): int
    {
        return min($share->eaters ?? $this->eaters, $this->eaters);
    }

    /**
     * A dish's own table within the meal.
     *
     * @return array<string, mixed>
     */
    public function tableOf(Share $share): array
    {
        $eaters = $this->eatersOf($share);
        $isForAll = $eaters === $this->eaters;

        return [
            'eaters' => $eaters, 'children' => $isForAll ? $this->children : 0, 'plates' => $this->portion->value,
            // What is left over is of what all eat.
            'leftovers' => $isForAll && $share === $this->firstForAll() ? $this->leftovers : 0,
        ];
    }

    /**
     * The same for another number of people: what is for all follows; where nothing is, the dish that most eat.
     *
     * @throws Refused when nobody would be left, or too many
     */
    public function forEaters(int $eaters): self
    {
        $more = $this->firstForAll() === null ? $eaters - $this->eaters : 0;
        $counts = array_map($this->eatersOf(...), $this->shares);
        $most = array_keys($counts, max([0, ...$counts]), true)[0] ?? 0;
        $dishes = [];
        foreach ($this->shares as $place => $share) {
            $of = $share->eaters === null ? null : $share->eaters + ($place === $most ? $more : 0);
            $dishes[] = ['dish' => $share->dish] + ($of === null ? [] : ['eaters' => max(1, min($of, $eaters))]);
        }

        return $this->with(['eaters' => $eaters, 'children' => min($this->children, $eaters), 'dishes' => $dishes]);
    }

    private function firstForAll(): ?Share
    {
        foreach ($this->shares as $share) {
            if ($this->eatersOf($share) === $this->eaters) {
                return $share;
            }
        }

        return null;
    }
}
