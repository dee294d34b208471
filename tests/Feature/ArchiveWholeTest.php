<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\Archive\ArchiveOut;
use App\Formats\Archive\EntryReader;
use App\Formats\Archive\Part;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\DrillAnswer;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\Meter;
use App\Models\MeterKind;
use App\Models\StoveTest;
use App\StandIns\GlassCamera;
use App\StandIns\PracticeClock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Refused;
use ZipArchive;

/** An archive holds all that a household keeps, table by table; and nothing comes in that breaks a page. */
final class ArchiveWholeTest extends FeatureTestCase
{
    /** What an installation keeps that no household takes along: who may sign in, and on what. */
    private const STAYS = ['members', 'invitations'];

    private PracticeClock $clock;

    protected function setUp(): void
    {
        parent::setUp();
        $this->clock = app(PracticeClock::class);
    }

    public function test_out_and_in_each_table_is_equal(): void
    {
        $this->fill();
        $before = $this->tables();
        self::assertGreaterThanOrEqual(15, count($before));
        foreach ($before as $table => $rows) {
            self::assertNotSame([], $rows, "{$table} has nothing to lose");
        }
        $out = $this->archive();
        Household::query()->firstOrFail()->delete();
        app()->instance(Household::class, Household::inUse());
        foreach ($this->tables() as $table => $rows) {
            self::assertSame([], $rows, $table);
        }
        $this->take($out)->assertRedirect(route('shelf'));
        foreach ($this->tables() as $table => $rows) {
            self::assertEquals($before[$table], $rows, $table);
        }
    }

    public function test_each_column_of_each_table_poisoned_is_refused_by_name_or_breaks_no_page(): void
    {
        $this->fill();
        $this->thinned();
        $out = $this->archive();
        $entries = $this->entries($out);
        $reader = new EntryReader(
            $this->clock->now(), static fn (string $id): string => $entries["photographs/{$id}.jpg"] ?? '',
        );
        $tried = $refused = $mended = 0;
        $taken = [];
        foreach ($this->samples($entries) as [$part, $name, $dishes]) {
            $ofDishes = array_map(static fn (string $one): array => self::entry($one, $entries[$one]), $dishes);
            $whole = $reader->read($part, self::entry($name, $entries[$name]), $ofDishes);
            $whose = [$name => $part] + array_fill_keys(array_slice($dishes, 0, 1), Part::Cooks);
            foreach ($whose as $poisonedOne => $of) {
                foreach ($this->poisoned($of, $entries[$poisonedOne]) as $what => $json) {
                    $tried++;
                    $with = [$poisonedOne => $json] + $entries;
                    $ofDishes = array_map(static fn (string $one): array => self::entry($one, $with[$one]), $dishes);
                    try {
                        if ($reader->read($part, self::entry($name, $with[$name]), $ofDishes) === $whole) {
                            $mended++;
                        } else {
                            $taken[] = [
                                $part, $with[$name], array_map(static fn (string $one): string => $with[$one], $dishes),
                            ];
                        }
                    } catch (Refused $no) {
                        $isNamed = str_starts_with($no->field, $name) || str_starts_with($no->field, $poisonedOne);
                        self::assertTrue($isNamed, "{$what}: {$no->field}");
                        $refused++;
                    }
                }
            }
        }
        self::assertGreaterThan(2000, $tried);
        self::assertGreaterThan(800, $refused);
        $ids = $this->takeAll($taken, $entries);
        self::assertGreaterThan(40, $mended);
        self::assertGreaterThan(40, count($taken));
        $walked = $this->walk($ids);
        self::assertGreaterThan(count($taken), $walked);
        fwrite(STDERR, getenv('ORBEK_COUNTS') === false ? '' : "archive: {$tried} values, {$refused} refused, {$mended} mended, {$walked} pages walked\n");
    }

    /** @return array{name: string, thing: array<string, mixed>, raw: array<string, mixed>} */
    private static function entry(string $name, string $json): array
    {
        return ['name' => $name, 'thing' => (array) json_decode($json, true), 'raw' => (array) json_decode($json)];
    }

