<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Formats\CraftFiles;
use App\Wording\Wording;
use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\School;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Edit\Edits;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Heat\FoundLine;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Heat\Spread;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Pot\Seal;
use PHPUnit\Framework\Assert;

/** The sample kitchen's documents, as the core reads them. */
final class Sample
{
    public const NOW = '2026-11-24 10:00';

    public const TABLE_AT = '2026-11-28 19:30';

    /** The craft's own data. */
    public static function craft(): Craft
    {
        static $craft = null;

        return $craft ??= CraftFiles::read(dirname(__DIR__, 2).'/schema/craft', self::wording());
    }

    /**
     * The same with other data of its own.
     *
     * @param  array<string, mixed>  $files in place of those in schema/craft, each by its name
     */
    public static function craftWith(array $files): Craft
    {
        return Craft::of(array_replace(CraftFiles::files(dirname(__DIR__, 2).'/schema/craft', self::wording()), $files));
    }

    /**
     * The rows of a file of the craft's data, and more.
     *
     * @param  array<string, mixed>  ...$more
     * @return list<array<string, mixed>>
     */
    public static function rows(string $of, array ...$more): array
    {
        $rows = CraftFiles::files(dirname(__DIR__, 2).'/schema/craft', self::wording())[$of] ?? Assert::fail("there is no {$of}");

        /** @var list<array<string, mixed>> */
        return [...$rows, ...$more];
    }

    public static function seal(string $id): Seal
    {
        return self::craft()->seals->get($id, 'seal');
    }

    public static function filling(string $id): FillingKind
    {
        return self::craft()->fillings->get($id, 'kind');
    }

    /** @param  array<string, mixed>  $changes top-level fields that differ */
    public static function kitchen(array $changes = []): Kitchen
    {
        return Kitchen::fromArray($changes + self::json('kitchen'));
    }

    public static function dish(string $name): Dish
    {
        return Dish::fromArray(self::json($name), self::craft());
    }

    /** A school's first dish in the sample kitchen. */
    public static function first(School $school): Dish
    {
        return Dish::fromArray(
            Starter::document($school, self::kitchen(), 'A dish'),
            self::craft(),
        );
    }

    public static function polo(): Dish
    {
        return self::dish('sour-cherry-polo');
    }

    /**
     * A dish cooked by itself, as what happened leaves it.
     *
     * @param  list<Event>  $events
     */
    public static function alone(Plan $plan, array $events, DateTimeImmutable $now): MealCook
    {
        $planner = $plan->planner();
        $ofAll = static fn (Event $event): bool => in_array($event::class, Event::OF_ALL, true);

        return MealCook::fold(
            MealPlanner::in($plan->kitchen, $planner, $plan->day->tableAt)
                ->ofOne('1', $plan->dish, $plan->day->tableAt),
            $planner, [array_values(array_filter($events, static fn (Event $event): bool => ! $ofAll($event)))],
            array_values(array_filter($events, $ofAll)), $now,
        );
    }

    public static function plan(
        ?Dish $dish = null, ?Kitchen $kitchen = null, string $now = self::NOW, string $tableAt = self::TABLE_AT,
    ): Plan {
        $kitchen ??= self::kitchen();

        return Planner::in($kitchen, Knowledge::none(), new DateTimeImmutable($now))
            ->plan($dish ?? self::polo(), [], new DateTimeImmutable($tableAt, $kitchen->site->timezone));
    }

    /** A heat line found once and for all, for tests in which the heat that a dish gets is not the question. */
    public static function oneLine(): FoundLines
    {
        return new class() implements FoundLines
        {
            public function line(string $of, string $ring, callable $find): FoundLine
            {
                return new FoundLine([
                    new Stretch(8, Flame::on('', 0.8, null)), new Stretch(20, Flame::on('', 0.25, null)),
                    new Stretch(6, Flame::off()),
                ], new Spread(0.4, 0.9, [null, null, null]));
            }
        };
    }

    /** @return array<string, mixed> */
    public static function json(string $name): array
    {
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/database/demo/{$name}.json"), true);

        return is_array($document) ? $document : [];
    }

    /** A plan's dish with one word changed, as a page sends it. */
    public static function edited(Plan $plan, string $path, mixed $value = null): Dish
    {
        return Edits::read($path, $value)->on($plan);
    }

    public static function boil(Plan $plan): BoilPlan
    {
        return $plan->boil() ?? Assert::fail('its rice is boiled and drained');
    }

    /**
     * What the core notes, in words: several as one text.
     *
     * @param  Note|string|list<Note|string>  $notes
     */
    public static function say(Note|string|array $notes): string
    {
        return self::wording()->sentences(is_array($notes) ? $notes : [$notes]);
    }

    /**
     * What a call is refused for, in words.
     *
     * @param  callable(): mixed  $call
     */
    public static function refused(callable $call): string
    {
        try {
            $call();
        } catch (Refused $wrong) {
            return self::wording()->refusal($wrong);
        }

        Assert::fail('it was taken');
    }

    public static function amount(Figure|Quantity $amount): string
    {
        return self::wording()->amount($amount);
    }

    public static function wording(): Wording
    {
        static $wording = null;

        return $wording ??= new Wording(dirname(__DIR__, 2).'/lang');
    }
}
