<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\LotTest;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Plan\Planner;

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

        // In its own pot, whose water cools as the rice goes in: not as a spoonful in a litre would.
        $bag = $dish->refresh()->core()->grain->rice->bag;
        $boil = app(Planner::class)->plan($dish->core())->boil()->forecast ?? self::fail('it is boiled');
        $this->post(route('dish.own-minutes', $dish))->assertRedirect(route('lot', $bag));
        $taught = LotTest::query()->where('lot', $bag)->sole();
        self::assertSame([['seconds' => 240, 'stage' => $dish->core()->grain->water->stage->value]], $taught->document['tests']);
        self::assertEqualsWithDelta(
            $boil->seeing([Observation::touched(240, $dish->core()->grain->water->stage)])->taught, $taught->likelihood, 1e-6,
        );
        $this->get(route('lot', $bag))->assertSee('faster than its kind');

        $change(null)->assertOk();
        $this->get(route('pot.more', [$dish, 'water']))->assertDontSee('as you do it');
        self::assertArrayNotHasKey('told', $dish->refresh()->document);
        $this->post(route('dish.own-minutes', $dish))->assertStatus(422)->assertSee('this dish tells none');
    }
}