    /** Something in every table. */
    private function fill(): void
    {
        $this->photograph();
        $now = $this->clock->now();
        $meal = Meal::query()->where('name', 'like', 'Lentil%')->firstOrFail();
        $this->patchJson(
            route('meal.change', $meal), ['path' => 'eaters', 'value' => 4, 'version' => 1],
        )->assertOk();
        $id = (string) Str::ulid();
        $this->post(route('meal-cook.begin', $meal), ['cook' => $id, 'when' => 'planned'])->assertRedirect();
        $cook = MealCook::query()->findOrFail(strtolower($id));
        $event = static fn (string $type, array $more = []): array => [
            'id' => (string) Str::ulid(), 'type' => $type, 'at' => $now->getTimestamp() + 1,
        ] + $more;
        $this->postJson(route('meal-cook.events', $cook), ['events' => [
            $event('late', ['minutes' => 10]), $event('started', ['subject' => 'rinse', 'dish' => 0]),
        ]])->assertOk();
        $this->patchJson(
            route('dish.change', $this->dish()), ['path' => 'usual/eaters', 'value' => 4, 'version' => 1],
        )->assertOk();
        $this->postJson(route('dish.tick', $this->dish()), ['entry' => 'buy:onions|g', 'done' => true])->assertNoContent();
        $this->post(route('kitchen.thing', 'plate'), ['name' => 'iron', 'kg' => '2', ...$this->seenKitchen()])->assertRedirect();
        $this->post(route('lot.test', 'lakeside-sack'), [
            'soak_min' => '30', 'soak_c' => '20', 'tests' => [['minutes' => '6', 'stage' => 'half']],
        ])->assertRedirect();
        // One of a bag's test boil, read under glass.
        $this->post(route('lot.glass', 'lakeside-sack'), [
            'id' => (string) Str::ulid(), 'test' => (string) Str::ulid(), 'shows' => 'glass', 'began' => $now->getTimestamp() - 400,
            'at' => $now->getTimestamp(), 'soak_min' => '30', 'soak_c' => '20',
            'picture' => UploadedFile::fake()->createWithContent('g.jpg', (new GlassCamera)->spoonful(0.7)),
        ])->assertRedirect();
        $this->post(route('stoves.test'), [
            'pot' => 'steel-24', 'burner' => 'ring-2', 'litres' => '2', 'from_c' => '20', 'to_c' => '80', 'minutes' => '7',
            'setting' => '100',
        ])->assertRedirect();
        self::assertSame(1, StoveTest::query()->count());
        foreach ([['stage', 'half', 'snaps', null], ['far', 'half', null, 0.4], ['lift', 'half', null, null]] as [$round, $asked, $answered, $said]) {
            DrillAnswer::query()->create([
                'round' => $round, 'asked' => $asked, 'answered' => $answered, 'off' => 0.1, 'said' => $said,
                'form' => $round === 'lift' ? null : 'plates', 'seed' => $round === 'lift' ? null : 7,
                'doneness' => $round === 'lift' ? null : 0.5, 'answered_at' => $now, 'session' => (string) Str::ulid(), 'who' => '',
            ]);
        }
        $token = Meter::connect('the probe', MeterKind::Temperature, $now);
        foreach ([20, 60, 90] as $s => $value) {
            $this->postJson(
                route('reading', $token), ['value' => $value, 'unit' => 'C', 'at' => $now->getTimestamp() + 20 * $s - 60],
            )->assertSuccessful();
        }
        $this->post(route('supper.begin'), ['dish' => $this->dish()->id])->assertRedirect();
        Household::query()->firstOrFail()->update(['knowledge' => Household::foldedAgain()->toArray()]);
    }

    /** Little enough to poison all of it: two dishes, one meal, a noted cook, the practice and the meal at the stove. */
    private function thinned(): void
    {
        $cook = MealCook::query()->whereNotNull('meal')->firstOrFail();
        Dish::query()->whereNotIn('id', [$this->dish()->id, ...Cook::query()->where('meal_cook_id', $cook->id)->pluck('dish_id')])->forceDelete();
        Meal::query()->whereKeyNot($cook->meal_id)->delete();
        $noted = MealCook::query()->whereHas('events')->whereNotNull('served_at')->oldest('started_at')->firstOrFail();
        $gone = MealCook::query()->whereNull('meal')->whereKeyNot($noted->id)->pluck('id');
        Cook::query()->whereIn('meal_cook_id', $gone)->delete();
        MealCook::query()->whereKey($gone)->delete();
    }

    /**
     * @param  array<string, string>  $entries
     * @return list<array{Part, string, list<string>}> one of each kind; a meal's cook with those of its dishes
     */
    private function samples(array $entries): array
    {
        $samples = [];
        foreach (Part::cases() as $part) {
            $names = array_values(array_filter(
                array_keys($entries), static fn (string $name): bool => str_starts_with($name, "{$part->value}/"),
            ));
            self::assertNotSame([], $names, $part->value);
            $of = static fn (string $name): ?string => json_decode($entries[$name], true)['meal_cook_id'] ?? null;
            // A dish goes with what it was cooked in.
            $most = [Part::DrillAnswers->value => 3, Part::MealCooks->value => 3, Part::Cooks->value => 0];
            foreach (array_slice($names, 0, $most[$part->value] ?? 1) as $name) {
                $dishes = $part !== Part::MealCooks ? [] : array_values(array_filter(
                    array_keys($entries), static fn (string $one): bool => str_starts_with($one, 'cooks/') && $of($one) === basename($name, '.json'),
                ));
                $samples[] = [$part, $name, $dishes];
            }
        }

        return $samples;
    }

