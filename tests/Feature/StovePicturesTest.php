<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\BowlDrawing;
use App\Models\Cook;
use App\Models\Dish;
use App\StandIns\PracticeClock;
use Illuminate\Support\Str;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Mise;
use Orbek\Core\Plan\Work\WorkKind;
use Tests\Core\Sample;

/** What the Stove draws beside the layering: bowls, the base, what is turned out; and what is put ready first. */
final class StovePicturesTest extends FeatureTestCase
{
    public function test_a_marinade_fills_a_bowl_thing_by_thing(): void
    {
        $cook = $this->begunDish('Turkey and plum biryani');
        $body = $this->walkTo($cook, WorkKind::Marinade);
        preg_match_all('/<path class="of-filling" d="([^"]+)" data-in="([^"]+)"/', $body, $bands);
        $things = Mise::at($cook->fold(app(PracticeClock::class)->now())->plan(), 'marinade');

        self::assertCount(count($things), $bands[1], 'a band for each');
        foreach ($bands[2] as $tick) {
            self::assertStringContainsString("data-tick=\"{$tick}\"", $body, 'its tick lights it');
        }
        self::assertStringContainsString('ready since', $body, 'the fried onion was got ready before');
    }

    public function test_bands_lie_on_each_other_and_none_is_too_thin_to_be_seen(): void
    {
        $plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        $things = Mise::at($plan, 'marinade');
        $bowl = new BowlDrawing($things);
        $heights = [];
        $before = null;
        foreach (array_keys($things) as $at) {
            preg_match_all('/[\d.]+ ([\d.]+)/', $bowl->band($at), $found);
            $ys = array_map(floatval(...), $found[1]);
            sort($ys);
            [$top, $bottom] = [$ys[0] ?? 0.0, $ys[count($ys) - 1] ?? 0.0];
            $heights[] = $bottom - $top;
            self::assertTrue($before === null || abs($bottom - $before) < 0.11, 'it begins where the one below ends');
            $before = $top;
        }

        self::assertGreaterThan(8.5, min([INF, ...$heights]));
        $grams = array_map(static fn (Ingredient $one): float => $one->amount->amount, $things);
        arsort($grams);
        arsort($heights);
        self::assertSame(array_key_first($grams), array_key_first($heights), 'the most of it stands highest');
        self::assertGreaterThan(0, $before);
    }

    public function test_fat_over_the_base_and_what_is_turned_out_are_drawn(): void
    {
        $cook = $this->begunDish('Sour-cherry polo with chicken thighs');
        self::assertStringContainsString('fat over its base', $this->walkTo($cook, WorkKind::HotFat));
        $body = $this->walkTo($cook, WorkKind::Open);
        self::assertStringContainsString('Turned out: the crust on top', $body);
        self::assertStringContainsString('kept for the top', $body);
    }

    public function test_before_anything_is_begun_all_is_listed_to_be_put_ready(): void
    {
        $cook = $this->begunDish('Sour-cherry polo with chicken thighs');
        $body = $this->bodyOf($cook);
        self::assertStringContainsString('Put ready first:', $body);
        foreach ($cook->fold(app(PracticeClock::class)->now())->plan()->ingredients as $one) {
            self::assertStringContainsString(e(Sample::wording()->amount($one->amount)), $body);
        }
        $this->happens($cook, 'started', 'rinse');
        self::assertStringNotContainsString('Put ready first:', $this->bodyOf($cook));
    }

    public function test_what_a_guest_more_changes_is_marked_at_its_step_with_what_it_was(): void
    {
        $cook = $this->begunDish('Sour-cherry polo with chicken thighs');
        self::assertStringNotContainsString('changed:', $this->bodyOf($cook));
        $this->postJson(route('meal-cook.events', $cook->meal_cook_id), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => 'eaters', 'eaters' => 11,
            'at' => app(PracticeClock::class)->now()->getTimestamp(),
        ]]])->assertOk();

        self::assertMatchesRegularExpression('/aged basmati[^<]*<span class="was">changed: 797 g before/', $this->bodyOf($cook));
        $layers = $this->walkTo($cook, WorkKind::Layer);
        self::assertGreaterThan(2, substr_count($layers, '<span class="was">changed:'), 'layer by layer');
    }

    private function begunDish(string $name): Cook
    {
        $dish = Dish::query()->where('name', $name)->firstOrFail();
        $this->post(route('cook.begin', $dish), ['cook' => $id = (string) Str::ulid()])->assertRedirect();

        return Cook::query()->where('meal_cook_id', strtolower($id))->firstOrFail();
    }

    /** The page as the first task of a kind runs, all before it done at its planned end. */
    private function walkTo(Cook $cook, WorkKind $kind): string
    {
        foreach ($cook->fold(app(PracticeClock::class)->now())->plan()->day->tasks as $id => $work) {
            $this->happens($cook, 'started', $id);
            if ($work->kind === $kind) {
                return $this->bodyOf($cook);
            }
            app(PracticeClock::class)->putForward(60.0 * $work->task->minutes);
            $this->happens($cook, 'done', $id);
        }
        self::fail("there is no {$kind->value}");
    }

    private function happens(Cook $cook, string $type, string $task): void
    {
        $this->postJson(route('cook.events', $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => $type, 'subject' => $task,
            'at' => app(PracticeClock::class)->now()->getTimestamp(),
        ]]])->assertOk();
    }

    private function bodyOf(Cook $cook): string
    {
        return (string) $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk()->getContent();
    }
}
