<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\TrendsDrawing;
use App\Models\Cook;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Wording\Wording;
use DateTimeImmutable;
use Orbek\Core\Kitchen\Pace;
use Orbek\Core\Measure\Fields;

/** Cooks found again, two side by side, and over time. */
final class NotebookTest extends FeatureTestCase
{
    public function test_cooks_are_found_by_dish_fault_pot_ring_bag_and_month(): void
    {
        $all = Cook::query()->whereNotNull('served_at')->get();
        foreach ([
            ['find' => 'CHERRY polo'], ['fault' => 'rice:hard'], ['fault' => 'crust:burnt'], ['fault' => 'filling:wet'],
            ['fault' => 'late'],
            ['pot' => 'steel-24', 'ring' => 'ring-2'], ['lot' => 'september-bag'],
            ['month' => $all->firstOrFail()->started_at->format('Y-m')], ['fault' => 'rice:hard', 'pot' => 'steel-24'],
        ] as $asked) {
            $wanted = $all->filter(
                fn (Cook $cook): bool => $this->has($cook, $asked)
            )->pluck('id')->sort()->values()->all();
            self::assertNotSame([], $wanted, json_encode($asked, JSON_THROW_ON_ERROR));
            preg_match_all(
                '#/cooks/(\w+)/record#',
                (string) $this->get('/notebook?'.http_build_query($asked))->assertOk()->getContent(), $shown,
            );
            $found = array_values(array_unique($shown[1]));
            sort($found);
            self::assertSame($wanted, $found, json_encode($asked, JSON_THROW_ON_ERROR));
        }
        $this->get('/notebook?find=nothing-like-it')->assertOk()->assertSee('No cook has all that');
        $this->get('/notebook?month=2026-13')->assertStatus(422)->assertSee(
            'month: &quot;2026-13&quot; is no month', false,
        );
        $this->get('/notebook?find=%25')->assertOk()->assertSee('No cook has all that');
    }

    public function test_two_cooks_stand_side_by_side_with_what_differs_named(): void
    {
        [$one, $other] = Cook::query()->whereNotNull('rice')->oldest('started_at')->limit(2)->get()->all();
        $page = (string) $this->get(route('notebook.compare', ['cook' => [$other->id, $one->id]]))->assertOk()
            ->assertSeeInOrder(
                [$one->started_at->format('j F Y'), $other->started_at->format('j F Y')]
            )->assertSee('What was decided otherwise')->getContent();
        preg_match_all(
            '#<tr(?: class="([^"]*)")?>\s*<th scope="row">([^<]+)</th><td>(.*?)</td><td>(.*?)</td>#s', $page, $rows,
            PREG_SET_ORDER,
        );
        self::assertGreaterThan(10, count($rows));
        foreach ($rows as [, $class, $what, $first, $second]) {
            $texts = array_map(
                static fn (string $cell): string => trim(str_replace(', differs', '', strip_tags($cell))),
                [$first, $second],
            );
            self::assertSame($texts[0] !== $texts[1], $class === 'differs', $what);
        }
        $this->get(
            route('notebook.versus', ['cook' => [$one->id, $other->id]])
        )->assertOk()->assertSee('steam at the lid')->assertSee('browning');
        foreach (
            [
                [], ['cook' => [$one->id]], ['cook' => [$one->id, 'none-such']], ['cook' => [$one->id, $one->id]],
            ] as $asked
        ) {
            $this->get(route('notebook.compare', $asked))->assertStatus(422)->assertSee('choose two cooks');
        }
    }

    public function test_over_time_each_drawing_has_the_same_as_a_table_and_beliefs_are_what_was_known_then(): void
    {
        $page = (string) $this->get('/notebook/trends')->assertOk()->getContent();
        self::assertSame(substr_count($page, '<svg class="drawing trend"'), substr_count($page, 'The same as a table'));
        $cooks = array_values(Cook::query()->whereNotNull('rice')->oldest('started_at')->get()->all());
        $trends = new TrendsDrawing($cooks, Household::known(), Kitchen::core(), app(Wording::class));
        self::assertCount(count($cooks), $trends->lifts());
        foreach ($trends->lifts() as $one) {
            self::assertSame($one['in'], $one['lifted'] <= $one['from'] && $one['lifted'] >= $one['by'], 'up is later');
        }
        self::assertSame(
            array_map(static fn (Cook $cook): mixed => $cook->summary['late_min'] ?? null, $cooks),
            array_column($trends->late(), 'minutes'),
        );
        $bag = array_values(array_filter($trends->factors(), static fn (array $one): bool => ! $one['stove']))[0];
        self::assertCount(count($bag['points']), $bag['table']);
        $last = end($bag['points']);
        $first = $bag['points'][0];
        self::assertIsArray($last);
        self::assertGreaterThan(
            $last['low'] - $last['high'], $first['low'] - $first['high'], 'less was known at first',
        );
        $now = Household::known()->bag('september-bag');
        self::assertStringStartsWith(sprintf('%+d %%', round(100 * ($now->likely() - 1))), end($bag['table'])[1] ?? '');
    }

    public function test_a_bag_tells_when_it_runs_out_and_comes_on_the_lists(): void
    {
        $pace = Pace::of(900, 45);
        self::assertEqualsWithDelta(20, $pace->gPerDay, 1e-9);
        $now = new DateTimeImmutable('2026-11-26 12:00 UTC');
        self::assertSame('2026-12-06', $pace->emptyOn(200, $now)?->format('Y-m-d'));
        self::assertTrue($pace->isSoon(200));
        self::assertFalse($pace->isSoon(5000));
        self::assertNull(Pace::of(0, 45)->emptyOn(200, $now));

        $this->get('/kitchen')->assertOk()->assertSee('At this pace')->assertSee('it is empty about');
        $list = route('dish.list', $this->dish());
        $this->get($list)->assertOk()->assertDontSee('Bags that run out');
        $left = Kitchen::core()->pantry->bags['september-bag']->leftG(Household::known());
        Kitchen::change(Fields::of($this->seenKitchen()), 'bag', $now, static fn (array $document): array => ['lots' => array_map(
            static fn (array $bag): array => $bag['id'] === 'september-bag' ? [
                'bought_g' => $bag['bought_g'] - $left + 120,
            ] + $bag : $bag, $document['lots'],
        )] + $document);
        $this->get($list)->assertOk()->assertSee('Bags that run out')->assertSee('120 g left, empty about');
        $this->get(route('meal.list', Meal::query()->firstOrFail()))->assertOk()->assertSee('Bags that run out');
        $this->postJson(
            route('dish.tick', $this->dish()), ['entry' => 'bag:september-bag', 'done' => true],
        )->assertNoContent();
        $this->get($list)->assertSee('value="bag:september-bag" checked', false);
    }

    /** @param  array<string, string>  $asked */
    private function has(Cook $cook, array $asked): bool
    {
        foreach ($asked as $name => $value) {
            $has = match ($name) {
                'find' => str_contains(mb_strtolower($cook->name), 'cherry')
                    && str_contains(mb_strtolower($cook->name), 'polo'),
                'fault' => $value === 'late'
                    ? ($cook->summary['late_min'] ?? 0) >= 10
                    : ($cook->summary[explode(':', $value)[0]] ?? '') === explode(':', $value)[1],
                'pot' => $cook->dish['lid']['pot'] === $value,
                'ring' => $cook->dish['lid']['burner'] === $value,
                'lot' => $cook->lot === $value,
                default => $cook->started_at->format('Y-m') === $value,
            };
            if (! $has) {
                return false;
            }
        }

        return true;
    }
}
