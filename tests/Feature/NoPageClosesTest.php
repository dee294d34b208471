<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Meal;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Pot\RingKind;

/** Whatever is changed in a kitchen and taken, every page opens: what cannot be cooked says so on its own page. */
final class NoPageClosesTest extends FeatureTestCase
{
    public function test_each_thing_of_a_kitchen_is_changed_in_every_way_and_all_pages_open(): void
    {
        $meals = Meal::query()->pluck('id')->all();
        $dishes = Dish::query()->pluck('id')->all();
        $isWhole = getenv('ORBEK_WHOLE') !== false;
        $tried = $taken = $lacking = 0;
        foreach ($this->changes() as [$route, $fields]) {
            $tried++;
            DB::beginTransaction();
            if ($this->post($route, $fields + $this->seenKitchen())->getStatusCode() === 302) {
                $taken++;
                // The dishes in turn, three at a time; ORBEK_WHOLE=1 opens all of them after each change.
                $asked = $isWhole ? $dishes : array_slice([...$dishes, ...$dishes], $tried % count($dishes), 3);
                $meal = $meals[$tried % count($meals)];
                foreach ([
                    '/kitchen', '/kitchen/things', '/kitchen/stoves', ...$isWhole ? ['/shelf', '/shelf?page=2'] : [],
                    ...array_map(static fn (string $id): string => route('pot', $id), $asked),
                    ...array_map(static fn (string $id): string => route('meal', $id), $isWhole ? $meals : [$meal]),
                    route('clock', $asked[0]), route('dish.list', $asked[0]), route('meal.list', $meal),
                ] as $page) {
                    $answer = $this->get($page);
                    self::assertSame(200, $answer->getStatusCode(), "{$route} ".json_encode($fields)." {$page} ".mb_strimwidth(
                        trim((string) preg_replace('/\s+/', ' ', strip_tags((string) $answer->getContent()))), 0, 600,
                    ));
                    $lacking += str_contains((string) $answer->getContent(), 'cannot be cooked in this kitchen') ? 1 : 0;
                }
            }
            DB::rollBack();
        }
        self::assertGreaterThan(40, $taken);
        fwrite(STDERR, getenv('ORBEK_COUNTS') === false ? '' : "kitchen: {$tried} changes, {$taken} taken, {$lacking} pages that say what lacks\n");
    }

    public function test_a_meal_without_one_of_its_dishes_opens_and_is_mended(): void
    {
        $meal = Meal::query()->where('name', 'like', 'Two biryanis%')->sole();
        $dish = Dish::query()->where('name', 'like', 'Turkey%')->sole();
        $this->post(route('dish.away', $dish))->assertRedirect();
        $this->get(route('meal', $meal))->assertOk()->assertSee('Turkey and plum biryani')->assertSee('Back on the shelf')
            ->assertSee('Leave it out of this meal');
        $this->get('/shelf')->assertOk();
        $this->post(route('meal.without', [$meal, 0]), ['version' => 7])->assertStatus(409);
        $this->post(route('meal.without', [$meal, 0]), ['version' => $meal->version])->assertRedirect(route('meal', $meal));
        $this->get(route('meal', $meal))->assertOk()->assertSee('in the kitchen, from')->assertDontSee('Turkey and plum');
    }

    public function test_a_pot_moves_to_a_pot_and_a_cooker_to_a_cooker(): void
    {
        $away = fn (string $id, string $to): \Illuminate\Testing\TestResponse => $this->post(
            route('kitchen.thing.away', ['pot', $id]), ['move_to' => $to] + $this->seenKitchen(),
        );
        $cooker = (string) array_key_first(Kitchen::core()->cookers());
        $away('steel-24', $cooker)->assertStatus(422);
        $away($cooker, 'steel-24')->assertStatus(422)->assertSee('nothing of its kind');
        $away('steel-24', 'aluminium-28')->assertRedirect();
        $this->get(route('kitchen.things'))->assertOk();
    }

    /** @return iterable<array{string, array<string, mixed>}> what is posted where */
    private function changes(): iterable
    {
        $kitchen = Kitchen::core();
        foreach ($kitchen->equipment->pots as $id => $pot) {
            $usual = [
                'name' => $pot->name, 'material' => $pot->material->value, 'diameter_cm' => (string) $pot->diameterCm,
                'litres' => (string) $pot->litres,
            ];
            $cooker = ['cooker_watts' => '500', 'cooker_cup_ml' => '180'];
            foreach ([
                $cooker, ['cooker_watts' => ''], ['diameter_cm' => '12', 'litres' => '0.6'], ['diameter_cm' => '60', 'litres' => '60'],
                ['material' => 'clay'], ['material' => 'glass'], ['induction' => '1'], ['handles' => '1'], ['lid' => 'vent'],
                ['name' => '{x}'],
            ] as $way) {
                yield [route('kitchen.thing', ['pot', $id]), $way + $usual];
            }
            foreach (array_keys($kitchen->equipment->pots) as $other) {
                yield [route('kitchen.thing.away', ['pot', $id]), ['move_to' => (string) $other]];
            }
        }
        foreach ($kitchen->equipment->rings as $id => $ring) {
            $usual = ['name' => $ring->name, 'kind' => $ring->kind->value, 'watts' => (string) $ring->watts, 'marks' => ''];
            foreach (RingKind::cases() as $kind) {
                yield [route('kitchen.thing', ['ring', $id]), ['kind' => $kind->value, 'watts' => (string) min(2000, $kind->mostW())] + $usual];
            }
            foreach ([['watts' => '200'], ['marks' => 'low 60, high 100', 'least' => '60'], ['across_cm' => '4']] as $way) {
                yield [route('kitchen.thing', ['ring', $id]), $way + $usual];
            }
            foreach (array_keys($kitchen->equipment->rings) as $other) {
                yield [route('kitchen.thing.away', ['ring', $id]), ['move_to' => (string) $other]];
            }
        }
        foreach (array_keys($kitchen->equipment->plates) as $id) {
            yield [route('kitchen.thing', ['plate', $id]), ['name' => 'plate', 'kg' => '0.1']];
            yield [route('kitchen.thing.away', ['plate', $id]), []];
        }
        $place = ['name' => 'Here', 'altitude_m' => '640', 'room_c' => '20', 'tap_c' => '12', 'hands' => '1', 'oven' => '1'];
        foreach ([
            ['oven' => '0'], ['altitude_m' => '5500'], ['altitude_m' => '-430'], ['room_c' => '45', 'tap_c' => '40'],
            ['room_c' => '5', 'tap_c' => '2'], ['hands' => '6'], ['tray_cm2' => '100'], ['least_c' => '200', 'most_c' => '80'],
            ['least_c' => '30', 'most_c' => '80'], ['timezone' => 'Asia/Tehran'],
        ] as $way) {
            yield [route('kitchen.place'), $way + $place];
        }
    }
}
