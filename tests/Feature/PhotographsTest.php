<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\PictureFile;
use App\Models\Cook;
use App\Models\Household;
use App\Models\Photograph;
use App\StandIns\Camera;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Orbek\Core\Lid\CrustColour;

/** Photographs of a cook, and a crust's colour measured in one. */
final class PhotographsTest extends FeatureTestCase
{
    public function test_a_photograph_is_made_small_upright_and_bare_of_place_and_maker(): void
    {
        $cook = $this->noted();
        $this->keep(
            $cook, $this->turned((new Camera(width: 1600, height: 1200))->crust(0.8)),
            '"><script>alert(1)</script>.jpg',
        )->assertRedirect();
        $photograph = Photograph::query()->firstOrFail();
        self::assertSame(
            [960, 1280], [$photograph->width, $photograph->height], 'it was taken with the phone on its side',
        );
        $answer = $this->get(
            route('photograph', $photograph)
        )->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('X-Content-Type-Options', 'nosniff');
        $jpeg = (string) $answer->getContent();
        self::assertLessThan(400_000, strlen($jpeg));
        self::assertSame([960, 1280], array_slice((array) getimagesizefromstring($jpeg), 0, 2));
        foreach (['Exif', 'Made-up maker', 'GPS'] as $gone) {
            self::assertStringNotContainsString($gone, $jpeg);
        }
        $this->get(route('cook.record', $cook))->assertOk()->assertSee(
            route('photograph', $photograph)
        )->assertDontSee('alert(1)', false);
        $this->post(route('photograph.away', $photograph))->assertRedirect();
        self::assertSame(0, Photograph::query()->count());
    }

    public function test_a_large_one_is_made_small_before_it_is_turned(): void
    {
        $large = imagecreatetruecolor(3600, 2700);
        self::assertNotFalse($large);
        imagefilledrectangle($large, 0, 0, 3600, 1350, 0xFF0000);
        ob_start();
        imagejpeg($large);
        $made = PictureFile::of($this->turned((string) ob_get_clean()));
        self::assertSame([960, 1280], [$made->width, $made->height]);
        // What was above lies on the right.
        self::assertGreaterThan(200, PictureFile::colourAt($made->jpeg, 0.9, 0.5)['r']);
        self::assertLessThan(50, PictureFile::colourAt($made->jpeg, 0.1, 0.5)['r']);
    }

