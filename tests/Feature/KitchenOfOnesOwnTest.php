<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\KitchenVersion;
use Illuminate\Support\Facades\Cache;
use Orbek\Core\Heat\Origin;
use Orbek\Core\Plan\Planner;

/** Pots, rings and plates are the cook's own: added, changed, taken away, and all plans follow. */
final class KitchenOfOnesOwnTest extends FeatureTestCase
{
    public function test_a_pot_a_ring_and_a_plate_are_added_and_used(): void
    {
        $this->get(route('kitchen.things'))->assertOk()->assertSee('pearl 25, small 40, half 60, full 100');
        $this->send(
            'pot', ['name' => 'Clay pot', 'material' => 'cast-iron', 'diameter_cm' => '22', 'height_cm' => '12'],
        );
        $this->send(
            'ring', ['name' => 'Ring 3', 'kind' => 'gas', 'watts' => '3500', 'marks' => '1 22, 2 40, 3: 70, max 100 %'],
        );
        $this->send('plate', ['name' => 'diffuser', 'kg' => '0.8']);

        $home = Kitchen::core();
        self::assertEqualsWithDelta(12.0, $home->equipment->pots['clay-pot']->heightCm(), 0.01);
        self::assertSame([0.22, 0.4, 0.7, 1.0], $home->equipment->rings['ring-3']->knob->shares());
        self::assertSame(0.8, $home->equipment->plates['diffuser']->kg);
        $plan = app(Planner::class)->plan(
            Dish::query()->where('name', 'like', 'Lentil%')->firstOrFail()->core()->changed('lid/burner', 'ring-3'),
        );
        self::assertSame(Origin::Found, $plan->heating()?->origin);
        $flame = $plan->heating()->line()[0]->flame;
        $knob = $home->equipment->rings[$flame->ring]->knob;
        self::assertContains($knob->mark($flame->setting)?->name, array_column($knob->marks, 'name'));
    }

    public function test_a_ring_changed_changes_what_is_told_and_undo_brings_it_back(): void
    {
        $before = Kitchen::core()->toArray();
        $this->send(
            'ring', ['name' => 'Ring 2', 'kind' => 'gas', 'watts' => '2700', 'marks' => 'low 25, high 100'], 'ring-2',
        );
        self::assertSame('low 25, high 100', Kitchen::core()->equipment->rings['ring-2']->knob->written());
        $this->get(route('kitchen.things'))->assertSee('Undo');
        $this->post(route('kitchen.undo'), $this->seenKitchen())->assertRedirect();
        self::assertEquals($before, Kitchen::core()->toArray());
        // Taken back once more it is as it was changed: nothing that was kept is lost.
        $this->post(route('kitchen.undo'), $this->seenKitchen())->assertRedirect();
        self::assertSame('low 25, high 100', Kitchen::core()->equipment->rings['ring-2']->knob->written());
    }

    public function test_what_dishes_use_moves_before_it_goes(): void
    {
        $using = Dish::query()->get()->filter(
            static fn (Dish $dish): bool => in_array('steel-24', $dish->core()->things(), true),
        )->count();
        self::assertGreaterThan(2, $using);
        $away = fn (array $more): \Illuminate\Testing\TestResponse => $this->post(
            route('kitchen.thing.away', ['pot', 'steel-24']), $more + $this->seenKitchen(),
        );
        $away([])->assertStatus(422)->assertSee("{$using} dishes use it");
        foreach (['steel-24', 'cauldron', 'ring-1'] as $nowhere) {
            $away(['move_to' => $nowhere])->assertStatus(422)->assertSee('is not known; give one of');
        }
        self::assertArrayHasKey('steel-24', Kitchen::core()->equipment->pots);

        $away(['move_to' => 'aluminium-28'])->assertRedirect();
        self::assertArrayNotHasKey('steel-24', Kitchen::core()->equipment->pots);
        foreach (Dish::query()->get() as $dish) {
            self::assertNotContains('steel-24', $dish->core()->things());
            $this->get(route('pot', $dish))->assertOk();
        }
        // What nothing uses goes without a question.
        $this->send('plate', ['name' => 'spare', 'kg' => '1']);
        $this->post(route('kitchen.thing.away', ['plate', 'spare']), $this->seenKitchen())->assertRedirect();
        self::assertArrayNotHasKey('spare', Kitchen::core()->equipment->plates);
    }

