<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\AsksWho;
use App\Models\Cook;
use App\Models\Device;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Invitation;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\Member;
use App\Models\Role;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;

/** Where a home network is served: who signs in, who comes in, and that nobody sees another household. */
final class PeopleTest extends FeatureTestCase
{
    private const PASSPHRASE = 'rice over low heat';

    protected function setUp(): void
    {
        parent::setUp();
        config(['orbek.sign_in' => true, 'session.driver' => 'database']);
        $this->app->forgetInstance('session');
    }

    public function test_every_page_wants_a_sign_in_but_the_few_that_show_nothing(): void
    {
        $asked = 0;
        foreach ($this->routes() as [$method, $path, $name]) {
            $page = $this->call($method, $path);
            $data = $this->json($method, $path);
            if (in_array($name, AsksWho::OPEN, true)) {
                self::assertContains($page->getStatusCode(), [200, 302, 404, 422], "{$name} is open");
                self::assertStringNotContainsString(
                    'Sour-cherry', (string) $page->getContent(), "{$name} shows nothing of a household",
                );

                continue;
            }
            $page->assertRedirect(route('sign-in'));
            $data->assertStatus(401)->assertJsonMissingPath('body');
            $asked++;
        }
        self::assertGreaterThan(90, $asked);
    }

    public function test_a_stranger_who_is_signed_in_elsewhere_gets_nothing_of_this_household(): void
    {
        $this->actingAs($this->owner());
        $this->begun();
        $known = $this->known();
        $events = Cook::query()->firstOrFail()->ofMeal()->events()->count();
        $before = [
            Dish::query()->count(), Meal::query()->count(), Dish::query()->pluck('version', 'id')->all(),
            Kitchen::inUse()->version,
        ];
        $stranger = $this->stranger();
        $walked = 0;
        foreach ($this->routes($known) as [$method, $path, $name, $isOfTheirs]) {
            $this->actingAs($stranger);
            $sent = [
                'path' => 'usual/eaters', 'value' => 3, 'version' => 1, 'events' => [[
                    'id' => (string) Str::ulid(), 'type' => 'started', 'subject' => 'rinse', 'at' => time(),
                ]],
            ];
            $answer = $method === 'GET' ? $this->get($path) : $this->json($method, $path, $sent);
            if ($isOfTheirs) {
                self::assertContains($answer->getStatusCode(), [403, 404, 422], "{$method} {$path} ({$name})");
                $walked++;
            }
            foreach (['Sour-cherry', 'Winter supper', 'Lakeside'] as $theirs) {
                self::assertStringNotContainsString(
                    $theirs, (string) $answer->getContent(), "{$method} {$path} ({$name})",
                );
            }
            // Signing out is one of the routes.
            Auth::forgetGuards();
        }
        self::assertGreaterThan(45, $walked);
        $this->actingAs($this->owner());
        $this->get('/shelf')->assertOk()->assertSee('Sour-cherry');
        self::assertSame(
            $before,
            [
                Dish::query()->count(), Meal::query()->count(), Dish::query()->pluck('version', 'id')->all(),
                Kitchen::inUse()->version,
            ],
        );
        self::assertSame($events, Cook::query()->firstOrFail()->ofMeal()->events()->count());
    }

    public function test_members_come_along_to_another_kitchen_than_the_demos(): void
    {
        $owner = $this->owner();
        $this->actingAs($owner)->post(route('begin.answer', 'place'), ['name' => 'Loft', 'go' => 'next'])->assertRedirect();
        $this->actingAs($owner->refresh())->post(
            route('begin.dish'), ['school' => 'raw-filling', 'made' => (string) Str::ulid()],
        )->assertRedirect();
        $household = Household::query()->findOrFail($owner->refresh()->household_id);
        self::assertSame([false, true], [$household->is_demo, $household->in_use]);
        foreach (Household::query()->where('is_demo', false)->get() as $own) {
            self::assertTrue(Member::query()->where('household_id', $own->id)->exists(), $own->name);
        }
        $this->actingAs($owner)->get('/shelf')->assertOk()->assertSee('A first dish');
    }

