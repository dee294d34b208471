<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DrillAnswer;
use Orbek\Core\Drill\LiftIt;

final class DrillTest extends FeatureTestCase
{
    public function test_a_grain_is_named_once_and_the_score_is_kept(): void
    {
        $this->get('/drill')->assertOk()->assertSee('Nothing yet.');
        $asked = session('drill.stage');
        $this->get('/drill')->assertOk();
        self::assertSame($asked, session('drill.stage'), 'the same grain until it is answered');

        $this->post('/drill/name', ['stage' => $asked['stage']])->assertRedirect('/drill');
        self::assertStringStartsWith('Yes: it ', session('drill.said'));
        $this->get('/drill')->assertSee('1 of 1 right');
        session()->forget('drill.stage');
        $this->post('/drill/name', ['stage' => 'done'])->assertRedirect('/drill');

        self::assertSame(1, DrillAnswer::query()->count(), 'a second press of the button counts nothing');
    }

    public function test_an_answer_that_is_none_leaves_the_question(): void
    {
        $this->get('/drill');
        $asked = session('drill.stage');
        $this->post(
            '/drill/name',
            ['stage' => 'porridge'],
        )->assertStatus(422)->assertSee('stage: "porridge" is not known;');
        self::assertSame($asked, session('drill.stage'));
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
}