    public function test_undo_moves_dishes_back_and_says_which_were_changed_since(): void
    {
        $documents = static fn (): array => Dish::query()->orderBy('id')->get()
            ->mapWithKeys(static fn (Dish $dish): array => [$dish->id => $dish->document])->all();
        $undo = fn (): \Illuminate\Testing\TestResponse => $this->post(route('kitchen.undo'), $this->seenKitchen());
        $before = $documents();
        $this->post(
            route('kitchen.thing.away', ['pot', 'steel-24']), ['move_to' => 'aluminium-28'] + $this->seenKitchen(),
        );
        $moved = $documents();
        self::assertNotEquals($before, $moved);
        $undo();
        self::assertArrayHasKey('steel-24', Kitchen::core()->equipment->pots);
        self::assertEquals($before, $documents(), 'every dish is back in its pot');
        $undo();
        self::assertEquals($moved, $documents(), 'and the undo can be undone');
        $undo();

        // Twice moved, and one of them changed since by a hand.
        foreach ([['steel-24', 'aluminium-28'], ['aluminium-28', 'iron-20']] as [$from, $to]) {
            $this->post(route('kitchen.thing.away', ['pot', $from]), ['move_to' => $to] + $this->seenKitchen())
                ->assertRedirect();
        }
        $touched = Dish::query()->get()->firstOrFail(
            static fn (Dish $dish): bool => $dish->document !== $before[$dish->id],
        );
        $touched->become($touched->core(), $touched->version, now()->toDateTimeImmutable());
        $first = KitchenVersion::query()->where('what', '24 cm steel, 5.5 L')->oldest('version')->skip(2)->firstOrFail();
        $this->followingRedirects()->post(route('kitchen.undo'), ['to' => $first->id] + $this->seenKitchen())
            ->assertOk()->assertSee("{$touched->name}: changed since, left as now.");
        foreach (Dish::query()->whereKeyNot($touched->id)->get() as $dish) {
            self::assertEquals($before[$dish->id], $dish->document, $dish->name);
        }
    }

    public function test_bad_figures_are_refused_by_name_and_nothing_is_kept(): void
    {
        $version = $this->version();
        foreach ([
            ['ring', ['watts' => '5'], 'watts'], ['ring', ['watts' => 'hot'], 'watts'],
            ['ring', ['kind' => 'coal'], 'kind'],
            ['ring', ['marks' => 'pearl'], 'pearl alone is no knob'],
            ['ring', ['marks' => 'pearl 10, full 100'], 'pearl gives less than the'],
            ['ring', ['marks' => 'pearl 30'], 'pearl alone is no knob'],
            [
                'pot', ['cooker_watts' => '650', 'cooker_lines' => '4 cups 3, 6 cups 2'],
                'line 2.0 for 6 cups is no higher',
            ],
            ['pot', ['cooker_watts' => '5'], 'cooker_watts: 5 is out of range'],
            ['ring', ['marks' => 'half 60, small 40'], 'small gives no more than half before it'],
            ['ring', ['kind' => 'camping', 'watts' => '3000'], 'watts: 3000 is out of range; give 200 to 2500 W'],
            ['pot', ['litres' => '60'], 'would stand 191'], ['pot', ['diameter_cm' => '90'], 'diameter_cm'],
            ['pot', ['diameter_cm' => '-3'], 'diameter_cm'],
            ['pot', ['material' => ['steel']], 'material'], ['plate', ['kg' => '900'], 'kg'],
            ['plate', ['name' => ''], 'name'],
        ] as [$thing, $wrong, $says]) {
            $right = match ($thing) {
                'pot' => ['name' => 'A pot', 'material' => 'steel', 'diameter_cm' => '20', 'litres' => '3'],
                'ring' => ['name' => 'A ring', 'kind' => 'gas', 'watts' => '1500', 'marks' => 'low 30, high 100'],
                default => ['name' => 'A plate', 'kg' => '1'],
            };
            $this->post(route('kitchen.thing', $thing), $wrong + $right + $this->seenKitchen($version))
                ->assertStatus(422)->assertSee($says, false);
        }
        $this->post('/kitchen/things/spoon', ['name' => 'x', ...$this->seenKitchen($version)])->assertNotFound();
        $this->post(route('kitchen.thing', 'plate'), ['name' => 'A plate', 'kg' => '1', ...$this->seenKitchen($version + 3)])
            ->assertStatus(409);
        self::assertSame($version, $this->version());
    }

    public function test_height_above_the_sea_changes_the_boil(): void
    {
        $this->post(route('kitchen.place'), [
            'name' => 'High hut', 'altitude_m' => '1500', 'room_c' => '18', 'tap_c' => '8',
            ...$this->seenKitchen(),
        ])->assertRedirect();
        self::assertEqualsWithDelta(95.0, Kitchen::core()->boilC(), 0.1);
        $this->get(route('kitchen.things'))->assertSee('95.0 °C');
    }

    public function test_a_found_heat_is_remembered_and_another_kitchen_looks_anew(): void
    {
        Cache::store('drawn')->clear();
        $dish = Dish::query()->where('name', 'like', 'Lentil%')->firstOrFail()->core();
        $line = static fn (): mixed => app(Planner::class)->plan($dish)->heating()?->line();
        $first = $line();
        self::assertEquals($first, $line(), 'remembered, it is the same');
        $this->send(
            'ring', ['name' => 'Ring 2', 'kind' => 'gas', 'watts' => '2700', 'marks' => 'low 35, high 100'], 'ring-2',
        );
        self::assertNotEquals($first, $line());
    }

    /** @param  array<string, mixed>  $fields */
    private function send(string $thing, array $fields, ?string $id = null): void
    {
        $this->post(route('kitchen.thing', [$thing, $id]), $fields + $this->seenKitchen())->assertRedirect();
    }

    private function version(): int
    {
        return Kitchen::inUse()->version;
    }
}
