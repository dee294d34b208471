<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\MealCook;
use BackedEnum;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Also;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\FillingOutcome;
use Orbek\Core\Cook\RiceOutcome;
use Orbek\Core\Cook\TasteSaid;
use Orbek\Core\Dish\Tasting;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\WorkKind;
use Symfony\Component\Serializer\Encoder\CsvEncoder;
use Symfony\Component\Serializer\Exception\ExceptionInterface;

/**
 * The cooks of a household as a table that spreadsheets read, and such a table read: columns in any order, with commas,
 * semicolons or tabs between them, decimal commas, Windows' line ends and letters, with a byte order mark or without.
 *
 * @phpstan-type Row array{
 *     id: string, at: DateTimeImmutable, dish: Dish, people: int, lifted: int|null, late: int,
 *     outcome: array<string, string|list<string>>
 * }
 * @phpstan-type Made array{cook: MealCook, record: Cook, events: list<array{int|null, Event}>}
 * @phpstan-type Read array{
 *     id: string, at: DateTimeImmutable, dish: Dish, people: int, lifted: int|null, late: int,
 *     outcome: array<string, string|list<string>>, cook: MealCook, record: Cook,
 *     events: list<array{int|null, Event}>
 * }
 */
final class CooksCsv
{
    private const COLUMNS = [
        'id', 'date', 'dish', 'people', 'rice g', 'bag', 'pot', 'ring', 'lift foretold', 'lifted', 'minutes late',
        'rice', 'crust', 'browning',
        'filling', 'salt', 'also', 'line',
    ];

    private const WANTED = ['date', 'dish', 'rice', 'filling'];

    private const MOST_ROWS = 500;

    private const MOST_BYTES = 2_000_000;

    /** A cook of a table began so long before it was to be eaten, and was noted so long after, min. */
    private const BEGAN_MIN = 180;

    private const NOTED_MIN = 120;

    /** Where a table tells a day alone, it was eaten then. */
    private const EVENING = '19:00';

    /** @param  iterable<Cook>  $cooks */
    public static function write(iterable $cooks, DateTimeZone $zone): string
    {
        $names = Kitchen::names();
        $rows = [];
        foreach ($cooks as $cook) {
            $noted = $cook->summary ?? [];
            $clock = static fn (?int $seconds): string => $seconds === null ? '' : Figure::clock($seconds);
            $rows[] = array_combine(self::COLUMNS, [
                $cook->id, ($cook->served_at ?? $cook->started_at)->setTimezone($zone)->format('Y-m-d H:i'),
                $cook->name,
                $noted['people'] ?? $cook->dish['usual']['eaters'] ?? '',
                isset($noted['used']) ? round($noted['used']['g']) : '',
                $names[$cook->lot] ?? $cook->lot,
                $names[$cook->pot] ?? $cook->pot, $names[$cook->ring] ?? $cook->ring,
                $clock($noted['lift_forecast_s'] ?? null),
                $clock($noted['lifted_s'] ?? null), $noted['late_min'] ?? '', $noted['rice'] ?? '',
                $noted['crust'] ?? '', $noted['browning'] ?? '',
                $noted['filling'] ?? '', $noted['salt'] ?? '', implode(' ', $noted['also'] ?? []),
                $noted['line'] ?? '',
            ]);
        }

        return (new CsvEncoder)->encode(
            $rows, 'csv', [CsvEncoder::HEADERS_KEY => self::COLUMNS, CsvEncoder::ESCAPE_FORMULAS_KEY => true],
        );
    }

