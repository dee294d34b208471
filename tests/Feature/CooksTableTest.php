<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\MealCook;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Psr\Clock\ClockInterface;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** The cooks as a table: out, and in from whatever a spreadsheet makes of it. */
final class CooksTableTest extends FeatureTestCase
{
    public function test_what_goes_out_comes_in_again_as_the_same_cooks(): void
    {
        $csv = (string) $this->get(route('cooks.file'))->assertOk()->assertHeader(
            'Content-Type', 'text/csv; charset=utf-8',
        )->getContent();
        $cooks = Cook::query()->whereNotNull('rice')->oldest('started_at')->get();
        self::assertCount($cooks->count() + 1, array_filter(explode("\n", $csv)));
        $this->look($csv)->assertOk()->assertSee('0 would be new')->assertSee($cooks->count().' are here already');
        $before = $cooks->map(static fn (Cook $cook): array => self::known($cook))->all();
        foreach ($cooks as $cook) {
            self::forget($cook);
        }
        app(Household::class)->update(['knowledge' => Household::foldedAgain()->toArray()]);
        $this->take($csv)->assertRedirect(route('notebook'));
        $after = Cook::query()->whereNotNull('rice')->oldest('started_at')->get();
        self::assertSame($before, $after->map(static fn (Cook $cook): array => self::known($cook))->all());
        $this->get('/notebook')->assertOk();
        $this->get(route('cook.record', $after->firstOrFail()))->assertOk();
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
    }

    public function test_a_spreadsheets_own_ways_are_read(): void
    {
        $name = $this->dish()->name;
        $rows = "Filling;Crust;Rice;Date;Minutes late;Lifted;Dish;Line\r\nright;Golden;Right;3.11.2026;12,4;5,5;{$name};\"gut; mürb\"\r\n;;;;;;;\r\nwet;dark;soft;2026-11-05 20:15;-3;6:10;".mb_strtoupper($name).";\r\n";
        foreach ([
            'utf-8 with a mark' => "\xEF\xBB\xBF{$rows}",
            'windows' => mb_convert_encoding($rows, 'Windows-1252', 'UTF-8'),
            'utf-16' => "\xFF\xFE".mb_convert_encoding($rows, 'UTF-16LE', 'UTF-8'),
            'tabs' => str_replace(['"gut; mürb"', ';', '§'], ['gut§ mürb', "\t", ';'], $rows),
        ] as $how => $table) {
            $looked = $this->look($table)->assertOk();
            if ($how !== 'utf-8 with a mark') {
                // The same row again is the same cook, whatever wrote it.
                $looked->assertSee('2 are here already');

                continue;
            }
            $looked->assertSee('2 would be new')->assertSee('gut; mürb')->assertSee('5 min 30 s')
                ->assertSee('3 Nov 2026 19:00');
            $before = Cook::query()->count();
            $this->take($table)->assertRedirect();
            self::assertSame($before + 2, Cook::query()->count());
        }
        $made = Cook::query()->where('summary->line', 'gut; mürb')->firstOrFail();
        self::assertSame(
            ['right', 'golden', 'right', 330, 12],
            [
                $made->summary['rice'] ?? '', $made->summary['crust'] ?? '', $made->summary['filling'] ?? '',
                $made->summary['lifted_s'] ?? 0, $made->summary['late_min'] ?? 0,
            ],
        );
    }

    public function test_what_does_not_hold_is_named_by_row_and_column_and_nothing_is_kept(): void
    {
        $name = $this->dish()->name;
        $before = Cook::query()->count();
        $head = 'date,dish,rice,crust,filling,minutes late,lifted,id';
        foreach ([
            ['', 'it is no table'], ["\0\1\2", 'it is no table'], ['a,b,c', 'it is no table'],
            ["date,dish\n2026-11-03,{$name}", 'it is no table'],
            [
                "{$head}\n2026-11-03,Nobody’s dish,right,golden,right,,,",
                'row 2/dish: &quot;Nobody’s dish&quot; is no dish',
            ],
            ["{$head}\n2026-11-03,{$name},fine,golden,right,,,", 'row 2/rice: &quot;fine&quot; is not known'],
            [
                "{$head}\n2026-11-03,{$name},right,golden,right,,,\n03/11/2026,{$name},right,golden,right,,,",
                'row 3/date: &quot;03/11/2026&quot; is no day',
            ],
            ["{$head}\n2026-02-30,{$name},right,golden,right,,,", 'is no day'],
            ["{$head}\n2026-11-03,{$name},right,golden,right,soon,,", 'row 2/minutes late'],
            ["{$head}\n2026-11-03,{$name},right,golden,right,9000,,", '9000 is out of range'],
            ["{$head}\n2026-11-03,{$name},right,golden,right,,-4,", 'row 2/lifted'],
            ["{$head}\n2026-11-03,{$name},right,golden,right,,,=cmd|x", 'is no ULID'],
            [$head."\n".str_repeat("2026-11-03,{$name},right,golden,right,,,\n", 501), 'at most 500 rows'],
        ] as [$table, $says]) {
            self::assertStringContainsString($says, (string) $this->look($table)->assertStatus(422)->getContent());
            $this->post(route('cooks.take'), ['table' => base64_encode($table)])->assertStatus(422);
        }
        self::assertSame($before, Cook::query()->count());
    }

