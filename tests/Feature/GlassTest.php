<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Household;
use App\Models\LotTest;
use App\Models\Photograph;
use App\StandIns\Camera;
use App\StandIns\GlassCamera;
use App\StandIns\GlassTrials;
use App\StandIns\PracticeClock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Soak;
use PHPUnit\Framework\Attributes\DataProvider;

/** Grains under glass, photographed: in a boil, in a bag's test, and what cannot be read. */
final class GlassTest extends FeatureTestCase
{
    private const BAG = 'september-bag';

    public function test_a_photograph_in_the_boil_moves_its_window_at_its_own_time(): void
    {
        [$cook, $began] = $this->boiling(320);
        $before = $this->forecast($cook);
        $lift = $before->liftAt();
        // Slower rice than was thought: a quarter less done than foretold.
        $isDone = max(0.4, $before->donenessAfter(280) - 0.2);
        $id = (string) Str::ulid();
        $taken = $began + 300;
        $this->send($cook, (new GlassCamera)->spoonful($isDone), $id, $taken)->assertOk();

        $after = $this->forecast($cook);
        self::assertGreaterThan($lift + 20, $after->liftAt(), 'it is lifted later');
        self::assertLessThan($before->today->sd(), $after->today->sd(), 'and surer');
        $photograph = Photograph::query()->sole();
        self::assertEqualsWithDelta($isDone, $photograph->read()?->doneness, 0.08);
        $event = CookEvent::query()->where('type', 'glassed')->sole();
        self::assertSame([$taken - 20, strtolower($id)], [(int) $event->document['at'], $event->document['picture']]);

        $this->send($cook, (new GlassCamera)->spoonful(0.9), $id, $taken)->assertOk();
        self::assertSame(1, CookEvent::query()->where('type', 'glassed')->count(), 'sent again it is the same');
        $page = $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk();
        $page->assertSee('done, give or take')->assertSee('data-grain="0"',
            false)->assertSee('not from real photographs');
    }

    public function test_one_that_was_away_counts_when_it_arrives_at_its_own_time(): void
    {
        [$cook, $began] = $this->boiling(320);
        $cook->tell('done', ['subject' => 'boil'], app(PracticeClock::class)->now());
        app(PracticeClock::class)->putForward(2400);
        $this->send($cook, (new GlassCamera)->spoonful(0.6), (string) Str::ulid(), $began + 300)->assertOk();

        self::assertSame([280.0],
            array_column($cook->fresh()?->fold(app(PracticeClock::class)->now())->state->observations ?? [],
                'seconds'));
        self::assertArrayHasKey('taught', Cook::query()->findOrFail($cook->id)->summary ?? []);
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
    }

    public function test_a_grain_that_is_tapped_out_counts_no_more_and_can_be_brought_back(): void
    {
        [$cook, $began] = $this->boiling(320);
        $this->send($cook, (new GlassCamera)->spoonful(0.7), (string) Str::ulid(), $began + 300);
        $photograph = Photograph::query()->sole();
        $was = $photograph->read();
        self::assertNotNull($was);
        $used = array_keys(array_filter($was->grains, static fn (array $one): bool => $one['used']));
        $this->post(route('photograph.grain', $photograph), ['grain' => $used[0], 'counts' => 0])->assertRedirect();
        $is = $photograph->refresh()->read();
        self::assertSame($was->used() - 1, $is?->used());
        self::assertNotSame($was->doneness, $is->doneness);
        self::assertCount(1, $this->fold($cook)->state->observations, 'the last reading of a picture counts');
        self::assertEqualsWithDelta($is->doneness, $this->fold($cook)->state->observations[0]->doneness, 1e-3);

        $this->postJson(route('photograph.grain', $photograph), ['grain' => $used[0], 'counts' => 1])->assertOk();
        self::assertSame($was->doneness, $photograph->refresh()->read()?->doneness);
        $this->postJson(route('photograph.grain', $photograph), ['grain' => 400, 'counts' => 0])->assertStatus(422)
            ->assertJsonPath('message', static fn (string $says): bool => str_contains($says, 'there is no grain 401'));
        foreach (array_slice($used, 0, -5) as $grain) {
            $this->post(route('photograph.grain', $photograph), ['grain' => $grain, 'counts' => 0])->assertRedirect();
        }
        $this->post(route('photograph.grain', $photograph), ['grain' => $used[count($used) - 1], 'counts' => 0])
            ->assertStatus(422)->assertSee('only 4 grains');
    }