    /**
     * Every row read, and every cook that is new made of it, before any is kept.
     *
     * @return array{new: list<Read>, here: int} a row that stands there twice is here the second time
     *
     * @throws Refused naming the row, its column and what would do
     */
    public static function read(string $bytes, DateTimeImmutable $now): array
    {
        $found = ['new' => [], 'here' => 0];
        $kitchen = Kitchen::core();
        $dishes = self::dishes();
        $names = [];
        foreach (self::rows(self::text($bytes)) as $index => $cells) {
            $name = 'row '.($index + 2);
            $row = self::row(Fields::ofForm($cells, $name), $cells, $dishes, $now);
            if (isset($names[$row['id']]) || Cook::query()->withoutGlobalScopes()->whereKey($row['id'])->exists()) {
                $found['here']++;
            } else {
                $names[$row['id']] = true;
                $found['new'][] = $row + self::made($row, $kitchen, $name);
            }
        }

        return $found;
    }

    /** @return array<string, Dish> those of the shelf by name, whatever is large in it; of one name the newest */
    private static function dishes(): array
    {
        $dishes = [];
        foreach (Dish::query()->oldest('created_at')->orderBy('id')->get() as $dish) {
            $dishes[mb_strtolower($dish->name)] = $dish;
        }

        return $dishes;
    }

    /**
     * The cook of a row, in the pots and on the rings of this kitchen.
     *
     * @param  Row  $row
     * @return Made
     *
     * @throws Refused when it cannot be cooked here
     */
    private static function made(array $row, CoreKitchen $kitchen, string $name): array
    {
        try {
            $document = $row['dish']->in($kitchen)->changed('usual/eaters', $row['people'])->toArray();
            $table = Instant::plusMinutes($row['at'], -$row['late'])->setTimezone(new DateTimeZone('UTC'));
            $both = [
                'id' => $row['id'], 'name' => $row['dish']->name, 'kitchen' => $kitchen->toArray(), 'knowledge' => [],
                'started_at' => Instant::plusMinutes($table, -self::BEGAN_MIN),
            ];
            $record = new Cook($both + [
                'dish_id' => $row['dish']->id, 'dish' => $document, 'lot' => $document['rice']['lot'],
                'meal_cook_id' => $row['id'], 'place' => 0, 'lot_taken_back' => false, 'stove_taken_back' => false,
                'notes_taken_back' => false,
            ]);
            $cook = new MealCook($both + ['table_at' => $table]);
            $cook->setRelation('dishes', $record->newCollection([$record]));
            $events = self::events($cook->plan()->plans[0], $row);
            $fold = $cook->foldOf($events, Instant::plusMinutes($row['at'], self::NOTED_MIN));
        } catch (Refused $wrong) {
            throw $wrong->within($name);
        }

        return [
            'cook' => $cook->fill(['served_at' => $fold->servedAt(), 'folded' => count($events)]),
            'record' => $record->fill($record->reckoned($fold->dishes[0])), 'events' => $events,
        ];
    }

    /**
     * Writes what was read: all of it or nothing.
     *
     * @param  list<Read>  $rows
     */
    public static function take(array $rows): void
    {
        DB::transaction(static function () use ($rows): void {
            $knowledge = Household::known();
            foreach ($rows as ['cook' => $cook, 'record' => $record, 'events' => $events, 'at' => $at]) {
                $cook->save();
                $record->save();
                foreach ($events as [$place, $event]) {
                    $cook->keepEvent($place, $event, Instant::plusMinutes($at, self::NOTED_MIN));
                }
                $knowledge = $knowledge->with($record->lesson());
            }
            Household::query()->whereKey(app(Household::class)->id)->firstOrFail()
                ->update(['knowledge' => $knowledge->toArray()]);
        });
    }

    /**
     * @param  Row  $row
     * @return list<array{int|null, Event}>
     */
    private static function events(Plan $plan, array $row): array
    {
        $events = [];
        $add = static function (string $type, DateTimeImmutable $at, array $fields) use (&$events): void {
            $events[] = [$type === 'served' ? null : 0, Event::fromFields(
                Fields::of(['id' => (string) Str::ulid($at), 'type' => $type, 'at' => $at->getTimestamp()] + $fields)
            )];
        };
        if ($row['lifted'] !== null) {
            foreach ($plan->day->tasks as $id => $work) {
                if ($work->kind === WorkKind::Boil) {
                    $from = Instant::plusMinutes($row['at'], -90);
                    $add('started', $from, ['subject' => $id]);
                    $add('done', $from->modify("+{$row['lifted']} seconds"), ['subject' => $id]);
                }
            }
        }
        $add('served', $row['at'], []);
        $add('noted', Instant::plusMinutes($row['at'], 60), ['outcome' => $row['outcome']]);

        return $events;
    }

