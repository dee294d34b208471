<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DrillAnswer;
use App\Models\Household;
use App\Models\LotTest;
use App\Models\Photograph;
use App\StandIns\GlassCamera;
use App\StandIns\PracticeClock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Orbek\Core\Drill\LiftIt;
use Orbek\Core\Rice\Stage;

final class DrillTest extends FeatureTestCase
{
    public function test_a_grain_is_named_once_and_the_score_is_kept(): void
    {
        $this->get('/drill')->assertOk()->assertSee('Nothing yet.');
        $this->ask('stage', 'plates', 0.7);
        $this->get('/drill')->assertOk()->assertSee(
            '26 grains between two glass plates'
        )->assertSee('data-spoonful', false);
        $asked = session('drill.asked');
        $this->get('/drill')->assertOk();
        self::assertSame($asked, session('drill.asked'), 'the same grain until it is answered');

        $this->post('/drill/name', ['stage' => Stage::at(0.7)->value])->assertRedirect('/drill');
        self::assertStringStartsWith('Yes: it breaks in two or three', session('drill.said'));
        self::assertStringContainsString('What tells:', session('drill.said'));
        $this->get('/drill')->assertSee('1 of 1 right');
        session()->forget('drill.asked');
        $this->post('/drill/name', ['stage' => 'done'])->assertRedirect('/drill');

        self::assertSame(1, DrillAnswer::query()->count(), 'a second press of the button counts nothing');
    }

    public function test_every_form_tells_a_screen_reader_what_is_seen_and_not_its_name(): void
    {
        foreach (
            [
                'plates' => 'have a white heart', 'pot' => 'grains ride at the surface',
                'pressed' => 'One grain pressed', 'bitten' => 'one small crunch',
            ] as $form => $tells
        ) {
            $this->ask('stage', $form, 0.7);
            $page = (string) $this->get('/drill')->assertOk()->assertSee($tells)->getContent();
            // Beside it stand the eight of the whole way.
            self::assertSame($form === 'bitten' ? 8 : 9, substr_count($page, '<canvas'));
        }
    }

    public function test_how_far_is_told_on_a_scale_and_teaches_the_eye(): void
    {
        $before = Household::known()->eye()->readings;
        for ($i = 0; $i < 14; $i++) {
            $this->ask('far', 'plates', 0.5 + 0.02 * $i, $i + 1);
            $this->get('/drill')->assertSee('How far is it?');
            $this->post('/drill/name', ['said' => (string) round(100 * (0.6 + 0.02 * $i))])->assertRedirect('/drill');
        }
        self::assertStringContainsString('10 points more', session('drill.said'));
        $eye = Household::known()->eye();
        self::assertSame($before + 14, $eye->readings);
        self::assertGreaterThan(0.03, $eye->lean);
        $this->get('/drill')->assertSee('a little early')->assertSee('told how far');
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
        // A cook begun now reads by it, and keeps it.
        $cook = $this->begun();
        self::assertEqualsWithDelta($eye->lean, $cook->plan()->eye()->lean, 1e-6);
    }

    public function test_two_minutes_end_with_the_answer_after_them_and_are_looked_at_again(): void
    {
        $this->post(route('drill.begin'))->assertRedirect('/drill');
        foreach (
            [
                ['stage', 'pot', 0.6, ['stage' => 'rises']], ['stage', 'pressed', 0.2, ['stage' => 'done']],
                ['far', 'plates', 0.8, ['said' => '78']],
            ] as $place => [$round, $form, $doneness, $answer]
        ) {
            $this->ask($round, $form, $doneness);
            $this->get('/drill')->assertSee('left; the answer after that ends it');
            app(PracticeClock::class)->putForward(50);
            $answered = $this->post('/drill/name', $answer);
            $place < 2
                ? $answered->assertRedirect('/drill')
                : self::assertStringContainsString('/drill/sessions/', (string) $answered->headers->get('Location'));
        }
        $session = DrillAnswer::query()->firstOrFail()->session;
        $again = $this->get(
            route('drill.session', $session)
        )->assertOk()->assertSee('2 of 3 right')->assertSee('Missed');
        self::assertSame(3, substr_count((string) $again->getContent(), '<canvas'));
        $kept = DrillAnswer::query()->where('form', 'pot')->firstOrFail();
        self::assertEquals($kept->spoonful(), $kept->refresh()->spoonful());
        $this->get('/drill')->assertSee('Two minutes, looked at again');
        $this->get(route('drill.session', 'none-such'))->assertNotFound();
    }

