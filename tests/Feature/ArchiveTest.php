<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\Archive\ArchiveOut;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\Photograph;
use DateTimeImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Opis\JsonSchema\Validator;
use ZipArchive;

/** Everything a household keeps: out as one file, in on an empty installation, merged into a full one. */
final class ArchiveTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->photograph();
        $this->post(
            route('meal-cook.begin', Meal::query()->firstOrFail()), ['cook' => (string) Str::ulid(), 'when' => 'planned'],
        )->assertRedirect();
        $this->patchJson(
            route('dish.change', $this->dish()), ['path' => 'usual/eaters', 'value' => 4, 'version' => 1],
        )->assertOk();
        $this->postJson(
            route('dish.tick', $this->dish()), ['entry' => 'buy:onions|g', 'done' => true],
        )->assertNoContent();
    }

    public function test_what_goes_out_comes_in_on_an_empty_installation_and_is_equal(): void
    {
        $out = $this->archive();
        $before = $this->entries($out);
        $known = Household::known();
        self::assertGreaterThan(20, count($before));
        $this->emptied();
        $this->look($out)->assertOk()->assertSee('Bring in what is new');
        self::assertSame(0, Dish::query()->count(), 'a look keeps nothing');
        $this->take($out)->assertRedirect(route('shelf'));
        $after = $this->entries($this->archive());
        unset($before['archive.json'], $after['archive.json']);
        self::assertSame(array_keys($before), array_keys($after));
        foreach ($before as $name => $content) {
            self::assertSame($content, $after[$name], $name);
        }
        self::assertEqualsWithDelta(0, Household::known()->distance($known), 1e-6);
        foreach (
            [
                '/shelf', '/notebook', '/notebook/trends', '/kitchen', '/drill',
                route('pot', Dish::query()->firstOrFail()),
                route('cook.record', Cook::query()->whereNotNull('rice')->firstOrFail()),
            ] as $page
        ) {
            $this->get($page)->assertOk();
        }
        $this->get(
            route('photograph', Photograph::query()->firstOrFail())
        )->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_an_archive_made_in_one_language_opens_in_another(): void
    {
        $out = $this->archive();
        $before = $this->entries($out);
        $this->emptied();
        $this->post('/language', ['language' => 'fa']);
        $this->look($out)->assertOk()->assertSee('تازه‌ها را بیاور')->assertSee('آشپزخانه‌ها');
        $this->take($out)->assertRedirect(route('shelf'));
        $this->get('/notebook')->assertOk()->assertSee('پخت‌ها')->assertSee('The first heat ran on while the salad was made.');
        $after = $this->entries($this->archive());
        unset($before['archive.json'], $after['archive.json']);
        self::assertSame($before, $after, 'nothing that is kept hangs on the language it is read in');
    }

    /** As it was before a dish by itself was a meal of one: with its events, and of no meal. */
    public function test_an_archive_of_before_comes_in_with_every_cook(): void
    {
        $before = $this->entries($this->archive());
        $old = $before;
        foreach (Cook::query()->get() as $cook) {
            $meal = json_decode($before["meal-cooks/{$cook->id}.json"] ?? 'null', true);
            if ($meal === null) {
                continue;
            }
            unset($old["meal-cooks/{$cook->id}.json"]);
            // One row of before had one time of writing; two rows of today may stand on either side of a second.
            $record = array_intersect_key($meal, ['created_at' => 0, 'updated_at' => 0])
                + json_decode($before["cooks/{$cook->id}.json"], true);
            $before["cooks/{$cook->id}.json"] = (string) json_encode($record, JSON_PRESERVE_ZERO_FRACTION);
            $events = array_map(static fn (array $one): array => array_diff_key($one, ['dish' => 0]), $meal['events']);
            $old["cooks/{$cook->id}.json"] = (string) json_encode([
                'meal_cook_id' => null, 'place' => null, 'table_at' => $meal['table_at'], 'events' => $events,
            ] + $record, JSON_PRESERVE_ZERO_FRACTION);
        }
        self::assertLessThan(count($before) - 5, count($old));
        $this->emptied();
        $path = (string) tempnam(sys_get_temp_dir(), 'orbek');
        $this->zip($path, $old);
        $this->take($path)->assertRedirect(route('shelf'));
        $after = $this->entries($this->archive());
        unset($before['archive.json'], $after['archive.json']);
        self::assertEquals(array_keys($before), array_keys($after));
        foreach ($before as $name => $content) {
            self::assertEquals(json_decode($content, true), json_decode($after[$name], true), $name);
        }
    }

    /** India is five hours and a half before Greenwich: by the local clock a cook would begin after its own first tap. */
    public function test_cooks_begin_by_the_worlds_clock_wherever_the_kitchen_stands(): void
    {
        $kitchen = Kitchen::query()->where('in_use', true)->firstOrFail();
        $kitchen->update(['document' => ['timezone' => 'Asia/Kolkata'] + $kitchen->document]);
        $csv = "date,dish,rice,crust,filling,line\n2026-11-03 19:00,{$this->dish()->name},right,golden,right,far\n";
        $this->post(route('cooks.take'), ['table' => base64_encode($csv)])->assertRedirect();
        $read = Cook::query()->where('summary->line', 'far')->sole();
        self::assertLessThanOrEqual($this->first($read) + 3600, $read->started_at->getTimestamp());
        self::assertGreaterThan($this->first($read) - 8 * 3600, $read->started_at->getTimestamp());

        // As an older Orbek wrote it.
        $late = gmdate('Y-m-d H:i:s', $read->started_at->getTimestamp() + 19800);
        $write = static fn (): int => DB::table('meal_cooks')->where('id', $read->id)->update(['started_at' => $late]);
        self::assertSame(1, $write());
        $out = $this->archive();
        $this->emptied();
        $this->look($out)->assertOk();
        $this->take($out)->assertRedirect(route('shelf'));
        $in = Cook::query()->findOrFail($read->id);
        self::assertSame($this->first($in), $in->started_at->getTimestamp());
        $this->get(route('cook.record', $in))->assertOk();
    }

    private function first(Cook $cook): int
    {
        $first = DB::table('cook_events')->where('meal_cook_id', $cook->id)
            ->selectRaw("min(json_extract(document, '$.at')) as first")->value('first');

        return is_numeric($first) ? (int) $first : self::fail('nothing has happened in it');
    }

    public function test_every_file_of_it_keeps_to_its_schema(): void
    {
        $schema = (string) file_get_contents(base_path('schema/archive.json'));
        foreach ($this->entries($this->archive()) as $name => $content) {
            if (str_ends_with($name, '.json')) {
                self::assertTrue((new Validator)->validate(json_decode($content), $schema)->isValid(), $name);
            }
        }
    }

    public function test_into_a_full_one_comes_only_what_is_new_and_nothing_is_written_over(): void
    {
        $out = $this->archive();
        $dish = $this->dish();
        $gone = Cook::query()->whereNotNull('rice')->firstOrFail();
        self::forget($gone);
        $this->patchJson(
            route('dish.change', $dish), ['path' => 'usual/eaters', 'value' => 7, 'version' => 2],
        )->assertOk();
        $counts = [Dish::query()->count(), Cook::query()->count()];
        $this->look($out)->assertOk()->assertSeeInOrder(['dishes', 'cooks']);
        $this->take($out)->assertRedirect();
        self::assertSame([$counts[0], $counts[1] + 1], [Dish::query()->count(), Cook::query()->count()]);
        self::assertSame(7, $dish->refresh()->core()->table->eaters);
        self::assertNotNull(Cook::query()->find($gone->id));
        self::assertSame(1, DB::table('kitchens')->where('in_use', 1)->count());
        $this->look($out)->assertOk()->assertSee('All of it is here already');
    }

    public function test_an_archive_of_another_household_here_stays_where_it_is(): void
    {
        $out = $this->archive();
        $other = Household::query()->create(['name' => 'Next door', 'in_use' => true])->takeInUse();
        $this->look($out)->assertOk()->assertSee('All of it is here already');
        $this->take($out)->assertRedirect();
        self::assertSame(0, DB::table('dishes')->where('household_id', $other->id)->count());
    }

    public function test_what_is_no_archive_or_was_tampered_with_is_refused_by_name_and_nothing_is_kept(): void
    {
        $out = $this->archive();
        $entries = $this->entries($out);
        $cook = array_values(
            array_filter(array_keys($entries), static fn (string $name): bool => str_starts_with($name, 'cooks/'))
        )[0];
        $dish = array_values(
            array_filter(array_keys($entries), static fn (string $name): bool => str_starts_with($name, 'dishes/'))
        )[0];
        $picture = array_values(
            array_filter(array_keys($entries), static fn (string $name): bool => str_starts_with($name, 'photographs/'))
        )[0];
        $changed = static fn (string $name, string $was, string $is): array => [
            $name => (string) preg_replace($was, $is, $entries[$name], 1),
        ];
        $this->emptied();
        foreach ([
            'no zip' => ['hello', 'it is no archive'],
            'another zip' => [['readme.txt' => 'x'], 'it is no archive'],
            'a way out' => [['../../evil.php' => '<?php'] + $entries, 'no part of an archive'],
            'a script' => [['cooks/evil.php' => '<?php'] + $entries, 'no part of an archive'],
            'a broken dish' => [$changed($dish, '/"eaters": \d+/', '"eaters": -3') + $entries, 'eaters: -3'],
            'no dish' => [[$dish => '{'] + $entries, 'no part of an archive'],
            'a time that is none' => [
                $changed($cook, '/"started_at": "[^"]+"/', '"started_at": "soon"') + $entries, 'started_at',
            ],
            'an event of no kind' => [
                $changed("meal-{$cook}", '/"type": "served",\s+"at"/', '"type": "exploded", "at"') + $entries, 'exploded',
            ],
            'a picture that is none' => [[$picture => '<svg/>'] + $entries, 'it is no picture'],
        ] as $what => [$made, $says]) {
            $path = tempnam(sys_get_temp_dir(), 'orbek');
            self::assertIsString($path);
            is_string($made) ? file_put_contents($path, $made) : $this->zip($path, $made);
            self::assertStringContainsString(
                $says, (string) $this->look($path)->assertStatus(422)->getContent(), $what,
            );
        }
        self::assertSame(
            0, DB::table('dishes')->count() + DB::table('cooks')->count() + DB::table('kitchens')->count(),
        );
        $this->post(
            route('archive.take'), ['key' => (string) Str::ulid()],
        )->assertStatus(422)->assertSee('give it again');
        $this->post(route('archive.take'), ['key' => '../../../etc/passwd'])->assertStatus(422);
    }

    private function archive(): string
    {
        $path = sys_get_temp_dir().'/orbek-'.Str::ulid().'.zip';
        ArchiveOut::to($path, Household::inUse(), new DateTimeImmutable('2026-11-26 12:00'));
        $this->get('/archive/file')->assertOk()->assertHeader('Content-Type', 'application/zip');

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
        ksort($entries);

        return $entries;
    }

    /** @param  array<string, string>  $entries */
    private function zip(string $path, array $entries): void
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($entries as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
    }

    private function emptied(): void
    {
        Household::query()->firstOrFail()->delete();
        app()->instance(Household::class, Household::inUse());
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function look(string $path): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            route('archive.look'), ['file' => new UploadedFile($path, 'home.zip', 'application/zip', null, true)],
        );
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function take(string $path): \Illuminate\Testing\TestResponse
    {
        preg_match('/name="key" value="(\w+)"/', (string) $this->look($path)->getContent(), $key);

        return $this->post(route('archive.take'), ['key' => $key[1] ?? '']);
    }
}