    public function test_one_signs_in_is_remembered_and_a_planted_session_is_worth_nothing(): void
    {
        $owner = $this->owner();
        self::assertStringStartsWith('$argon2id$', $owner->passphrase);
        $this->get('/shelf')->assertRedirect(route('sign-in'));
        $planted = session()->getId();
        $answer = $this->post(
            '/sign-in', ['name' => 'Ada', 'passphrase' => self::PASSPHRASE],
        )->assertRedirect(url('/shelf'));
        self::assertNotSame($planted, session()->getId());
        $cookie = $answer->getCookie('orbek-session', false);
        self::assertTrue($cookie?->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
        self::assertEqualsWithDelta(180 * 86400, $cookie->getExpiresTime() - time(), 100);
        $this->get('/shelf')->assertOk()->assertSee('Ada');
        $this->post('/sign-out')->assertRedirect(route('sign-in'))->assertHeader('Clear-Site-Data');
        Auth::forgetGuards();
        $this->get('/shelf')->assertRedirect(route('sign-in'));
    }

    public function test_five_wrong_tries_slow_down_and_tell_nothing(): void
    {
        $this->owner();
        for ($try = 1; $try <= 5; $try++) {
            $this->post('/sign-in', ['name' => 'Ada', 'passphrase' => "wrong number {$try}"])
                ->assertStatus(422)->assertSee('there is no such name and passphrase');
        }
        $this->post(
            '/sign-in', ['name' => 'Ada', 'passphrase' => self::PASSPHRASE],
        )->assertStatus(422)->assertSee('too many tries');
        $this->post('/sign-in', ['name' => 'Nobody', 'passphrase' => self::PASSPHRASE])
            ->assertStatus(422)->assertSee('there is no such name and passphrase');
        $this->travel(61)->seconds();
        $this->post('/sign-in', ['name' => 'Ada', 'passphrase' => self::PASSPHRASE])->assertRedirect();
    }

    public function test_an_invitation_works_once_and_for_ten_minutes(): void
    {
        $this->actingAs($this->owner());
        $this->post(route('people.invite'), ['role' => 'member'])->assertRedirect(route('people'));
        $link = session('invitation');
        self::assertIsString($link);
        self::assertStringNotContainsString(basename($link), (string) Invitation::query()->value('token_sum'));
        Auth::forgetGuards();
        $this->flushSession();
        $this->get($link)->assertOk()->assertSee('What shall you be called');
        $me = ['name' => 'Ben', 'passphrase' => self::PASSPHRASE, 'again' => self::PASSPHRASE];
        $this->post($link, ['again' => 'something else'] + $me)->assertStatus(422)->assertSee('not the same twice');
        $this->post($link, ['name' => 'Ada'] + $me)->assertStatus(422)->assertSee('is taken');
        $this->post(
            $link, ['passphrase' => 'short', 'again' => 'short'] + $me,
        )->assertStatus(422)->assertSee('10 letters or more');
        $this->post($link, $me)->assertRedirect(route('shelf'));
        $ben = Member::query()->where('name', 'Ben')->firstOrFail();
        self::assertFalse($ben->isOwner());
        Auth::forgetGuards();
        $this->flushSession();
        $this->post($link, ['name' => 'Cleo'] + $me)->assertRedirect($link);
        $this->get($link)->assertSee('used up');

        $late = Invitation::for(Household::inUse(), Role::Member, now()->toDateTimeImmutable()->modify('-11 minutes'));
        $this->get(route('join', $late))->assertSee('used up');
    }

    public function test_a_member_cooks_and_does_not_change_the_house(): void
    {
        $this->owner();
        $ben = Member::join(
            Household::inUse(), Role::Member, Fields::of(['name' => 'Ben', 'passphrase' => self::PASSPHRASE]),
        );
        $this->actingAs($ben);
        $this->post(route('cook.begin', $this->dish()), ['cook' => (string) Str::ulid()])->assertRedirect();
        foreach (AsksWho::OWNERS as $name) {
            $route = Route::getRoutes()->getByName($name) ?? self::fail("{$name} is no route");
            $path = (string) preg_replace('/\{\w+\??\}/', 'x', $route->uri());
            $this->call($route->methods()[0], $path)->assertStatus(403);
        }
        $this->get(route('people'))->assertOk()->assertDontSee('Invite somebody');
    }

    public function test_devices_are_listed_and_signed_out_and_a_new_passphrase_signs_out_the_others(): void
    {
        $owner = $this->owner();
        $session = static fn (string $id, ?string $user, string $agent): bool => Device::query()->insert([
            'id' => $id, 'user_id' => $user, 'user_agent' => $agent, 'payload' => '', 'last_activity' => time(),
        ]);
        $session('phone', $owner->id, 'Mozilla/5.0 (Linux; Android 15) Chrome/140');
        $session('tablet', $owner->id, 'Mozilla/5.0 (iPad) Safari/605');
        $session('theirs', $this->stranger()->id, 'Mozilla/5.0 (Windows) Firefox/140');
        $this->actingAs($owner);
        $this->get(route('people'))->assertOk()->assertSee('Chromium on Android')->assertSee('Safari on a tablet')
            ->assertDontSee('Firefox on Windows')->assertDontSee('"phone"', false);
        $this->post(route('people.device.out', hash('sha256', 'theirs')))->assertNotFound();
        $this->post(route('people.device.out', hash('sha256', 'phone')))->assertRedirect();
        self::assertNull(Device::query()->find('phone'));
        $this->post(
            route('people.passphrase'),
            ['old' => 'no', 'passphrase' => 'another long one', 'again' => 'another long one'],
        )
            ->assertStatus(422)->assertSee('that is not the passphrase');
        $this->post(
            route('people.passphrase'),
            ['old' => self::PASSPHRASE, 'passphrase' => 'another long one', 'again' => 'another long one'],
        )
            ->assertRedirect();
        self::assertNull(Device::query()->find('tablet'));
        self::assertNotNull(Device::query()->find('theirs'));
        $this->post(route('people.away', $owner->id))->assertStatus(422)->assertSee('a household keeps an owner');
    }

    public function test_leaving_the_demo_takes_the_members_along(): void
    {
        $owner = $this->owner();
        $this->actingAs($owner);
        $this->post(route('demo.own'))->assertRedirect(route('begin'));
        $own = $owner->refresh()->household_id;
        self::assertNotSame(Household::inUse()->id, $own);
        Auth::forgetGuards();
        $this->actingAs($owner->refresh());
        $this->get('/begin')->assertOk();
        $this->get('/shelf')->assertRedirect(route('begin'));
        $this->post(route('demo.in'))->assertNotFound();
    }

    private function owner(): Member
    {
        return Member::query()->where('name', 'Ada')->first()
            ?? Member::join(
                Household::inUse(), Role::Owner, Fields::of(['name' => 'Ada', 'passphrase' => self::PASSPHRASE]),
            );
    }

    /** An owner of another household, with a kitchen of its own. */
    private function stranger(): Member
    {
        $document = Kitchen::inUse()->document;
        $other = Household::query()->create(['name' => 'Elsewhere']);
        $here = app(Household::class);
        app()->instance(Household::class, $other);
        Kitchen::query()->create([
            'document' => [
                'name' => 'Another kitchen', 'lots' => [['name' => 'another bag'] + $document['lots'][0]],
            ] + $document, 'in_use' => true,
        ]);
        app()->instance(Household::class, $here);

        return Member::join($other, Role::Owner, Fields::of(['name' => 'Zed', 'passphrase' => self::PASSPHRASE]));
    }

    /** @return array<string, string> what is there of this household, by the parameter that names it */
    private function known(): array
    {
        $dish = $this->dish();
        $this->actingAs($this->owner());
        $this->patchJson(
            route('dish.change', $dish), ['path' => 'water/oil', 'value' => true, 'version' => 1],
        )->assertOk();
        $meal = Meal::query()->firstOrFail();
        $this->patchJson(
            route('meal.change', $meal), ['path' => 'name', 'value' => 'Winter supper again', 'version' => 1],
        )->assertOk();
        $this->post(route('meal-cook.begin', $meal), ['cook' => (string) Str::ulid(), 'when' => 'planned'])->assertRedirect();
        $this->post(
            '/kitchen/lots/lakeside-sack/tests',
            ['soak_min' => '30', 'soak_c' => '20', 'tests' => [['minutes' => '6', 'stage' => 'half']]],
        )->assertRedirect();
        Auth::forgetGuards();

        return [
            'photograph' => $this->photograph()->id,
            'dish' => $dish->id, 'version' => \App\Models\DishVersion::query()->firstOrFail()->id, 'meal' => $meal->id,
            'mealVersion' => \App\Models\MealVersion::query()->firstOrFail()->id,
            'mealCook' => MealCook::query()->whereNotNull('meal')->firstOrFail()->id,
            'cook' => MealCook::query()->whereNull('meal')->latest('id')->firstOrFail()->id,
            'kitchen' => Kitchen::inUse()->id,
            'test' => LotTest::query()->firstOrFail()->id, 'member' => $this->owner()->id,
            'device' => hash('sha256', 'phone'),
        ];
    }

    /**
     * Every route there is, with what it names.
     *
     * @param  array<string, string>  $known
     * @return list<array{string, string, string, bool}> method, path, name, whether it names what is this household's
     */
    private function routes(array $known = []): array
    {
        $else = [
            'station' => 'table', 'step' => 'place', 'minute' => '5', 'place' => '0', 'thing' => 'pot', 'complaint' => 'pale',
            'id' => 'none-such',
        ];

        return array_values(array_map(static function (Registered $route) use ($known, $else): array {
            preg_match_all('/\{(\w+)/', $route->uri(), $names);
            $path = (string) preg_replace_callback(
                '/\{(\w+)\??\}/',
                static fn (array $found): string => $known[$found[1]] ?? $else[$found[1]] ?? '01jdj7k0000000000000000000', $route->uri(),
            );

            return [
                $route->methods()[0], "/{$path}", (string) $route->getName(),
                array_intersect($names[1], array_keys($known)) !== [],
            ];
        }, array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Registered $route): bool => ! in_array($route->uri(), ['/', 'sign-out'], true),
        )));
    }
}
