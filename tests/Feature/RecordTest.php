<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\RecordDrawing;
use App\Models\Cook;
use App\Models\Dish;
use App\StandIns\PracticeClock;
use App\Wording\Wording;
use Illuminate\Support\Str;
use Orbek\Core\Plan\Planner;

/** A cook's own page, lines written later, and leftovers from the stove to another dish. */
final class RecordTest extends FeatureTestCase
{
    public function test_a_past_cook_is_shown_as_planned_and_as_it_was(): void
    {
        $cook = Cook::query()->whereNotNull('served_at')->oldest('started_at')->firstOrFail();
        $page = (string) $this->get(route('cook.record', $cook))->assertOk()->assertSee('As planned and as it was')
            ->assertSee('The boil')->assertSee('Its heat, as it was')->assertSee('Amounts, as they were')->getContent();
        self::assertLessThan(60_000, strlen($page));
        $drawing = new RecordDrawing($cook->fold(app(PracticeClock::class)->now()), app(Wording::class));
        self::assertSame(
            count($drawing->rows()), substr_count($page, 'class="planned"') - 1,
            'a planned bar a step, and one in the legend',
        );
        foreach ($drawing->rows() as $row) {
            self::assertGreaterThanOrEqual(RecordDrawing::LEFT, $row['planned']['x']);
            self::assertLessThanOrEqual($drawing->width, $row['planned']['x'] + $row['planned']['width']);
        }
        self::assertNotSame([], array_filter($drawing->rows(), static fn (array $row): bool => $row['was'] !== null));
        $this->get('/notebook')->assertSee(route('cook.record', $cook, false));
    }

    public function test_a_line_is_written_later_and_stays_text(): void
    {
        $cook = Cook::query()->whereNotNull('served_at')->oldest('started_at')->firstOrFail();
        $this->post(
            route('cook.remark', $cook), ['line' => 'at breakfast <script>it was dry</script>'],
        )->assertRedirect(route('cook.record', $cook));
        $this->get(route('cook.record', $cook))->assertSee('at breakfast &lt;script&gt;it was dry', false);
        $this->post(route('cook.remark', $cook), ['line' => ''])->assertStatus(422);
        $remark = $cook->fold(app(PracticeClock::class)->now())->state->remarks[0]->id;
        $this->post(route('cook.remark', $cook), ['back' => $remark])->assertRedirect(route('cook.record', $cook));
        $this->get(route('cook.record', $cook))->assertDontSee('it was dry');
        $this->post(route('cook.remark', $cook), ['back' => 'x'])->assertStatus(422)->assertSee('no such line');
    }

    public function test_what_is_left_stands_on_the_shelf_till_it_is_gone_and_begins_another_dish(): void
    {
        [$in, $late] = [$this->served(), $this->served()];
        app(PracticeClock::class)->putForward(3600);
        $this->tell($in, 'chilled', ['portions' => 3]);
        app(PracticeClock::class)->putForward(2 * 3600);
        $this->tell($late, 'chilled', ['portions' => 2]);
        $this->get(route('meal-cook', $in->meal_cook_id))->assertSee('3 portions in the fridge');
        $shelf = $this->get('/shelf')->assertOk()->assertSee('In the fridge')->assertSee('3 portions of')
            ->assertSee('eat by');
        self::assertSame(1, substr_count((string) $shelf->getContent(), 'more than the 2 h that cooked rice may'));
        $this->post(route('cook.leftovers', $late), ['how' => 'thrown'])->assertRedirect();
        self::assertSame([$in->id], array_map(static fn (Cook $one): string => $one->id, Cook::left()));

        $dishes = Dish::query()->count();
        $this->post(route('cook.yesterday', $in))->assertRedirect();
        self::assertSame($dishes + 1, Dish::query()->count());
        $dish = Dish::query()->latest('id')->firstOrFail();
        self::assertSame('yesterday', $dish->school);
        self::assertSame(3, $dish->core()->table->eaters);
        self::assertSame('chicken, cherries of the day before', $dish->core()->fillings->main()?->name);
        $this->get(route('pot.more', [$dish, 'filling']))->assertOk()->assertSee('Reheat leftovers once');
        self::assertSame([], Cook::left());
        $this->post(route('cook.yesterday', $in))->assertStatus(422)->assertSee('nothing is left of');
        self::assertSame($dishes + 1, Dish::query()->count());
    }

