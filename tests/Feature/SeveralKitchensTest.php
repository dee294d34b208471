<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\KitchenVersion;
use App\StandIns\PracticeClock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Tests\Core\Sample;

/** One's own kitchen beside the demo, several kitchens in one household, and readings of all kinds. */
final class SeveralKitchensTest extends FeatureTestCase
{
    public function test_the_demo_is_left_for_ones_own_and_taken_away(): void
    {
        $this->get('/shelf')->assertSee('This is the demo kitchen')->assertSee('begin your own');
        $this->post(route('demo.own'))->assertRedirect(route('begin'));
        $this->post(
            route('begin.answer', 'place'), ['name' => 'Loft', 'go' => 'next'],
        )->assertRedirect(route('begin', 'pots'));
        $this->post(route('begin.answer', 'pots'), ['pots' => [['diameter_cm' => '90']], 'go' => 'next'])
            ->assertOk()->assertSee('90 is out of range; give 10 to 60 cm');
        // What was typed is there when the page is opened again.
        $this->get(route('begin', 'pots'))->assertSee('value="90"', false);
        $this->get(route('begin', 'dish'))->assertRedirect(route('begin'));
        $this->post(
            route('begin.answer', 'pots'), ['pots' => [['diameter_cm' => '26', 'litres' => '6']], 'go' => 'row'],
        );
        $this->get(route('begin', 'pots'))->assertSee('Pot 2: across inside, cm');
        $this->post(
            route('begin.answer', 'pots'), ['pots' => [['diameter_cm' => '26', 'litres' => '6'], []], 'go' => 'less-1'],
        );
        $this->get(route('begin', 'pots'))->assertDontSee('Pot 2: across inside, cm');
        // What was on its way does not come over what was given later.
        $this->post(route('begin.look', 'place'), ['name' => 'New', 'said_at' => '2000'])->assertOk();
        $this->post(
            route('begin.look', 'place'), ['name' => 'Late', 'said_at' => '1000'],
        )->assertOk()->assertSee('New');
        $begin = ['school' => 'raw-filling', 'made' => (string) Str::ulid()];
        $made = $this->post(route('begin.dish'), $begin)->assertRedirect()->headers->get('Location');
        $this->post(route('begin.dish'), $begin)->assertRedirect($made);
        self::assertSame([2, 2], [Household::query()->count(), Kitchen::withoutGlobalScopes()->count()]);
        $this->post(route('begin.dish'), ['made' => 'x'] + $begin)->assertStatus(422);
        $this->get('/shelf')->assertSee('New')->assertDontSee('This is the demo kitchen')->assertSee('A first dish');

        $this->post(route('demo.in'));
        $this->get('/shelf')->assertSee('back to your own');
        $this->post(route('demo.own'))->assertRedirect(route('shelf'));
        $this->get(route('demo.ask'))->assertOk();
        $this->postJson(route('demo.away'), [])->assertStatus(422);
        self::assertSame(2, Household::query()->count());
        $this->post(route('demo.away'), ['sure' => '1']);
        self::assertSame(1, Household::query()->count());
        $this->get('/kitchen')->assertOk()->assertSee('New');
        self::assertSame(0, Cook::query()->count());
    }

    public function test_without_any_kitchen_every_place_leads_to_the_first_minutes(): void
    {
        Household::query()->get()->each->delete();
        foreach (['/', '/shelf', '/pot', '/kitchen', '/stove', '/notebook', '/drill'] as $path) {
            $this->followingRedirects()->get($path)->assertOk()->assertSee('How do you measure?');
        }
    }

    public function test_a_dish_opened_in_another_kitchen_is_moved_and_each_change_is_told(): void
    {
        $club = Sample::json('kitchen');
        $club['name'] = 'The club';
        $club['pots'] = [
            ['id' => 'big', 'name' => 'the big one', 'material' => 'steel', 'diameter_cm' => 30, 'litres' => 12],
        ];
        $club['burners'] = [['id' => 'hob', 'name' => 'the hob', 'kind' => 'ceramic', 'watts' => 2300]];
        $this->post(route('kitchens.import'), ['document' => json_encode($club)])->assertRedirect(route('kitchen'));
        $other = Kitchen::query()->where('in_use', false)->firstOrFail();
        $this->get('/kitchen')->assertSee('The club');
        $this->post(route('kitchens.use', $other));
        $this->get('/shelf')->assertOk()->assertSee('the big one');
        $dish = Dish::query()->where('name', 'like', 'Turkey%')->firstOrFail();
        $this->get(route('pot', $dish))->assertOk()->assertSee('moved to what is here')->assertSee(
            'pot to steam in: the big one, was 24 cm steel, 5.5 L'
        );
        self::assertSame('big', $dish->refresh()->core()->lid->pot);
        self::assertSame(2, $dish->version);
        $this->get(route('pot', $dish))->assertDontSee('moved to what is here');

        $first = Kitchen::query()->where('in_use', false)->firstOrFail();
        $this->postJson(route('kitchens.away', $other))->assertStatus(422)->assertJsonFragment([
            'message' => 'kitchen: it is cooked in; cook in another one first.',
        ]);
        $this->post(route('kitchens.away', $first));
        self::assertSame(1, Kitchen::query()->count());
        $this->post(route('kitchens.back'));
        self::assertSame(2, Kitchen::query()->count());
    }