    /** @return iterable<string, string> the entry with one value of it poisoned: each column, and each field of an event */
    private function poisoned(Part $part, string $json): iterable
    {
        $poisons = [
            'null' => null, 'empty' => '', 'minus one' => -1, 'a fraction' => 3.5, 'huge' => 1e300, 'a flag' => true,
            'a list' => [], 'an object' => (object) [], 'nested' => ['a' => ['b' => [1]]], 'long' => str_repeat('x', 5000),
            'nul' => "a\0b", 'a day that is none' => '9999-99-99 10:00:00', 'month 13' => '2026-13-01 10:00:00',
            'long ago' => '1970-01-01 00:00:00', 'far ahead' => '2096-01-01 00:00:00', 'braces' => '{x} <b>',
            'no such' => 'risotto',
        ];
        $thing = json_decode($json);
        assert($thing instanceof \stdClass);
        $paths = array_map(static fn (string $column): array => [$column], $part->columns());
        foreach ($part->children() + ($part === Part::Readings ? ['readings' => ['columns' => ['value', 'read_at']]] : []) as $list => $child) {
            $paths[] = [$list];
            if (is_array($thing->{$list}) && isset($thing->{$list}[0])) {
                $last = array_key_last($thing->{$list});
                foreach (['id', ...$child['columns']] as $column) {
                    $paths[] = [$list, $last, $column];
                }
                foreach ($list === 'events' ? array_keys((array) $thing->{$list}[$last]->document) : [] as $field) {
                    $paths[] = [$list, $last, 'document', $field];
                }
            }
        }
        foreach ($paths as $path) {
            foreach ($poisons as $what => $poison) {
                $poisoned = json_decode($json);
                $at = &$poisoned;
                foreach ($path as $step) {
                    if (is_array($at)) {
                        $at = &$at[$step];
                    } else {
                        $at = &$at->{$step};
                    }
                }
                $at = $poison;
                unset($at);
                yield implode('/', $path).": {$what}" => (string) json_encode($poisoned, JSON_PRESERVE_ZERO_FRACTION);
            }
        }
    }