    public function test_a_row_that_stands_there_twice_is_one_cook_and_its_own_apostrophes_are_read(): void
    {
        $name = $this->dish()->name;
        $row = "2026-11-03,{$name},right,golden,right,'-7,'+1 ate later";
        $table = "date,dish,rice,crust,filling,minutes late,line\n{$row}\n{$row}\n";
        $this->look($table)->assertOk()->assertSee('1 would be new')->assertSee('1 are here already');
        $this->take($table)->assertRedirect();
        $cook = Cook::query()->where('summary->line', '+1 ate later')->sole();
        self::assertSame(-7, $cook->summary['late_min'] ?? 0);
        $own = (string) $this->get(route('cooks.file'))->assertSee("'-7", false)->getContent();
        $this->look($own)->assertOk()->assertSee('0 would be new');
        self::forget($cook);
        $this->take($own)->assertRedirect();
        self::assertSame(-7, Cook::query()->findOrFail($cook->id)->summary['late_min'] ?? 0);
    }

    public function test_a_dish_is_found_in_any_capitals_and_moved_into_this_kitchen(): void
    {
        $kitchen = Kitchen::core()->toArray();
        $pots = array_map(static fn (array $pot): array => ['id' => "old-{$pot['id']}"] + $pot, $kitchen['pots']);
        $this->post(route('kitchens.import'), ['document' => json_encode(['name' => 'Old', 'pots' => $pots] + $kitchen)]);
        $document = json_decode((string) json_encode(['name' => 'Şölen pilavı'] + $this->dish()->document), true);
        $document['lid']['pot'] = "old-{$document['lid']['pot']}";
        $document['water']['pot'] = "old-{$document['water']['pot']}";
        (new Dish(['version' => 1]))->take(CoreDish::fromArray($document, app(Craft::class)))->save();
        $this->take("date,dish,rice,crust,filling\n2026-11-03,ŞÖLEN PILAVı,right,golden,right\n")->assertRedirect();
        $cook = Cook::query()->where('name', 'Şölen pilavı')->sole();
        self::assertArrayHasKey((string) $cook->pot, Kitchen::core()->equipment->pots);
        $this->get('/notebook')->assertOk();
        $this->get(route('cook.record', $cook))->assertOk();
    }

    public function test_each_cell_poisoned_is_refused_by_row_or_breaks_no_page(): void
    {
        $good = [
            'date' => '2026-11-03', 'dish' => $this->dish()->name, 'rice' => 'right', 'crust' => 'golden',
            'filling' => 'right', 'people' => '3', 'minutes late' => '4', 'lifted' => '5:30', 'line' => 'as it was',
            'id' => '',
        ];
        $poisons = [
            '', '-1', '0', '1e9', '9999-99-99', '2026-13-01', '2099-01-01', '1970-01-01', '03/11/2026', '2026-11-03 25:00',
            "\u{200B}", "'=1", '=cmd|x', '<b>x</b>', '{x}', '"', 'x;y', str_repeat('x', 3000), "a\nb", 'NaN', 'INF', '5:99',
            '5,5', '99', 'true', 'null', '[]', '01kq0000000000000000000000', "\xFF\xFE", 'ÄÖ', '120', '-240',
        ];
        $tried = $refused = 0;
        foreach (array_keys($good) as $column) {
            foreach ($poisons as $poison) {
                $tried++;
                $row = [$column => $poison] + $good;
                $table = (new CsvEncoder)->encode([array_merge($good, $row)], 'csv');
                $looked = $this->look($table);
                if ($looked->getStatusCode() === 422) {
                    $refused++;

                    continue;
                }
                $looked->assertOk();
                $before = Cook::query()->pluck('id')->all();
                $this->take($table)->assertRedirect();
                foreach (Cook::query()->whereNotIn('id', $before)->get() as $made) {
                    $this->get(route('cook.record', $made))->assertOk();
                    $this->get('/notebook')->assertOk();
                    $this->get(route('cooks.file'))->assertOk();
                    self::forget($made);
                }
            }
        }
        self::assertSame(320, $tried);
        self::assertGreaterThan(150, $refused);
        self::assertNull(MealCook::onTheStove(app(ClockInterface::class)->now()), 'none is open');
        $this->get('/notebook/trends')->assertOk();
    }

    /** @return array<string, mixed> */
    private static function known(Cook $cook): array
    {
        return [
            'id' => $cook->id, 'name' => $cook->name, 'served' => $cook->served_at?->format('Y-m-d H:i'),
            'eaters' => $cook->dish['usual']['eaters'] ?? null,
        ]
            + array_intersect_key(
                $cook->summary ?? [],
                ['rice' => 0, 'crust' => 0, 'filling' => 0, 'line' => 0, 'late_min' => 0, 'lifted_s' => 0],
            );
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function look(string $table): TestResponse
    {
        return $this->post(
            route('cooks.look'), ['file' => UploadedFile::fake()->createWithContent('cooks.csv', $table)],
        );
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function take(string $table): TestResponse
    {
        preg_match('/name="table" value="([^"]+)"/', (string) $this->look($table)->getContent(), $kept);

        return $this->post(route('cooks.take'), ['table' => $kept[1] ?? '']);
    }
}