    public function test_what_is_no_photograph_or_too_large_is_refused_by_name(): void
    {
        $cook = $this->noted();
        $large = imagecreatetruecolor(8000, 7000);
        self::assertNotFalse($large);
        ob_start();
        imagepng($large);
        $pixels = (string) ob_get_clean();
        foreach ([
            ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'it is no picture'], ['', 'it is no picture'],
            [substr((new Camera)->crust(1.0), 0, 300), 'it is no picture'], [$pixels, 'too many pixels'],
        ] as [$bytes, $says]) {
            $this->keep($cook, $bytes)->assertStatus(422)->assertSee($says);
        }
        $this->post(
            route('photographs.keep', $cook),
            ['shows' => 'crust', 'picture' => UploadedFile::fake()->create('large.jpg', 40 * 1024)],
        )
            ->assertStatus(422)->assertSee('at most 30 MB');
        $this->post(
            route('photographs.keep', $cook), ['shows' => 'crust'],
        )->assertStatus(422)->assertSee('picture: none came');
        $this->post(
            route('photographs.keep', $cook), ['shows' => 'supper', 'picture' => ['a', 'b']],
        )->assertStatus(422);
        self::assertSame(0, Photograph::query()->count());
    }

    public function test_what_the_stove_sends_again_is_kept_once_at_the_time_it_was_taken(): void
    {
        [$cook, $other] = Cook::query()->whereNotNull('served_at')->limit(2)->get()->all();
        $id = (string) Str::ulid();
        $send = fn (Cook $to, string $id, int $at): TestResponse => $this->post(route('photographs.keep', $to), [
            'id' => $id, 'at' => $at, 'shows' => 'boil',
            'picture' => UploadedFile::fake()->createWithContent('boil.jpg', (new Camera)->crust(0.5)),
        ], ['Accept' => 'application/json']);
        $taken = now()->getTimestamp() - 900;
        $send($cook, $id, $taken)->assertOk()->assertJsonPath('kept', strtolower($id));
        $send($cook, $id, $taken)->assertOk()->assertJsonPath('kept', strtolower($id));
        self::assertSame($taken, Photograph::query()->sole()->taken_at->getTimestamp());

        $send($other, $id, $taken)->assertStatus(422)->assertJsonPath(
            'message', fn (string $says): bool => str_contains($says, 'is a photograph of another cook'),
        );
        $send($cook, (string) Str::ulid(), 5)->assertOk();
        $earliest = Photograph::query()->oldest('taken_at')->firstOrFail();
        self::assertSame($cook->started_at->getTimestamp(), $earliest->taken_at->getTimestamp(), 'not before its cook');
        $earliest->delete();
        $send($cook, 'not one', $taken)->assertStatus(422)->assertJsonPath(
            'message', 'id: "not one" is no ULID; load the page again.',
        );
        // A phone whose clock is ahead took it now.
        $send($cook, (string) Str::ulid(), $taken + 9000)->assertOk();
        self::assertSame(2, Photograph::query()->count());
        self::assertLessThanOrEqual(
            now()->getTimestamp(), Photograph::query()->latest('taken_at')->firstOrFail()->taken_at->getTimestamp(),
        );
    }

    public function test_a_crust_is_measured_where_it_is_touched_and_teaches_the_ring_instead_of_the_picked_colour(): void
    {
        $cook = Cook::query()->whereNotNull('served_at')->whereNotNull('summary->stove')->latest('started_at')
            ->firstOrFail();
        $before = Household::known()->toArray();
        $this->keep($cook, (new Camera([0.8, 0.62, 0.45], 0.85))->crust(2.6))->assertRedirect();
        $photograph = Photograph::query()->firstOrFail();
        $touched = ['crust_across' => 50, 'crust_down' => 50, 'white_across' => 93, 'white_down' => 50];
        $this->post(route('photograph.measure', $photograph), $touched)->assertRedirect();
        $measured = Cook::query()->findOrFail($cook->id)->summary;
        self::assertEqualsWithDelta(log(2.6), log((float) ($measured['browning'] ?? 0.01)), 0.25);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', (string) ($measured['colour'] ?? ''));
        self::assertNotEquals($before, Household::known()->toArray());
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
        $this->get(route('cook.record', $cook))->assertSee(
            'The crust, measured under white light'
        )->assertSee(CrustColour::Dark->value);

        // Two touches on the table beside it tell nothing, and that is said.
        $this->post(
            route('photograph.measure', $photograph), ['white_across' => 1, 'white_down' => 1] + $touched,
        )->assertRedirect();
        $this->get(route('cook.record', $cook))->assertSee('could not be measured');
        self::assertArrayNotHasKey('browning', Cook::query()->findOrFail($cook->id)->summary ?? []);
        $this->post(
            route('photograph.measure', $photograph), ['crust_across' => 150] + $touched,
        )->assertStatus(422)->assertSee('crust_across');
    }

    public function test_what_a_cook_taught_is_shown_before_and_after_and_taken_back(): void
    {
        $cook = Cook::query()->whereNotNull('summary->stove')->whereNotNull('summary->taught')->firstOrFail();
        $this->get(route('cook.record', $cook))->assertSee('What it taught')->assertSee('without this cook, dashed');
        $before = Household::known();
        foreach (['lot', 'stove'] as $what) {
            $this->post(route('cook.taught', $cook), ['what' => $what, 'back' => '1'])->assertRedirect();
        }
        $this->get(route('cook.record', $cook))->assertSee('it does not count');
        self::assertGreaterThan(0.01, Household::known()->distance($before));
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
        foreach (['lot', 'stove'] as $what) {
            $this->post(route('cook.taught', $cook), ['what' => $what, 'back' => '0'])->assertRedirect();
        }
        self::assertEqualsWithDelta(0, Household::known()->distance($before), 1e-5);
    }

    public function test_the_touched_colour_is_the_middle_one(): void
    {
        $jpeg = (new Camera([0.8, 0.8, 0.8], 1.0, 0.0))->crust(CrustColour::Golden->middle(), 95);
        $white = PictureFile::colourAt($jpeg, ...Camera::WHITE);
        self::assertEqualsWithDelta($white['r'], $white['b'], 2);
        self::assertGreaterThan(PictureFile::colourAt($jpeg, ...Camera::CRUST)['b'] + 40, $white['b']);
    }

    private function noted(): Cook
    {
        return Cook::query()->whereNotNull('served_at')->oldest('started_at')->firstOrFail();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function keep(Cook $cook, string $bytes, string $name = 'crust.jpg'): TestResponse
    {
        return $this->post(
            route('photographs.keep', $cook),
            ['shows' => 'crust', 'picture' => UploadedFile::fake()->createWithContent($name, $bytes)],
        );
    }

    /** The same with what a phone writes beside it: held on its side, its maker, its place. */
    private function turned(string $jpeg): string
    {
        $maker = "Made-up maker\0";
        $entries = [
            pack('vvVV', 0x010F, 2, strlen($maker), 8 + 2 + 3 * 12 + 4), pack('vvVvv', 0x0112, 3, 1, 6, 0),
            pack('vvVV', 0x8825, 4, 1, 8 + 2 + 3 * 12 + 4 + strlen($maker)),
        ];
        $tiff = 'II'.pack('vV', 42, 8).pack('v', count($entries)).implode('', $entries).pack('V', 0).$maker.pack('v', 0).pack('V', 0);
        $exif = "Exif\0\0{$tiff}GPS";

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
