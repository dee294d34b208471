<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Formats\PictureFile;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Photograph;
use Generator;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Cook\Event;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use ZipArchive;

/**
 * An archive read: first looked at, every entry of it, then brought in. What is here already stays as it is; what does
 * not hold is refused by name, and nothing of the archive is taken.
 */
final readonly class ArchiveIn
{
    private const MOST_ENTRIES = 200_000;

    /** No entry of ours is larger unpacked. */
    private const MOST_BYTES = 4_000_000;

    private const ULID = '/^[0-7][0-9a-hjkmnp-tv-z]{25}$/i';

    private function __construct(private ZipArchive $zip)
    {
    }

    /** @throws Refused when it is no archive of Orbek's */
    public static function of(string $path): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'refused.is-no-archive');
        }
        $about = $zip->statName('archive.json') === false
            ? null
            : json_decode((string) $zip->getFromName('archive.json', self::MOST_BYTES), true);
        if (
            ! is_array($about) || ($about['format'] ?? null) !== ArchiveOut::FORMAT
                || $zip->numFiles > self::MOST_ENTRIES
        ) {
            throw Refused::because('file', 'refused.is-no-archive');
        }

        return new self($zip);
    }

    public function household(): string
    {
        $about = json_decode((string) $this->zip->getFromName('archive.json', self::MOST_BYTES), true);

        return is_array($about) && is_string($about['household'] ?? null) ? mb_substr($about['household'], 0, 80) : '';
    }

    /**
     * Reads every entry and says what would come in.
     *
     * @return array<value-of<Part>|'photographs', array{new: int, here: int, differs: int, elsewhere: int}>
     *
     * @throws Refused naming the entry that does not hold, and why
     */
    public function look(Household $household): array
    {
        $found = array_fill_keys(
            [...array_column(Part::cases(), 'value'), 'photographs'],
            ['new' => 0, 'here' => 0, 'differs' => 0, 'elsewhere' => 0],
        );
        foreach ($this->entries() as [$name, $part, $thing]) {
            $this->check($name, $part, $thing);
            $row = DB::table($part->table())->where('id', $thing['id'])->first(
                ['household_id', ...in_array('version', $part->columns(), true) ? ['version'] : []]
            );
            $how = match (true) {
                $row === null => 'new',
                $row->household_id !== $household->id => 'elsewhere',
                isset($row->version) && (int) $row->version !== (int) $thing['version'] => 'differs',
                default => 'here',
            };
            $found[$part->value][$how]++;
            $found['photographs'][$how] += count((array) ($thing['photographs'] ?? []));
        }

        return $found;
    }

    /**
     * Brings in what is not here yet: all of it or nothing.
     *
     * @throws Refused as look() does
     */
    public function take(Household $household): void
    {
        $this->look($household);
        DB::transaction(function () use ($household): void {
            $hasKitchen = DB::table('kitchens')->where('household_id', $household->id)->exists();
            foreach ($this->entries() as [$name, $part, $checked]) {
                // As it stands, so that an empty object stays one.
                $thing = (array) json_decode((string) $this->zip->getFromName($name, self::MOST_BYTES));
                if (DB::table($part->table())->where('id', $thing['id'])->exists()) {
                    continue;
                }
                $row = self::row($thing, $part->columns());
                // One kitchen is cooked in: the one that is there.
                $row = $part === Part::Kitchens && $hasKitchen ? ['in_use' => 0] + $row : $row;
                $row = $part === Part::Dishes ? self::listed($checked) + $row : $row;
                foreach (['dish_id' => 'dishes', 'meal_id' => 'meals'] as $column => $table) {
                    if (
                        isset($row[$column])
                            && ! DB::table($table)->where('id', $row[$column])->where(
                                'household_id', $household->id,
                            )->exists()
                    ) {
                        $row[$column] = null;
                    }
                }
                DB::table($part->table())->insert(['id' => $thing['id'], 'household_id' => $household->id] + $row);
                $this->takeChildren($part, $thing, $household);
            }
            $household->update(['knowledge' => Household::foldedAgain()->toArray()]);
        });
    }

    /** @param  array<string, mixed>  $thing */
    private function takeChildren(Part $part, array $thing, Household $household): void
    {
        foreach ($part->children() as $name => $child) {
            foreach ((array) ($thing[$name] ?? []) as $one) {
                $one = (array) $one;
                if (DB::table($child['table'])->where('id', $one['id'])->exists()) {
                    continue;
                }
                $isPicture = $child['table'] === 'photographs';
                DB::table($child['table'])->insert(
                    [
                        'id' => $one['id'], 'household_id' => $household->id, $child['of'] => $thing['id'],
                    ] + self::row($one, $child['columns']) + ($isPicture ? ['jpeg' => ''] : []),
                );
                if ($isPicture) {
                    Photograph::putJpeg((string) $one['id'], $this->jpeg((string) $one['id']));
                }
            }
        }
    }

    /**
     * The entries in the order in which they depend on one another.
     *
     * @return Generator<int, array{string, Part, array<string, mixed>}>
     *
     * @throws Refused
     */
    private function entries(): Generator
    {
        $names = [];
        for ($i = 0; $i < $this->zip->numFiles; $i++) {
            $stat = $this->zip->statIndex($i);
            $name = $stat === false ? '' : (string) $stat['name'];
            [$folder, $file] = [...explode('/', $name, 2), ''];
            $isOurs = $name === 'archive.json' || str_ends_with($name, '/')
                || (preg_match(self::ULID, pathinfo($file, PATHINFO_FILENAME)) === 1
                && (
                    $folder === 'photographs'
                        ? str_ends_with($file, '.jpg')
                        : Part::tryFrom($folder) !== null && str_ends_with($file, '.json')
                ));
            if (! $isOurs || $stat === false || $stat['size'] > self::MOST_BYTES) {
                throw Refused::because(mb_substr($name, 0, 120), 'refused.is-no-part-of-an-archive');
            }
            $names[$folder][] = $name;
        }
        foreach (Part::cases() as $part) {
            foreach ($names[$part->value] ?? [] as $name) {
                $thing = json_decode((string) $this->zip->getFromName($name, self::MOST_BYTES), true);
                if (! is_array($thing) || ($thing['id'] ?? null) !== pathinfo($name, PATHINFO_FILENAME)) {
                    throw Refused::because($name, 'refused.is-no-part-of-an-archive');
                }
                yield [$name, $part, $thing];
            }
        }
    }

    /**
     * @param  array<string, mixed>  $thing
     *
     * @throws Refused
     */
    private function check(string $name, Part $part, array $thing): void
    {
        self::holds($name, $thing, $part->columns());
        foreach ($part->children() as $list => $child) {
            foreach (array_values((array) ($thing[$list] ?? [])) as $index => $one) {
                $at = "{$name}/{$list}/{$index}";
                $one = is_array($one) ? $one : throw Refused::because($at, 'refused.object-wanted');
                self::holds($at, $one, $child['columns']);
                match ($child['table']) {
                    'photographs' => PictureFile::isOurs($this->jpeg((string) $one['id']))
                        ? null
                        : throw Refused::because($at, 'refused.is-no-picture'),
                    'cook_events',
                    'meal_cook_events' => Event::fromFields(Fields::of((array) $one['document'], "{$at}/document")),
                    'dish_versions' => CoreDish::fromArray((array) $one['document'], app(Craft::class)),
                    'meal_versions' => CoreMeal::fromArray((array) $one['document']),
                    default => null,
                };
            }
        }
        self::summary($name, $thing['summary'] ?? null);
        $document = static fn (string $column): array => is_array($thing[$column] ?? null)
            ? $thing[$column]
            : throw Refused::because("{$name}/{$column}", 'refused.object-wanted');
        match ($part) {
            Part::Kitchens => CoreKitchen::fromArray($document('document')),
            Part::Dishes => CoreDish::fromArray($document('document'), app(Craft::class)),
            Part::Meals => CoreMeal::fromArray($document('document')),
            Part::MealCooks => [
                CoreMeal::fromArray($document('meal')), CoreKitchen::fromArray($document('kitchen')),
                Knowledge::fromArray($document('knowledge')),
            ],
            Part::Cooks => [
                CoreDish::fromArray($document('dish'), app(Craft::class)), CoreKitchen::fromArray($document('kitchen')),
            ],
            Part::LotTests, Part::StoveTests => self::likelihood("{$name}/likelihood", $document('likelihood')),
            Part::DrillAnswers => null,
        };
    }

    /**
     * Every column is there and of a kind that a column can be; an id is one, a time is one.
     *
     * @param  array<array-key, mixed>  $row
     * @param  list<string>  $columns
     *
     * @throws Refused
     */
    private static function holds(string $name, array $row, array $columns): void
    {
        if (! is_string($row['id'] ?? null) || preg_match(self::ULID, $row['id']) !== 1) {
            throw Refused::because($name, 'refused.is-no-part-of-an-archive');
        }
        foreach ($columns as $column) {
            $value = $row[$column] ?? null;
            $isTime = str_ends_with($column, '_at') || $column === 'eat_by';
            $will = match (true) {
                $value === null => true,
                Part::isJson($column) => is_array($value),
                $isTime => is_string($value) && preg_match('/^\d{4}-\d\d-\d\d[ T]\d\d:\d\d(:\d\d)?$/', $value) === 1,
                default => is_string($value)
                    ? mb_strlen($value) < 100_000
                    : is_int($value) || is_float($value) || is_bool($value),
            };
            if (! array_key_exists($column, $row) || ! $will) {
                throw Refused::because("{$name}/{$column}", 'refused.does-not-hold-in-an-archive');
            }
        }
    }

    /** @throws Refused */
    private static function summary(string $name, mixed $summary): void
    {
        if ($summary === null) {
            return;
        }
        $fields = Fields::of((array) $summary, "{$name}/summary");
        foreach (['taught', 'stove'] as $lesson) {
            if ($fields->has($lesson)) {
                self::likelihood($fields->at("{$lesson}/likelihood"), $fields->object($lesson)->numbers('likelihood'));
            }
        }
        foreach (['lifted_s', 'lift_forecast_s', 'late_min'] as $count) {
            $fields->has($count) ? $fields->number($count, -1e6, 1e6) : null;
        }
    }

    /**
     * @param  array<array-key, mixed>  $likelihood
     *
     * @throws Refused
     */
    private static function likelihood(string $name, array $likelihood): void
    {
        $numbers = array_filter(
            $likelihood, static fn (mixed $one): bool => (is_int($one) || is_float($one)) && $one >= 0,
        );
        if (count($numbers) !== count($likelihood) || ! in_array(count($numbers), [FactorBelief::POINTS, 81], true)) {
            throw Refused::because(
                $name, 'refused.numbers-will-not-do-give', evidence: count($numbers), points: FactorBelief::POINTS,
            );
        }
    }

    private function jpeg(string $id): string
    {
        return (string) $this->zip->getFromName("photographs/{$id}.jpg", self::MOST_BYTES);
    }

    /**
     * @param  array<array-key, mixed>  $thing
     * @param  list<string>  $columns
     * @return array<string, mixed>
     */
    private static function row(array $thing, array $columns): array
    {
        $row = [];
        foreach ($columns as $column) {
            $value = $thing[$column] ?? null;
            $row[$column] = Part::isJson($column) && $value !== null
                ? json_encode(
                    $value,
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
                )
                : $value;
        }

        return $row;
    }

    /**
     * What lists read of a dish, made from its document.
     *
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    private static function listed(array $thing): array
    {
        $dish = (new Dish)->take(CoreDish::fromArray((array) $thing['document'], app(Craft::class)));

        return ['name' => $dish->name, 'school' => $dish->school, 'words' => $dish->getAttribute('words')];
    }
}
