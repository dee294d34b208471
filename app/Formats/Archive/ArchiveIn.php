<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Models\Cook;
use App\Models\DrillAnswer;
use App\Models\Household;
use App\Models\LotTest;
use App\Models\Photograph;
use App\Models\StoveTest;
use DateTimeImmutable;
use Generator;
use Illuminate\Support\Facades\DB;
use LogicException;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Refused;
use ZipArchive;

/**
 * An archive read: first looked at, every entry of it, then brought in. What is here already stays as it is; what does
 * not hold is refused by name, and nothing of the archive is taken.
 *
 * @phpstan-import-type Entry from EntryReader
 * @phpstan-import-type Rows from EntryReader
 * @phpstan-import-type Lesson from Knowledge
 */
final readonly class ArchiveIn
{
    private const MOST_ENTRIES = 200_000;

    /** No entry of ours is larger unpacked. */
    private const MOST_BYTES = 4_000_000;

    /** All of it unpacked: years of cooks with their photographs. */
    private const MOST_IN_ALL = 4_000_000_000;

    private const DEEPEST = 64;

    /** Columns that name what a row belongs to, by table. */
    private const OWNERS = [
        'kitchen_versions' => 'kitchen_id', 'dish_versions' => 'dish_id', 'list_ticks' => 'dish_id',
        'meal_versions' => 'meal_id', 'cook_events' => 'meal_cook_id', 'cooks' => 'meal_cook_id',
        'photographs' => 'cook_id',
    ];

    /** What a cook was begun from may be gone, or be another household's: then it is of none. */
    private const REFERS = ['dish_id' => 'dishes', 'meal_id' => 'meals'];

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
    public function look(Household $household, DateTimeImmutable $now): array
    {
        $found = array_fill_keys(
            [...array_column(Part::cases(), 'value'), 'photographs'],
            ['new' => 0, 'here' => 0, 'differs' => 0, 'elsewhere' => 0],
        );
        foreach ($this->entries() as [$part, $entry, $dishes]) {
            $this->reader($now)->read($part, $entry, $dishes);
            $cooks = array_map(static fn (array $dish): array => [Part::Cooks, $dish], $dishes);
            foreach ([[$part, $entry], ...$cooks] as [$of, $one]) {
                $thing = $one['thing'];
                $row = DB::table($of->table())->where('id', $thing['id'])->first(
                    ['household_id', ...in_array('version', $of->columns(), true) ? ['version'] : []]
                );
                $how = match (true) {
                    $row === null => 'new',
                    $row->household_id !== $household->id => 'elsewhere',
                    isset($row->version) && (int) $row->version !== (int) $thing['version'] => 'differs',
                    default => 'here',
                };
                $found[$of->value][$how] += $of === Part::Readings ? count((array) $thing['readings']) : 1;
                $found['photographs'][$how] += count((array) ($thing['photographs'] ?? []));
            }
        }

        return $found;
    }

    /**
     * Brings in what is not here yet: all of it or nothing. Each entry is read before anything is written.
     *
     * @throws Refused as look() does
     */
    public function take(Household $household, DateTimeImmutable $now): void
    {
        // What is slow, reading, is done before anything is locked; what was read waits in a file.
        $read = tmpfile();
        if ($read === false) {
            throw new LogicException('No temporary file can be made.');
        }
        foreach ($this->entries() as [$part, $entry, $dishes]) {
            $rows = $this->reader($now)->read($part, $entry, $dishes);
            fwrite($read, json_encode($rows, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n");
        }
        rewind($read);
        DB::transaction(function () use ($household, $read): void {
            $hasKitchen = DB::table('kitchens')->where('household_id', $household->id)->exists();
            $knowledge = Knowledge::fromArray($household->fresh()->knowledge ?? []);
            while (($line = fgets($read)) !== false) {
                /** @var Rows $rows */
                $rows = json_decode($line, true);
                foreach ($this->write($rows, $household, $hasKitchen) as $lesson) {
                    $knowledge = $knowledge->with($lesson);
                }
            }
            $household->update(['knowledge' => $knowledge->toArray()]);
        });
        fclose($read);
    }

    private function reader(DateTimeImmutable $now): EntryReader
    {
        return new EntryReader($now, $this->jpeg(...));
    }

    /**
     * @param  Rows  $rows
     * @return list<Lesson> what that which came in teaches
     */
    private function write(array $rows, Household $household, bool $hasKitchen): array
    {
        $left = $lessons = [];
        foreach ($rows as [$table, $row]) {
            // What is here stays as it is, and so does what belongs to it.
            $owner = $row[self::OWNERS[$table] ?? ''] ?? $row['lot_test_id'] ?? null;
            if (isset($left[(string) $owner]) || DB::table($table)->where('id', $row['id'])->exists()) {
                $left[(string) $row['id']] = true;

                continue;
            }
            foreach (self::REFERS as $column => $to) {
                if (isset($row[$column]) && ! $this->isHere($to, (string) $row[$column], $household)) {
                    $row[$column] = null;
                }
            }
            // One kitchen is cooked in: the one that is there. A device that speaks for another does not for this one.
            $mended = match ($table) {
                'kitchens' => $hasKitchen ? ['in_use' => 0] : [],
                'photographs' => ['jpeg' => ''],
                default => [],
            };
            if ($table === 'meters' && DB::table('meters')->where('token_sum', $row['token_sum'])->exists()) {
                $left[(string) $row['id']] = true;

                continue;
            }
            if ($table === 'readings' && ! $this->isHere('meters', (string) $row['meter_id'], $household)) {
                continue;
            }
            DB::table($table)->insert($mended + ['household_id' => $household->id] + $row);
            if ($table === 'photographs') {
                Photograph::putJpeg((string) $row['id'], $this->jpeg((string) $row['id']));
            }
            $lessons[] = match ($table) {
                'cooks' => (new Cook)->setRawAttributes($row)->lesson(),
                'lot_tests' => (new LotTest)->setRawAttributes($row)->lesson(),
                'stove_tests' => (new StoveTest)->setRawAttributes($row)->lesson(),
                'drill_answers' => (new DrillAnswer)->setRawAttributes($row)->lesson(),
                default => [],
            };
        }

        return $lessons;
    }

    private function isHere(string $table, string $id, Household $household): bool
    {
        return DB::table($table)->where('id', $id)->where('household_id', $household->id)->exists();
    }

    /**
     * The entries in the order in which they depend on one another; a meal at the stove with its dishes.
     *
     * @return Generator<int, array{Part, Entry, list<Entry>}>
     *
     * @throws Refused
     */
    private function entries(): Generator
    {
        $names = $this->names();
        $ofMeals = $alone = [];
        foreach ($names[Part::Cooks->value] ?? [] as $name) {
            $of = $this->entry($name)['thing']['meal_cook_id'] ?? null;
            is_string($of) ? $ofMeals[$of][] = $name : $alone[] = $name;
        }
        foreach (Part::cases() as $part) {
            foreach ($part === Part::Cooks ? [] : $names[$part->value] ?? [] as $name) {
                $entry = $this->entry($name);
                $id = (string) $entry['thing']['id'];
                $dishes = $part === Part::MealCooks ? array_map($this->entry(...), $ofMeals[$id] ?? []) : [];
                unset($ofMeals[$part === Part::MealCooks ? $id : '']);
                yield [$part, $entry, $dishes];
            }
            foreach ($part === Part::Cooks ? $alone : [] as $name) {
                yield [Part::MealCooks, ...EntryReader::ofOne($this->entry($name))];
            }
        }
        foreach ($ofMeals as $left) {
            throw Refused::because($left[0], 'refused.is-of-a-meal-that-is-not-there');
        }
    }

    /**
     * @return array<string, list<string>> names of entries by folder
     *
     * @throws Refused where something else is among them, or it is too much
     */
    private function names(): array
    {
        $names = [];
        $bytes = 0;
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
                throw Refused::because(
                    mb_substr(mb_scrub($name), 0, 120), 'refused.is-no-part-of-an-archive',
                );
            }
            $bytes += (int) $stat['size'];
            if ($bytes > self::MOST_IN_ALL) {
                throw Refused::because('file', 'refused.the-archive-is-too-large', gb: self::MOST_IN_ALL / 1e9);
            }
            $names[$folder][] = $name;
        }

        return $names;
    }

    /**
     * @return Entry
     *
     * @throws Refused
     */
    private function entry(string $name): array
    {
        $json = (string) $this->zip->getFromName($name, self::MOST_BYTES);
        $thing = json_decode($json, true, self::DEEPEST);
        if (! is_array($thing) || ($thing['id'] ?? null) !== pathinfo($name, PATHINFO_FILENAME)) {
            throw Refused::because($name, 'refused.is-no-part-of-an-archive');
        }

        /** @var array<string, mixed> $thing */
        return ['name' => $name, 'thing' => $thing, 'raw' => (array) json_decode($json, false, self::DEEPEST)];
    }

    private function jpeg(string $id): string
    {
        return (string) $this->zip->getFromName("photographs/{$id}.jpg", self::MOST_BYTES);
    }
}