    public function test_undo_brings_back_the_kitchen_it_is_of_and_no_other(): void
    {
        $this->post(route('kitchens.import'), ['document' => json_encode(['name' => 'The club'] + Kitchen::core()->toArray())]);
        $other = Kitchen::query()->where('in_use', false)->firstOrFail();
        $plate = fn (string $name): array => $this->seenKitchen() + ['name' => $name, 'kg' => '2'];
        $this->post(route('kitchen.thing', 'plate'), $plate('iron'))->assertRedirect();
        [$first, $seen] = [Kitchen::inUse(), $this->seenKitchen()];
        $this->post(route('kitchens.use', $other));
        $this->post(route('kitchen.thing', 'plate'), $plate('stone'))->assertRedirect();

        // Two windows: the one of the first kitchen still stands open.
        $this->post(route('kitchen.undo'), $seen)->assertRedirect();
        self::assertArrayNotHasKey('iron', $first->refresh()->read()->equipment->plates);
        self::assertArrayHasKey('stone', $other->refresh()->read()->equipment->plates);
        $this->post(route('kitchen.place'), ['name' => 'Loft', ...$seen])->assertStatus(409);
        $this->get(route('kitchen.versions', $first))->assertOk()->assertSee('plates 1 name');
        $oldest = KitchenVersion::query()->where('kitchen_id', $first->id)->oldest('version')->firstOrFail();
        $this->post(
            route('kitchen.undo'), ['to' => $oldest->id, 'kitchen' => $other->id, 'version' => $other->version],
        )->assertStatus(422);
        $this->post(route('units'), ['kitchen' => 'nobody', 'version' => 1])->assertStatus(422)->assertSee('no such kitchen');
    }

    public function test_a_kitchen_goes_out_as_a_file_and_in_again_the_same(): void
    {
        $file = (string) $this->get(route('kitchens.file'))->assertOk()->getContent();
        self::assertSame(Kitchen::core()->toArray(), json_decode($file, true));
        $upload = static fn (string $text): array => [
            'file' => UploadedFile::fake()->createWithContent('kitchen.json', $text),
        ];
        $this->post(route('kitchens.preview'), $upload($file))->assertOk()->assertSee('Nothing is kept yet');
        $old = str_replace(['orbek-kitchen\/2', 'orbek-kitchen/2'], 'orbek-kitchen/1', $file);
        $this->post(route('kitchens.preview'), $upload($old))->assertOk()->assertSee('of an older edition');
        foreach (
            ['{"format": "orbek-dish/1"}', '{', '[]', "\xff", '{"format": "orbek-kitchen/2", "name": "x"}'] as $broken
        ) {
            $this->post(
                route('kitchens.preview'), $upload($broken), ['Accept' => 'application/json'],
            )->assertStatus(422);
        }
        $this->postJson(route('kitchens.preview'))->assertStatus(422);
        self::assertSame(1, Kitchen::query()->count());
    }

    public function test_degrees_hours_and_pounds_are_shown_everywhere_and_stored_once(): void
    {
        $stored = Kitchen::core()->toArray();
        $this->post(route('units'), [
            ...$this->seenKitchen(), 'units' => 'ounces', 'cup' => 'us-customary', 'salt' => 'fine',
            'degrees' => 'fahrenheit', 'hours' => '12', 'week_starts' => 'sunday',
        ])->assertRedirect();
        $dish = $this->dish();
        // In the afternoon, where the two ways to tell the hours differ.
        $clock = app(PracticeClock::class);
        $clock->putForward(
            $clock->now()->setTimezone(Kitchen::core()->site->timezone)->modify('tomorrow 14:03')->getTimestamp()
                - $clock->now()->getTimestamp(),
        );
        $plan = $this->plan();
        $times = [
            $plan->day->tableAt->format('H:i'), $plan->day->at($plan->day->schedule->firstStart())->format('H:i'),
        ];
        foreach (
            [
                '/shelf', route('pot', $dish), route('clock', $dish), '/kitchen', '/kitchen/things', '/kitchen/stoves',
                '/care',
                route('pot.more', [$dish, 'water']), route('pot.more', [$dish, 'heat']), route('dish.list', $dish),
            ] as $path
        ) {
            $shown = (string) preg_replace(
                '/<svg.*?<\/svg>/s', '', (string) $this->get($path)->assertOk()->getContent(),
            );
            self::assertStringNotContainsString('°C', $shown, $path);
            foreach ($times as $time) {
                self::assertStringNotContainsString($time, strip_tags($shown), $path);
            }
        }
        $this->get('/kitchen')->assertSee('208.2 °F');
        $this->get(route('pot', $dish))->assertSee('lb');
        // The tap as it is read is stored as °C.
        $this->post(route('kitchen.place'), [
            ...$this->seenKitchen(), 'name' => 'Boathouse kitchen', 'altitude_m' => '640',
            'room_c' => '68',
            'tap_c' => '50', 'hands' => '1', 'oven' => '1', 'least_c' => '122', 'most_c' => '446', 'thermometer' => '1',
            'scale' => '1',
            'tray_cm2' => '1400',
        ])->assertRedirect();
        $now = Kitchen::core()->toArray();
        self::assertEquals($stored['tap_c'], $now['tap_c']);
        self::assertEquals($stored['oven'], $now['oven']);
        self::assertEquals($stored['room_c'], $now['room_c']);
    }
}
