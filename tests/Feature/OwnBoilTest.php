<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\LotTest;

/** A cook's own minutes in the boil stand beside the forecast, and teach the bag where the cook says so. */
final class OwnBoilTest extends FeatureTestCase
{
    public function test_own_minutes_are_told_against_the_forecast_and_teach_the_bag(): void
    {
        $dish = Dish::query()->where('name', 'like', 'Sour-cherry%')->firstOrFail();
        $change = fn (mixed $value): \Illuminate\Testing\TestResponse => $this->patchJson(
            route('dish.change', $dish), [
                'path' => 'told:boil_min', 'value' => $value, 'version' => $dish->refresh()->version, 'has' => [],
            ],
        );
        $this->get(route('pot.more', [$dish, 'water']))->assertSee('Your own minutes in the boil')->assertDontSee('as you do it');
        $change(4)->assertOk();
        $this->get(route('pot.more', [$dish, 'water']))->assertSee('Boiled 4 min, as you do it: in this water')->assertSee('let the bag learn it');
        $change(400)->assertStatus(422)->assertSee('400 is out of range; give 1 to 90 min');

        $before = $dish->refresh()->core()->grain->rice->bag;
        $this->post(route('lot.test', $before), [
            'soak_min' => '30', 'soak_c' => '20', 'tests' => [['minutes' => '4', 'stage' => 'breaks']],
        ])->assertRedirect(route('lot', $before));
        self::assertSame(1, LotTest::query()->where('lot', $before)->count());
        $this->get(route('lot', $before))->assertSee('faster than its kind');

        $change(null)->assertOk();
        $this->get(route('pot.more', [$dish, 'water']))->assertDontSee('as you do it');
        self::assertArrayNotHasKey('told', $dish->refresh()->document);
    }
}