    /** @throws Refused when it is too much, or no text */
    private static function text(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Refused::because('file', 'refused.the-table-is-too-large', rows: self::MOST_ROWS);
        }
        $text = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
        if (str_contains($text, "\0") || trim($text) === '') {
            throw Refused::because('file', 'refused.is-no-table', columns: implode(', ', self::WANTED));
        }

        return $text;
    }

    /**
     * @return list<array<string, string>> cells by column, as this table names them
     *
     * @throws Refused
     */
    private static function rows(string $text): array
    {
        $first = strtok(preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text, "\r\n") ?: '';
        $between = [
            ',' => substr_count($first, ','), ';' => substr_count($first, ';'), "\t" => substr_count($first, "\t"),
        ];
        arsort($between);
        try {
            $rows = (new CsvEncoder)->decode(
                $text, 'csv',
                [
                    CsvEncoder::DELIMITER_KEY => array_key_first($between), CsvEncoder::AS_COLLECTION_KEY => true,
                    CsvEncoder::KEY_SEPARATOR_KEY => "\0",
                ],
            );
        } catch (ExceptionInterface) {
            $rows = null;
        }
        $named = [];
        foreach (is_array($rows) ? array_values($rows) : [] as $row) {
            $cells = [];
            foreach ((array) $row as $column => $cell) {
                $said = is_scalar($cell) ? trim((string) $cell) : '';
                $cells[mb_strtolower(trim((string) $column))] = self::unescaped($said);
            }
            if (implode('', $cells) !== '') {
                $named[] = $cells;
            }
        }
        if ($named === [] || array_diff(self::WANTED, array_keys($named[0])) !== []) {
            throw Refused::because('file', 'refused.is-no-table', columns: implode(', ', self::WANTED));
        }
        if (count($named) > self::MOST_ROWS) {
            throw Refused::because('file', 'refused.the-table-is-too-large', rows: self::MOST_ROWS);
        }

        return $named;
    }

    /** A cell as it was before it was kept from being a formula: written with an apostrophe before it. */
    private static function unescaped(string $cell): string
    {
        return preg_match('/^\'[=+\-@\t\r]/', $cell) === 1 ? substr($cell, 1) : $cell;
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, Dish>  $dishes
     * @return Row
     *
     * @throws Refused
     */
    private static function row(Fields $cells, array $row, array $dishes, DateTimeImmutable $now): array
    {
        $dish = $dishes[mb_strtolower($cells->text('dish'))] ?? throw Refused::because(
            $cells->at('dish'), 'refused.no-such-dish-on-the-shelf', dish: $cells->text('dish'),
        );
        $at = self::time($cells);
        if ($at > $now) {
            throw Refused::because($cells->at('date'), 'refused.is-yet-to-be-eaten', read: $cells->text('date'));
        }
        $line = $row['line'] ?? '';
        $outcome = [
            'rice' => self::how($cells, 'rice', RiceOutcome::class),
            'filling' => self::how($cells, 'filling', FillingOutcome::class),
        ] + self::said($cells, $row);
        $id = $row['id'] ?? '';
        if ($id !== '' && ! Str::isUlid($id)) {
            throw Refused::because($cells->at('id'), 'refused.no-ulid-of-a-page', id: $id);
        }

        return [
            'id' => $id === '' ? self::idOf($at, $row) : strtolower($id), 'at' => $at, 'dish' => $dish,
            'people' => (int) (self::number($cells, $row, 'people', 1, 60) ?? $dish->core()->table->eaters),
            'lifted' => self::clock($cells, $row['lifted'] ?? ''),
            'late' => (int) round(self::number($cells, $row, 'minutes late', -240, 240) ?? 0),
            'outcome' => $outcome + ($line === '' ? [] : ['line' => mb_substr($line, 0, 200)]),
        ];
    }

    /** @throws Refused */
    private static function time(Fields $cells): DateTimeImmutable
    {
        $said = $cells->text('date');
        $zone = Kitchen::core()->site->timezone;
        $day = preg_match('/\d:\d/', $said) === 1 ? $said : "{$said} ".self::EVENING;
        foreach (['Y-m-d H:i', 'Y-m-d\TH:i', 'Y-m-d H:i:s', 'd.m.Y H:i', 'j.n.Y H:i'] as $format) {
            $read = DateTimeImmutable::createFromFormat("!{$format}", $day, $zone);
            if ($read !== false && $read->format($format) === $day && str_starts_with($read->format('Y'), '20')) {
                return $read;
            }
        }
        throw Refused::because($cells->at('date'), 'refused.is-no-day-of-a-table', read: $said);
    }

    /**
     * @param  array<string, string>  $row
     *
     * @throws Refused
     */
    private static function number(Fields $cells, array $row, string $column, float $least, float $most): ?float
    {
        $said = $row[$column] ?? '';

        return $said === ''
            ? null
            : Fields::ofForm(
                [$column => str_replace(',', '.', $said)], substr($cells->at(''), 0, -1),
            )->number($column, $least, $most);
    }

    /** Seconds of "5:04", or of minutes with a comma or a point. */
    private static function clock(Fields $cells, string $said): ?int
    {
        if ($said === '') {
            return null;
        }
        if (preg_match('/^(\d{1,3}):([0-5]\d)$/', $said, $clock) === 1) {
            return 60 * (int) $clock[1] + (int) $clock[2];
        }

        return (int) round(
            60 * Fields::ofForm(
                ['lifted' => str_replace(',', '.', $said)], substr($cells->at(''), 0, -1),
            )->number('lifted', 0.1, 120, 'min')
        );
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     *
     * @throws Refused
     */
    private static function how(Fields $cells, string $column, string $enum): string
    {
        return (string) Fields::of(
            [$column => mb_strtolower($cells->text($column))], substr($cells->at(''), 0, -1),
        )->one($column, $enum)->value;
    }

    /**
     * What a table may leave empty: a crust where there was none, salt, and what else was noted.
     *
     * @param  array<string, string>  $row
     * @return array{crust?: string, salt?: string, also?: list<string>}
     *
     * @throws Refused
     */
    private static function said(Fields $cells, array $row): array
    {
        $said = [];
        if (($row['crust'] ?? '') !== '') {
            $said['crust'] = self::how($cells, 'crust', CrustColour::class);
        }
        if (($row['salt'] ?? '') !== '') {
            $said['salt'] = self::how($cells, 'salt', TasteSaid::class);
            $can = array_column(TasteSaid::sayOf(Tasting::RiceWater), 'value');
            if (! in_array($said['salt'], $can, true)) {
                throw Refused::unknown($cells->at('salt'), $said['salt'], $can);
            }
        }
        foreach (preg_split('/[\s,;]+/u', $row['also'] ?? '', -1, PREG_SPLIT_NO_EMPTY) ?: [] as $one) {
            $said['also'][] = (string) Fields::of(
                ['also' => mb_strtolower($one)], substr($cells->at(''), 0, -1),
            )->one('also', Also::class)->value;
        }

        return $said;
    }

    /**
     * The same row again is the same cook.
     *
     * @param  array<string, string>  $row
     */
    private static function idOf(DateTimeImmutable $at, array $row): string
    {
        ksort($row);
        $time = (string) Str::ulid($at);
        $letters = '0123456789abcdefghjkmnpqrstvwxyz';
        $id = strtolower(substr($time, 0, 10));
        foreach (str_split(substr(hash('sha256', (string) json_encode($row), true), 0, 16)) as $byte) {
            $id .= $letters[ord($byte) & 31];
        }

        return $id;
    }
}
