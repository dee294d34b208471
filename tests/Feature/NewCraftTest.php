<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Household;
use App\StandIns\PracticeClock;
use DateTimeImmutable;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Work\WorkKind;
use Tests\Core\Sample;

/** A seal and a cue that the craft does not have yet: rows of tests/data/craft, and not a line of code. */
final class NewCraftTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $row = static fn (string $of): array => File::json(base_path("tests/data/craft/{$of}.json"))[0];
        $files = [
            'seals' => Sample::rows('seals', $row('seals')), 'cues' => Sample::rows('cues', $row('cues')),
        ];
        app()->instance(Craft::class, Sample::craftWith($files));
    }

    public function test_they_go_from_plan_to_stove_to_record(): void
    {
        $before = $this->plan();
        $this->change('lid/seal', 'leaf', 1);
        $this->change('heat:until:0', 'rim-sings', 2);
        $plan = app(Planner::class)->plan($this->dish()->core());

        // The plan reckons with both.
        self::assertSame(82.0, $plan->totals->steam()->amount);
        self::assertNotSame($before->course()?->end()->leakG, $plan->course()?->end()->leakG);
        self::assertGreaterThanOrEqual(70.0, $plan->course()?->at($plan->course()->cueMin[0] ?? 0.0)->lidC);
        $this->get(route('pot', $this->dish()))->assertOk()->assertSee('a banana leaf and the lid')
            ->assertSee('seal paper', false)->assertSee('till the rim sings');
        $this->get(route('pot.more', [$this->dish(), 'heat']))->assertOk()->assertSee('value="rim-sings" selected', false);

        // The stove asks for the cue while the lid is near to it, takes it, and its heat is known better.
        $cook = $this->begun();
        $clock = app(PracticeClock::class);
        foreach ($plan->day->tasks as $work) {
            if ($work->kind === WorkKind::Heat) {
                break;
            }
            $this->tell($cook, 'started', ['subject' => $work->task->id]);
            $clock->putForward(60.0 * $work->task->minutes);
            $this->tell($cook, 'done', ['subject' => $work->task->id]);
        }
        self::assertStringNotContainsString('rim-sings', $this->body($cook), 'not yet');
        $this->tell($cook, 'started', ['subject' => 'heat-1']);
        $comes = (float) ($plan->course()->cueMin[0] ?? 0.0);
        $clock->putForward(60.0 * $comes + 6);
        $body = $this->body($cook);
        self::assertStringContainsString('data-event="cue" data-subject="rim-sings"', $body);
        $this->tell($cook, 'cue', ['subject' => 'rim-sings']);
        self::assertStringContainsString('The rim sings:', $this->body($cook));
        self::assertStringNotContainsString('data-subject="rim-sings"', $this->body($cook), 'it was said');
        $this->tell($cook, 'cue', ['subject' => 'rim-hums'])->assertJsonPath('events.0.status', 'refused');

        // The record has it, and the pot's ring was taught.
        foreach ($plan->day->tasks as $work) {
            $this->tell($cook, 'started', ['subject' => $work->task->id]);
            $this->tell($cook, 'done', ['subject' => $work->task->id]);
        }
        $this->tell($cook, 'served', []);
        $known = Household::known()->toArray();
        $this->tell($cook, 'noted', ['outcome' => [
            'rice' => 'right', 'crust' => 'golden', 'filling' => 'right', 'where' => null, 'line' => '',
        ]])->assertJsonPath('events.0.status', 'taken');
        self::assertNotEquals($known, Household::known()->toArray());
        $this->get(route('cook.record', $cook))->assertOk()->assertSee('the rim sings')
            ->assertSee('a banana leaf and the lid');
    }

    private function change(string $path, string $value, int $version): void
    {
        $this->patchJson(
            route('dish.change', $this->dish()), ['path' => $path, 'value' => $value, 'version' => $version],
        )->assertOk();
    }

    private function body(Cook $cook): string
    {
        return (string) $this->getJson(route('meal-cook.body', $cook->meal_cook_id))->assertOk()->json('body');
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function tell(Cook $cook, string $type, array $more): TestResponse
    {
        $now = app(PracticeClock::class)->now();

        return $this->postJson(route('meal-cook.events', $cook->meal_cook_id), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => $type, 'dish' => 0,
            'at' => (float) (new DateTimeImmutable($now->format('c')))->getTimestamp(),
        ] + $more]])->assertOk();
    }
}
