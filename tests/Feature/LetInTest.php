<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\Member;
use App\Models\Role;
use App\StandIns\PracticeClock;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Symfony\Component\Process\Process;

/** What comes in by forms and taps is taken, or said back; nothing of it breaks a page from then on. */
final class LetInTest extends FeatureTestCase
{
    private const ODD_NAMES = ['{x}', '{0, plural, one{a}}', "it's '{' here", '# 100 % <b>', '^circumflex', 'ÅÄÖ ٤٥', '👩‍🍳'];

    public function test_names_of_any_signs_are_shown_as_they_are(): void
    {
        foreach (self::ODD_NAMES as $name) {
            $this->post('/kitchen/lots', [
                'name' => $name, 'kind' => 'persian', 'bought_g' => '900', 'bought_on' => '2026-09-01', ...$this->seenKitchen(),
            ])->assertRedirect();
            $this->post(route('kitchen.thing', 'pot'), [
                'name' => $name, 'material' => 'steel', 'diameter_cm' => '24', 'litres' => '5', ...$this->seenKitchen(),
            ])->assertRedirect();
            $this->post(route('kitchen.thing', 'ring'), [
                'name' => $name, 'kind' => 'gas', 'watts' => '2000', 'marks' => '', ...$this->seenKitchen(),
            ])->assertRedirect();
            $this->post(route('kitchen.thing', 'plate'), ['name' => $name, 'kg' => '2', ...$this->seenKitchen()])->assertRedirect();
            $this->patchJson(route('dish.change', $this->dish()), [
                'path' => 'rice/lot', 'value' => array_key_last(Kitchen::core()->pantry->bags), 'version' => $this->dish()->version,
            ])->assertOk();
            foreach (
                ['/kitchen', '/kitchen/things', '/kitchen/stoves', route('lot', array_key_last(Kitchen::core()->pantry->bags)), '/shelf', '/notebook',
                    route('pot', $this->dish()), route('dish.list', $this->dish()), route('kitchen.versions', Kitchen::inUse())] as $page
            ) {
                $this->get($page)->assertOk();
            }
        }
        $this->get('/kitchen')->assertSee('{x}')->assertSee('^circumflex');
    }

    public function test_a_things_id_can_stand_in_an_address(): void
    {
        foreach (['{x}', 'a/b', '..\\x', '?', '#', '%41', 'pot@ring', ' x', "x\ny"] as $id) {
            $document = Kitchen::core()->toArray();
            $document['lots'][0]['id'] = $id;
            $this->post(route('kitchens.import'), ['document' => json_encode($document)])->assertStatus(422);
        }
        self::assertSame(1, Kitchen::query()->count());
        $document['lots'][0]['id'] = 'کیسه ۲';
        $this->post(route('kitchens.import'), ['document' => json_encode($document)])->assertRedirect();
    }

    public function test_a_supper_is_late_by_half_a_day_at_most_and_says_so(): void
    {
        $cook = $this->begun();
        $this->post(route('meal-cook.begin', Meal::query()->firstOrFail()), ['cook' => $id = (string) Str::ulid(), 'when' => 'planned']);
        $meal = MealCook::query()->findOrFail(strtolower($id));
        foreach ([route('cook.events', $cook), route('meal-cook.events', $meal)] as $to) {
            $taken = 0;
            for ($tap = 0; $tap < 35; $tap++) {
                $status = $this->postJson($to, ['body' => true, 'events' => [[
                    'id' => (string) Str::ulid(), 'type' => 'late', 'at' => time(), 'minutes' => 120,
                ]]])->assertOk()->json('events.0');
                $taken += $status['status'] === 'taken' ? 1 : 0;
                if ($tap > 5) {
                    self::assertSame('refused', $status['status']);
                    self::assertStringContainsString('14 h late in all', $status['message']);
                }
            }
            self::assertSame(6, $taken);
        }
        // What an older Orbek took of such taps opens again.
        for ($tap = 0; $tap < 35; $tap++) {
            $id = (string) Str::ulid();
            foreach ([['late', ['minutes' => 120]], ['lengthened', ['minutes' => 60, 'subject' => 'heat-1']]] as [$type, $fields]) {
                CookEvent::query()->create([
                    'id' => $id = (string) Str::ulid(), 'meal_cook_id' => $cook->meal_cook_id, 'dish' => 0, 'type' => $type, 'received_at' => now(),
                    'document' => ['id' => $id, 'type' => $type, 'at' => time()] + $fields,
                ]);
            }
        }
        $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk();
        $this->get(route('meal-cook.alone', $cook->meal_cook_id))->assertOk();
    }

    public function test_what_is_no_text_is_refused_by_field(): void
    {
        $meal = Meal::query()->firstOrFail();
        foreach (["\xff\xfe", "a\0b", "2026-\0".'12-24T19:00'] as $text) {
            $this->post('/kitchen/lots', ['name' => $text, 'kind' => 'persian', ...$this->seenKitchen()])->assertStatus(422);
            $this->post(route('kitchen.place'), ['name' => 'x', 'timezone' => $text, ...$this->seenKitchen()])->assertStatus(422);
            $this->post(route('drill.lift'), ['seconds' => $text])->assertStatus(422);
            $this->get('/shelf?find='.rawurlencode($text))->assertStatus(422);
            $this->post(route('dish.preview'), ['text' => $text])->assertStatus(422);
        }
        $this->patchJson(route('meal.change', $meal), [
            'path' => 'serve_at', 'value' => "2026-12-24T\0".'19:00', 'version' => $meal->version,
        ])->assertStatus(422)->assertSee('value');
        self::assertSame($meal->serve_at, $meal->refresh()->serve_at);
    }