    public function test_glass_and_scale_are_held_against_each_other(): void
    {
        [$cook, $began] = $this->boiling(320);
        $this->send($cook, (new GlassCamera)->spoonful(0.7), (string) Str::ulid(), $began + 300);
        $cook->tell('weighed', ['subject' => 'boil', 'raw_g' => 10, 'drained_g' => 22],
            app(PracticeClock::class)->now());
        $pairs = Cook::query()->findOrFail($cook->id)->summary['glass'] ?? [];
        self::assertCount(1, $pairs);
        self::assertEqualsWithDelta($pairs[0]['by_glass'], $pairs[0]['by_scale'], 0.15);
        $this->get(route('lot', self::BAG))->assertSee('Once a spoonful was weighed beside a photograph');
    }

    public function test_outside_a_boil_nothing_is_kept_and_that_is_said(): void
    {
        $cook = $this->begun();
        $this->send($cook, (new GlassCamera)->spoonful(0.7), (string) Str::ulid(),
            now()->getTimestamp())->assertStatus(422)
            ->assertJsonPath('message',
                'picture: the rice was not in the boil when it was taken; begin the boil first.');
        self::assertSame(0, Photograph::query()->count());
    }

    public function test_three_photographs_over_minutes_teach_a_bag_its_factor(): void
    {
        $bag = \App\Models\Kitchen::core()->bag(self::BAG, 'lot');
        $soak = Soak::of(30, 20);
        $boil = Boil::of(
            CookingFront::of($bag->kind, $soak), Boil::soaked(Mass::grams(10), $bag->kind, $soak), Mass::grams(1000),
            1000,
            \App\Models\Kitchen::core()->boilC(), 20,
        );
        $factor = 1.2;
        $test = (string) Str::ulid();
        $began = now()->getTimestamp() - 3600;
        $at = array_map(static fn (float $to): int => (int) round($boil->secondsTo($to, $factor)), [0.5, 0.68, 0.85]);
        // The second arrives last: it was on its way when the server was gone.
        foreach ([0, 2, 1] as $i) {
            $this->bag($test, $began, $began + $at[$i] + 20, (new GlassCamera)->spoonful(
                $boil->donenessAfter($at[$i], $factor), 40 + $i,
            ))->assertOk();
        }
        $kept = LotTest::query()->where('id', strtolower($test))->sole();
        self::assertSame($at, array_map(static fn (array $one): int => (int) $one['seconds'],
            $kept->document['tests']));
        $alone = Knowledge::none()->with($kept->lesson())->bag(self::BAG);
        self::assertEqualsWithDelta($factor, $alone->likely(), 0.1);
        self::assertLessThan(0.08, $alone->sd());
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
        $this->get(route('lot', self::BAG))->assertOk()->assertSee('% under glass')->assertSee('data-grain="0"', false);

        $photograph = Photograph::query()->firstOrFail();
        $before = $kept->likelihood;
        $this->post(route('photograph.grain', $photograph), ['grain' => 0, 'counts' => 0])->assertRedirect();
        self::assertNotEquals($before, $kept->refresh()->likelihood);
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
        $this->post(route('lot.test.back', [self::BAG, $kept]))->assertRedirect();
        self::assertSame(0, Photograph::query()->count(), 'what was photographed for it goes with it');
    }