    public function test_a_change_for_next_time_is_taken_into_the_dish_and_told(): void
    {
        $cook = Cook::query()->where('rice', 'hard')->firstOrFail();
        $this->get(route('cook.record', $cook))->assertSee('data-url="'.route('cook.next', $cook).'"', false);
        $page = (string) $this->get(route('cook.next', $cook))->assertOk()->assertSee('Likeliest causes')->assertSee(
            'What to change next time'
        )->getContent();
        self::assertMatchesRegularExpression('/right in <strong>\d+<\/strong> of 24/', $page);
        preg_match('/name="path" value="([^"]+)"><input type="hidden" name="value" value="([^"]+)"/', $page, $offered);
        self::assertNotSame([], $offered, 'a change of the dish is offered');
        $dish = Dish::query()->findOrFail($cook->dish_id);
        $sent = ['path' => $offered[1], 'value' => html_entity_decode($offered[2]), 'version' => $dish->version];
        $this->followingRedirects()->post(
            route('cook.next.take', $cook), $sent,
        )->assertOk()->assertSee('Changed:')->assertSee('Undo');
        self::assertSame($dish->version + 1, $dish->refresh()->version);
        self::assertNotSame([], $dish->core()->lid->heat);
        $this->post(route('cook.next.take', $cook), $sent)->assertStatus(409);
        $this->post(
            route('cook.next.take', $cook),
            ['path' => 'lid/heat', 'value' => '[{"minutes":-4}]', 'version' => $dish->version],
        )->assertStatus(422);
        $this->post(
            route('cook.next.take', $cook), ['path' => 'colour', 'value' => '{', 'version' => $dish->version],
        )->assertStatus(422);
        self::assertSame($dish->version, $dish->refresh()->version);
    }

    public function test_that_one_is_cooked_again_for_others_in_another_pot(): void
    {
        $cook = Cook::query()->where('rice', 'right')->where('crust', 'golden')->firstOrFail();
        $before = Dish::query()->count();
        $this->followingRedirects()->post(
            route('cook.again', $cook), ['eaters' => 2, 'pot' => 'iron-20', 'burner' => 'ring-1'],
        )
            ->assertOk()->assertSee('Changed:')->assertSee('people: 2, was');
        self::assertSame($before + 1, Dish::query()->count());
        $made = Dish::query()->latest('id')->firstOrFail()->core();
        self::assertSame(2, $made->table->eaters);
        self::assertStringContainsString(', as on ', $made->name);
        self::assertSame([], $made->lid->heat, 'another heat is found for another pot');
        self::assertTrue(app(Planner::class)->plan($made)->isRight());
        $this->post(route('cook.again', $cook), ['eaters' => 900])->assertStatus(422)->assertSee('eaters');
        $this->post(route('cook.again', $cook), ['eaters' => 3, 'pot' => 'none-such'])->assertStatus(422);
        self::assertSame($before + 1, Dish::query()->count());
    }

    private function served(): Cook
    {
        $cook = $this->begun();
        $this->tell($cook, 'served');
        $this->tell($cook, 'noted', ['outcome' => ['rice' => 'right', 'crust' => 'golden', 'filling' => 'right']]);

        return $cook;
    }

    /** @param  array<string, mixed>  $more */
    private function tell(Cook $cook, string $type, array $more = []): void
    {
        $this->postJson(route('cook.events', $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => $type, 'at' => app(PracticeClock::class)->now()->getTimestamp(),
        ] + $more]])->assertOk()->assertJsonPath('events.0.status', 'taken');
    }
}