    public function test_an_id_that_another_household_has_is_refused(): void
    {
        $dish = $this->begun();
        $this->post(route('meal-cook.begin', Meal::query()->firstOrFail()), ['cook' => $id = (string) Str::ulid(), 'when' => 'planned']);
        $document = $this->dish()->document;
        $other = Household::query()->create(['name' => 'Next door'])->takeInUse();
        app()->instance(Household::class, $other);
        Kitchen::query()->create(['document' => json_decode((string) file_get_contents(database_path('demo/kitchen.json')), true), 'in_use' => true]);
        $theirs = Dish::query()->create(['document' => $document, 'name' => 'Polo', 'school' => $document['school'], 'version' => 1]);
        $this->post(route('cook.begin', $theirs), ['cook' => $dish->id])->assertStatus(422)->assertSee('taken');
        $this->post(route('begin.dish'), ['made' => $document['id'] ?? $this->anyDishOf($dish), 'school' => 'raw-filling'])->assertStatus(422);
        $this->post(route('meal.begin'), ['dishes' => [$theirs->id]])->assertRedirect();
        $this->post(route('meal-cook.begin', Meal::query()->firstOrFail()), ['cook' => $id, 'when' => 'planned'])->assertStatus(422)->assertSee('taken');
    }

    private function anyDishOf(Cook $cook): string
    {
        return (string) $cook->dish_id;
    }

    public function test_a_test_taken_back_twice_at_once_is_taken_back_once(): void
    {
        $before = Household::known();
        $this->post(route('lot.test', 'lakeside-sack'), [
            'soak_min' => '30', 'soak_c' => '20', 'tests' => [['minutes' => '6', 'stage' => 'half']],
        ])->assertRedirect();
        $test = LotTest::query()->firstOrFail();
        $twice = clone $test;
        app(\App\Http\Controllers\KitchenController::class)->takeBack('lakeside-sack', $test);
        app(\App\Http\Controllers\KitchenController::class)->takeBack('lakeside-sack', $twice);
        self::assertEqualsWithDelta(0, Household::known()->distance($before), 1e-9);
    }

    public function test_members_are_told_apart_by_what_is_seen(): void
    {
        $join = static fn (string $name): Member => Member::join(
            Household::inUse(), Role::Member, Fields::of(['name' => $name, 'passphrase' => 'a long passphrase']),
        );
        self::assertSame('Ada Löw', $join("\u{200B} Ada\u{00AD}  Löw\u{FEFF}")->name);
        self::assertSame("می\u{200C}نا", $join("می\u{200C}نا")->name);
        foreach (['ada löw', 'ADA LÖW', "Ada\u{00A0}Lo\u{308}w", 'مینا', 'Ａda Löw', "Ada\u{200D} Löw"] as $same) {
            try {
                $join($same);
                self::fail("{$same} is a second one");
            } catch (Refused $taken) {
                self::assertSame('name', $taken->field);
            }
        }
        $this->expectException(Refused::class);
        $join("\u{200B}\u{FEFF}");
    }

    public function test_guessing_at_a_passphrase_to_change_it_waits(): void
    {
        $member = Member::join(Household::inUse(), Role::Owner, Fields::of(['name' => 'Ada', 'passphrase' => 'a long passphrase']));
        $this->actingAs($member);
        $change = fn (string $old): \Illuminate\Testing\TestResponse => $this->post(
            route('people.passphrase'), ['old' => $old, 'passphrase' => 'another long one', 'again' => 'another long one'],
        );
        for ($try = 0; $try < 5; $try++) {
            $change("wrong {$try}")->assertStatus(422)->assertSee('not the passphrase');
        }
        $change('a long passphrase')->assertStatus(422)->assertDontSee('not the passphrase');
    }

    public function test_one_id_is_one_tap(): void
    {
        $cook = $this->begun();
        $tap = ['id' => (string) Str::ulid(), 'type' => 'late', 'at' => time(), 'minutes' => 10];
        $status = fn (array ...$events): array => array_column(
            (array) $this->postJson(route('cook.events', $cook), ['events' => $events])->assertOk()->json('events'), 'status',
        );
        self::assertSame(['taken', 'refused'], $status($tap, ['minutes' => 20] + $tap));
        self::assertSame(['known', 'known'], $status($tap, $tap));
        self::assertSame(['refused'], $status(['minutes' => 30] + $tap));
        self::assertSame(10, $cook->fold(app(PracticeClock::class)->now())->state->lateMin);
    }

    public function test_a_refusal_on_the_command_line_is_one_line(): void
    {
        foreach (["a\nb", "a\r\n\tb\x07", "x\u{2028}y"] as $odd) {
            $run = new Process([PHP_BINARY, 'artisan', 'orbek:parboil', "--rice={$odd}"], base_path(), null, null, 60);
            self::assertSame(1, $run->run());
            self::assertSame(1, substr_count($run->getErrorOutput(), "\n"), $run->getErrorOutput());
            self::assertMatchesRegularExpression('/^--rice: [^\x00-\x1F]+\n$/', $run->getErrorOutput());
        }
    }
}