    /**
     * Brings all that was not refused into an empty installation, each under ids of its own.
     *
     * @param  list<array{Part, string, list<string>}>  $taken
     * @param  array<string, string>  $entries
     * @return array<string, list<string>> ids by kind
     */
    private function takeAll(array $taken, array $entries): array
    {
        $made = ['archive.json' => $entries['archive.json']];
        foreach ($entries as $name => $content) {
            $isReferred = preg_match('#^(kitchens|dishes|meters)/#', $name) === 1;
            $made += $isReferred ? [$name => $content] : [];
        }
        $ids = [];
        foreach ($taken as [$part, $thing, $dishes]) {
            $fresh = [];
            foreach ([$thing, ...$dishes] as $json) {
                $read = (array) json_decode($json, true);
                foreach ([$read['id'] ?? '', ...array_column((array) ($read['events'] ?? []), 'id'), ...array_column((array) ($read['versions'] ?? []), 'id'),
                    ...array_column((array) ($read['ticks'] ?? []), 'id'), ...array_column((array) ($read['readings'] ?? []), 'id'), ...array_column((array) ($read['photographs'] ?? []), 'id')] as $id) {
                    $fresh[(string) $id] ??= (string) Str::ulid();
                }
            }
            foreach ([[$part, $thing], ...array_map(static fn (string $one): array => [Part::Cooks, $one], $dishes)] as [$of, $json]) {
                foreach ($fresh as $id => $new) {
                    $json = str_replace([strtolower($id), strtoupper($id)], [strtolower($new), $new], $json);
                }
                $id = json_decode($json, true)['id'];
                if (str_contains($json, '"token_sum"')) {
                    $json = (string) preg_replace('/"token_sum":"\w+"/', '"token_sum":"'.hash('sha256', $id).'"', $json);
                }
                $made["{$of->value}/{$id}.json"] = $json;
                $ids[$of->value][] = $id;
            }
            foreach ($fresh as $id => $new) {
                if (isset($entries["photographs/{$id}.jpg"])) {
                    $made['photographs/'.strtolower($new).'.jpg'] = $entries["photographs/{$id}.jpg"];
                }
            }
        }
        Household::query()->firstOrFail()->delete();
        app()->instance(Household::class, Household::inUse());
        $path = (string) tempnam(sys_get_temp_dir(), 'orbek');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($made as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $this->take($path)->assertRedirect(route('shelf'));

        return $ids;
    }

    /**
     * @param  array<string, list<string>>  $ids
     * @return int how many pages were opened
     */
    private function walk(array $ids): int
    {
        $paths = [
            '/kitchen', '/kitchen/things', '/kitchen/stoves', '/kitchen/lots/lakeside-sack', '/drill', '/notebook/trends', '/stove',
            '/notebook/cooks.csv', '/archive/file', '/kitchen/file', '/clock', '/pot',
            ...$this->pages('/notebook', Cook::query()->count() / 10),
            ...$this->pages('/notebook/meals', (Meal::query()->count() + MealCook::query()->count()) / 20),
            ...$this->pages('/shelf', Dish::query()->count() / 8),
            ...$this->pages('/shelf/put-away', Dish::onlyTrashed()->count() / 30),
            ...array_map(static fn (string $id): string => route('pot', $id), $this->living('dishes', $ids)),
            ...array_map(static fn (string $id): string => route('meal', $id), $ids['meals'] ?? []),
            ...array_map(static fn (string $id): string => route('meal-cook', $id), $ids['meal-cooks'] ?? []),
            ...array_map(static fn (string $id): string => route('cook.record', $id), $ids['cooks'] ?? []),
            ...array_map(static fn (string $id): string => route('cook', $id), $ids['cooks'] ?? []),
            ...array_map(static fn (string $id): string => route('kitchen.versions', $id), $ids['kitchens'] ?? []),
            ...array_map(static fn (string $id): string => route('dish.versions', $id), $this->living('dishes', $ids)),
        ];
        Kitchen::query()->update(['in_use' => false]);
        foreach ($paths as $path) {
            $answer = $this->get($path);
            $isOpen = in_array($answer->getStatusCode(), [200, 302], true);
            self::assertTrue($isOpen, $path.' '.($isOpen ? '' : ($answer->exception?->getMessage() ?? '')));
        }

        return count($paths);
    }

    /** @return list<string> all pages of a list */
    private function pages(string $path, float $count): array
    {
        return array_map(static fn (int $page): string => "{$path}?page={$page}", range(1, 1 + (int) $count));
    }

    /**
     * @param  array<string, list<string>>  $ids
     * @return list<string> those that were not put away
     */
    private function living(string $table, array $ids): array
    {
        return array_values(DB::table($table)->whereIn('id', $ids[$table] ?? [])->whereNull('deleted_at')->pluck('id')->all());
    }

    /** @return array<string, array<string, array<string, mixed>>> rows by id, by table; without what SQLite computes */
    private function tables(): array
    {
        $tables = [];
        foreach (DB::select("select name from sqlite_master where type = 'table'") as $table) {
            $columns = array_column(DB::select("pragma table_info({$table->name})"), 'name');
            if (! in_array('household_id', $columns, true) || in_array($table->name, self::STAYS, true)) {
                continue;
            }
            $rows = DB::table($table->name)->get($columns)->keyBy('id')->map(static fn (\stdClass $row): array => array_diff_key(
                (array) $row, ['household_id' => 0],
            ))->all();
            ksort($rows);
            $tables[$table->name] = array_map(static fn (array $row): array => array_map(
                // Documents are compared as what they say, not as how they are written.
                static fn (mixed $value): mixed => is_string($value) && preg_match('/^[{\[]/', $value) === 1 ? json_decode($value, true) : $value, $row,
            ), $rows);
        }

        return $tables;
    }

    private function archive(): string
    {
        $path = sys_get_temp_dir().'/orbek-'.Str::ulid().'.zip';
        ArchiveOut::to($path, Household::inUse(), $this->clock->now());

        return $path;
    }

    /** @return array<string, string> */
    private function entries(string $path): array
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $entries = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entries[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $entries;
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function take(string $path): \Illuminate\Testing\TestResponse
    {
        $file = new UploadedFile($path, 'home.zip', 'application/zip', null, true);
        $look = $this->post(route('archive.look'), ['file' => $file])->assertOk();
        preg_match('/name="key" value="(\w+)"/', (string) $look->getContent(), $key);

        return $this->post(route('archive.take'), ['key' => $key[1] ?? '']);
    }
}
