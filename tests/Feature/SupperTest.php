<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Household;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use Illuminate\Support\Str;
use Orbek\Core\Plan\Work\WorkKind;

/** A practice supper from the Drill to its end, and that nothing of it stays. */
final class SupperTest extends FeatureTestCase
{
    public function test_a_whole_supper_is_practised_and_nothing_of_it_stands_anywhere(): void
    {
        $known = Household::known()->toArray();
        $cooks = Cook::query()->count();
        $this->get('/drill')->assertOk()->assertSee('A practice supper');
        $begun = $this->post(route('supper.begin'), ['dish' => $this->dish()->id])->assertRedirect();
        $cook = Cook::ofAnyKind()->whereNotNull('practice')->firstOrFail();
        $begun->assertRedirect(route('meal-cook', $cook->meal_cook_id));
        $clock = app(PracticeClock::class)->of($cook->id);
        self::assertEqualsWithDelta(20, $clock->face()['speed'], 1e-9);
        self::assertTrue(app(PracticeClock::class)->isReal(), 'the household’s own clock goes on');
        $this->get(route('meal-cook', $cook->id))->assertOk()->assertSee('Practice.')->assertSee('Look, feel, smell')
            ->assertSee('+10 min');
        $this->get(route('supper.senses', $cook))->assertOk()->assertSee('Nothing to feel');

        $plan = $cook->plan();
        $order = array_keys($plan->day->schedule->tasks);
        usort(
            $order,
            static fn (string $a, string $b): int => $plan->day->schedule->start($a) <=> $plan->day->schedule->start($b),
        );
        foreach ($order as $id) {
            $this->tell($cook, 'started', ['subject' => $id]);
            $kind = $plan->day->task($id)->kind;
            if ($kind === WorkKind::Boil) {
                $this->postJson(route('supper.clock', $cook->id), ['forward_s' => 240])->assertNoContent();
                $this->get(route('supper.senses', $cook))->assertOk()->assertSee(
                    '26 grains between two glass plates'
                )->assertSee('One grain pressed');
                $this->tell($cook, 'tested', ['subject' => $id, 'stage' => 'half']);
                $this->postJson(route('supper.clock', $cook->id), ['forward_s' => 120])->assertNoContent();
            } else {
                $this->postJson(
                    route('supper.clock', $cook->id), ['forward_s' => 60 * $plan->day->schedule->tasks[$id]->minutes],
                )->assertNoContent();
            }
            $this->tell($cook, 'done', ['subject' => $id]);
            if ($kind === WorkKind::Layer) {
                $this->get(route('supper.senses', $cook))->assertOk()->assertSee('at the lid');
                MealCook::ofAnyKind()->findOrFail($cook->id)->update(['practice' => ['late_min' => 20] + (array) $cook->practice]);
                $this->postJson(route('supper.clock', $cook->id), ['forward_s' => 540])->assertNoContent();
                $this->get(route('meal-cook', $cook->id))->assertSee('The guests call: they come 20 min later');
            }
        }
        $this->tell($cook, 'served', []);
        $this->get(route('meal-cook', $cook->id))->assertOk()->assertSee('The practice is over')
            ->assertDontSee('One line for next time');
        $this->get(route('supper.end', $cook->id))->assertOk()->assertSee('What each decision cost')->assertSee(
            'What would have been best from there'
        )
            ->assertSee('Under the lid, as it really was')->assertSee('20 min later');

        self::assertSame($cooks, Cook::query()->count());
        self::assertEquals($known, Household::known()->toArray());
        $this->get('/notebook')->assertDontSee($cook->id);
        self::assertNull(MealCook::onTheStove(app(\Psr\Clock\ClockInterface::class)->now()));
        self::assertEqualsWithDelta(0, Household::known()->distance(Household::foldedAgain()), 1e-5);
        // The next one takes its place.
        $this->post(route('supper.begin'), ['dish' => $this->dish()->id])->assertRedirect();
        self::assertSame(1, Cook::ofAnyKind()->whereNotNull('practice')->count());
        $this->get(route('supper.end', MealCook::query()->firstOrFail()))->assertNotFound();
        $this->post(route('supper.begin'), ['dish' => 'none-such'])->assertStatus(422);
    }

    /** @param  array<string, mixed>  $fields */
    private function tell(Cook $cook, string $type, array $fields): void
    {
        $at = app(PracticeClock::class)->of($cook->id)->now();
        $answer = $this->postJson(
            route('cook.events', $cook),
            ['events' => [['id' => (string) Str::ulid($at), 'type' => $type, 'at' => $at->getTimestamp()] + $fields]],
        );
        $answer->assertOk()->assertJsonPath('events.0.status', 'taken');
    }
}