    public function test_what_a_bags_page_sends_wrongly_is_said_by_name(): void
    {
        $now = now()->getTimestamp();
        $jpeg = (new GlassCamera)->spoonful(0.7);
        $this->bag('no id', $now - 300, $now, $jpeg)->assertStatus(422)->assertJsonPath(
            'message', 'test: "no id" is no ULID; load the page again.',
        );
        $this->bag((string) Str::ulid(), $now - 10, $now, $jpeg)->assertStatus(422)->assertJsonPath(
            'message', static fn (string $says): bool => str_starts_with($says, 'seconds: -10 is out of range'),
        );
        $test = (string) Str::ulid();
        $this->bag($test, $now - 300, $now, $jpeg)->assertOk();
        $this->post(route('lot.glass', 'lakeside-sack'), [
            'id' => (string) Str::ulid(), 'test' => $test, 'began' => $now - 300, 'at' => $now, 'soak_min' => 30,
            'soak_c' => 20, 'picture' => UploadedFile::fake()->createWithContent('g.jpg', $jpeg),
        ], ['Accept' => 'application/json'])->assertStatus(422)->assertJsonPath(
            'message', 'test: this id is taken; load the page again.',
        );
        $this->post(route('lot.test.back', [self::BAG, LotTest::query()->findOrFail(strtolower($test))]));
        self::assertSame(0, Photograph::query()->count());
        self::assertFalse(LotTest::query()->where('document->tests->0->picture', '!=', null)->exists());
    }

    public function test_made_pictures_are_read_as_well_as_is_told_and_bags_better_than_by_touch(): void
    {
        $row = (new GlassTrials(3))->row('all at once', 24);
        self::assertLessThan(0.05, $row['median_error']);
        self::assertLessThan(4, $row['refused']);
        self::assertGreaterThan(0.55, $row['stated_true']);
        $bags = (new GlassTrials(4))->bags(8);
        self::assertLessThan($bags['touch']['error'], $bags['glass']['error']);
        $boils = (new GlassTrials(5))->boils(8);
        self::assertLessThan(0.6 * $boils['without']['wide_s'], $boils['with']['wide_s']);
    }

    public function test_the_command_reads_a_file_and_refuses_by_name(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'orbek-glass');
        file_put_contents($file, (new GlassCamera)->spoonful(0.6));
        self::assertSame(0, Artisan::call('orbek:glass', ['file' => $file]));
        $told = json_decode(Artisan::output(), true);
        self::assertEqualsWithDelta(0.6, $told['doneness'], 0.06);
        self::assertSame(count(array_filter($told['outlined'], static fn (array $one): bool => $one['used'])),
            $told['grains']);
        self::assertSame(1, Artisan::call('orbek:glass', ['--made' => 'many']));
        self::assertSame(1, Artisan::call('orbek:glass', ['file' => '/none/such.jpg']));
        unlink($file);
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_refused_with_its_cure(string $jpeg, string $says): void
    {
        $now = now()->getTimestamp();
        $this->bag((string) Str::ulid(), $now - 300, $now, $jpeg)->assertStatus(422)->assertJsonPath(
            'message', static fn (string $said): bool => str_contains($said, $says),
        );
        self::assertSame(0, Photograph::query()->count());
    }