    public function test_a_photograph_of_ones_own_is_asked_and_what_was_read_in_it_is_the_truth(): void
    {
        $this->get('/drill')->assertDontSee('a photograph of ours');
        $this->post(route('drill.own'))->assertStatus(422)->assertSee('no photograph of grains under glass');
        $now = app(PracticeClock::class)->now()->getTimestamp();
        $this->post(route('lot.glass', 'lakeside-sack'), [
            'id' => (string) Str::ulid(), 'test' => (string) Str::ulid(), 'began' => $now - 400, 'at' => $now,
            'soak_min' => '30', 'soak_c' => '20',
            'picture' => UploadedFile::fake()->createWithContent('g.jpg', (new GlassCamera)->spoonful(0.7)),
        ])->assertRedirect();
        $photograph = Photograph::query()->sole();
        $this->get('/drill')->assertSee('Ask me of a photograph of ours');
        $this->post(route('drill.own'))->assertRedirect('/drill');
        $this->get('/drill')->assertSee(route('photograph', $photograph))->assertDontSee('data-counts', false);
        $readings = Household::known()->eye()->readings;
        $this->post('/drill/name', ['said' => '62'])->assertRedirect('/drill');

        $answer = DrillAnswer::query()->latest('id')->firstOrFail();
        $true = $photograph->read()->doneness ?? 0.0;
        self::assertEqualsWithDelta([0.62 - $true, $true], [$answer->off, $answer->doneness], 1e-3);
        self::assertSame($readings + 1, Household::known()->eye()->readings);
        self::assertNull($answer->spoonful(), 'it was not drawn');
        $this->get('/drill')->assertDontSee(route('photograph', $photograph));
        $again = $this->post(route('lot.test.back', ['lakeside-sack', LotTest::query()->latest('id')->firstOrFail()]));
        $again->assertRedirect();
        $this->get('/drill')->assertOk()->assertDontSee('a photograph of ours');
    }

    public function test_an_answer_that_is_none_leaves_the_question(): void
    {
        $this->ask('stage', 'plates', 0.7);
        $asked = session('drill.asked');
        $this->post(
            '/drill/name', ['stage' => 'porridge'],
        )->assertStatus(422)->assertSee('stage: "porridge" is not known;');
        self::assertSame($asked, session('drill.asked'));
        $this->ask('far', 'plates', 0.7);
        $this->post('/drill/name', ['said' => '180'])->assertStatus(422)->assertSee('said: 180 is out of range');
        $this->get('/drill');
        $this->post('/drill/lift', ['seconds' => 'soon'])->assertStatus(422)->assertSee(
            'seconds: "soon" will not do; give a number from 0 to 2400 s.',
        );
        $this->post('/drill/lift', ['seconds' => '-1'])->assertStatus(422);

        self::assertSame(0, DrillAnswer::query()->count());
    }

    public function test_a_lift_is_scored_by_how_far_from_its_stage_it_was(): void
    {
        $this->get('/drill');
        $lift = LiftIt::of(session('drill.lift'));
        $this->post('/drill/lift', ['seconds' => (string) round($lift->rightAt() + 45)])->assertRedirect('/drill');

        self::assertStringContainsString('points past its stage', session('drill.said'));
        self::assertEqualsWithDelta(
            $lift->off(round($lift->rightAt() + 45)),
            DrillAnswer::query()->firstOrFail()->off,
            1e-6,
        );
        self::assertNull(session('drill.lift'));
    }

    private function ask(string $round, string $form, float $doneness, int $seed = 7): void
    {
        session(['drill.asked' => ['round' => $round, 'form' => $form, 'seed' => $seed, 'doneness' => $doneness]]);
        $this->withSession(session()->all());
    }
}
