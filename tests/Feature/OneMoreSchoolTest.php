<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\CraftFiles;
use App\Models\Cook;
use App\Models\Dish;
use App\Wording\Wording;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Plan\Planner;

/** A school is a file and a filling kind a row: ones that nobody has heard of go all the way to the stove. */
final class OneMoreSchoolTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $folder = sys_get_temp_dir().'/orbek-craft-'.getmypid();
        @mkdir("{$folder}/schools", recursive: true);
        foreach (
            [
                ...glob(base_path('schema/craft/schools/*.json')) ?: [],
                base_path('tests/data/craft/schools/ember.json'),
            ] as $school
        ) {
            copy($school, "{$folder}/schools/".basename($school));
        }
        foreach (glob(base_path('schema/craft/*.json')) ?: [] as $file) {
            copy($file, "{$folder}/".basename($file));
        }
        $rows = static fn (string $file): array => (array) json_decode(
            (string) file_get_contents(base_path($file)),
            true,
        );
        file_put_contents(
            "{$folder}/fillings.json",
            json_encode([...$rows('schema/craft/fillings.json'), ...$rows('tests/data/craft/fillings.json')]),
        );
        $this->app->instance(Craft::class, CraftFiles::read($folder, new Wording(lang_path())));
    }

    public function test_what_is_remembered_of_the_craft_is_read_anew_where_a_file_came_or_went(): void
    {
        $folder = sys_get_temp_dir().'/orbek-craft-'.getmypid();
        $schools = static fn (): array => array_keys(
            CraftFiles::remembered($folder, new Wording(lang_path()), Cache::store('drawn'))->schools->all
        );
        self::assertContains('ember', $schools());
        self::assertSame($schools(), $schools());
        unlink("{$folder}/schools/ember.json");
        self::assertNotContains('ember', $schools());
    }

    public function test_it_goes_through_plan_pot_clock_and_stove(): void
    {
        $this->get(route('shelf'))->assertOk()->assertSee('Ember rice, sealed with greens');
        $this->post(route('dish.start'), ['school' => 'ember'])->assertRedirect();
        $dish = Dish::query()->where('school', 'ember')->firstOrFail();
        $plan = app(Planner::class)->plan($dish->core());

        self::assertSame(12.0, $plan->dish->fillings->get(0)->toughest()->tenderMin);
        self::assertNotNull($plan->course());
        self::assertSame(['gluten'], array_keys($plan->dish->allergens()));
        $this->get(route('pot', $dish))->assertOk()->assertSee('nettle dumplings')->assertSee(
            'Ember rice, sealed with greens',
        );
        $this->get(route('pot.more', [$dish, 'filling']))->assertOk()->assertSee(
            'value="nettle-dumplings" selected',
            false,
        );
        $this->get(route('clock', $dish))->assertOk()->assertSee('Roll the dumplings');

        $id = (string) Str::ulid();
        $this->post(route('cook.begin', $dish), ['cook' => $id])->assertRedirect();
        $cook = Cook::query()->findOrFail(strtolower($id));
        $first = array_key_first($plan->day->tasks);
        $events = [[
            'id' => (string) Str::ulid(), 'type' => 'started', 'at' => now()->getTimestamp(), 'subject' => $first,
        ]];
        $this->postJson(
            route('cook.events', $cook),
            ['events' => $events],
        )->assertOk()->assertJsonPath('events.0.status', 'taken');
        $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk()->assertSee(strtolower($id));
    }
}