    public function test_forty_megabytes_are_too_many(): void
    {
        $now = now()->getTimestamp();
        $this->post(route('lot.glass', self::BAG), [
            'id' => (string) Str::ulid(), 'test' => (string) Str::ulid(), 'began' => $now - 300, 'at' => $now,
            'soak_min' => 30, 'soak_c' => 20, 'picture' => UploadedFile::fake()->create('g.jpg', 40_000, 'image/jpeg'),
        ], ['Accept' => 'application/json'])->assertStatus(422)->assertJsonPath(
            'message', static fn (string $said): bool => str_contains($said, 'too large'),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        $drawn = static function (int $ground, callable $draw): string {
            $image = imagecreatetruecolor(640, 480) ?: throw new \LogicException('no picture');
            imagefill($image, 0, 0, $ground);
            $draw($image);
            ob_start();
            imagejpeg($image, null, 88);

            return (string) ob_get_clean();
        };
        $nothing = static fn () => null;
        $keys = static function (\GdImage $on): void {
            for ($key = 0; $key < 72; $key++) {
                [$x, $y] = [20 + 50 * ($key % 12), 40 + 65 * intdiv($key, 12)];
                imagefilledrectangle($on, $x, $y, $x + 40, $y + 50, 0xDDDDDD);
                imagestring($on, 5, $x + 15, $y + 15, chr(65 + $key % 26), 0);
            }
        };
        $lamp = static function (\GdImage $on): void {
            for ($wide = 420; $wide > 200; $wide -= 4) {
                imagefilledellipse($on, 320, 240, $wide, (int) (0.8 * $wide), (int) imagecolorallocatealpha($on, 255,
                    255, 255, 110));
            }
            for ($one = 0; $one < 8; $one++) {
                imagefilledellipse($on, 80 + 70 * $one, 30 + 420 * ($one % 2), 60, 22, 0xB0B0A8);
            }
            imagefilledellipse($on, 320, 240, 220, 180, 0xFFFFFF);
        };
        yield 'a lamp in the glass' => [$drawn(0x181818, $lamp), 'a lamp is seen in the glass'];
        yield 'all black' => [$drawn(0, $nothing), 'no grain of rice is seen'];
        yield 'all white' => [$drawn(0xFFFFFF, $nothing), 'no grain of rice is seen'];
        yield 'a keyboard' => [$drawn(0x202020, $keys), 'it is no rice'];
        yield 'one grain' => [(new GlassCamera(grains: 1))->spoonful(0.7), 'only one grain lies by itself'];
        yield 'two hundred grains' => [(new GlassCamera(grains: 200, mm: 160))->spoonful(0.7), 'too small to be read'];
        yield 'much too blurred' => [(new GlassCamera(blur: 9))->spoonful(0.7), 'too blurred'];
        yield 'raw nearly' => [(new GlassCamera)->spoonful(0.2, 6), 'less than a third done'];
        yield 'a crust' => [(new Camera)->crust(1.0), 'picture: '];
        yield 'no picture' => ['not one', 'it is no picture'];
    }

    /** @return array{Cook, int} a cook whose rice has been in the boil for so long, and when it went in */
    private function boiling(int $seconds): array
    {
        $cook = $this->begun();
        $began = app(PracticeClock::class)->now()->getTimestamp();
        $cook->tell('started', ['subject' => 'boil'], app(PracticeClock::class)->now());
        app(PracticeClock::class)->putForward($seconds);

        return [Cook::query()->findOrFail($cook->id), $began];
    }

    private function fold(Cook $cook): \Orbek\Core\Cook\Cook
    {
        return Cook::query()->findOrFail($cook->id)->fold(app(PracticeClock::class)->now());
    }

    private function forecast(Cook $cook): BoilForecast
    {
        return $this->fold($cook)->forecast() ?? self::fail('its rice is boiled');
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function send(Cook $cook, string $jpeg, string $id, int $at): TestResponse
    {
        return $this->post(route('photographs.keep', $cook), [
            'id' => $id, 'shows' => 'glass', 'at' => $at, 'picture' => UploadedFile::fake()->createWithContent('g.jpg',
                $jpeg),
        ], ['Accept' => 'application/json']);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function bag(string $test, int $began, int $at, string $jpeg): TestResponse
    {
        return $this->post(route('lot.glass', self::BAG), [
            'id' => (string) Str::ulid(), 'test' => $test, 'shows' => 'glass', 'began' => $began, 'at' => $at,
            'soak_min' => 30,
            'soak_c' => 20, 'picture' => UploadedFile::fake()->createWithContent('g.jpg', $jpeg),
        ], ['Accept' => 'application/json']);
    }
}
