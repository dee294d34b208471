<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DishVersion;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\MealVersion;
use App\Models\StoveTest;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** What keeps others out, and what a hostile or clumsy request gets. */
final class StrangersTest extends FeatureTestCase
{
    public function test_every_answer_carries_the_headers(): void
    {
        foreach (['/shelf', '/nothing-here', '/token', '/kitchen/absorption?cup=mug'] as $path) {
            $answer = $this->get($path);
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertMatchesRegularExpression("/script-src 'self' 'nonce-[A-Za-z0-9]{20,}'/", $policy, $path);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            $answer->assertHeader(
                'X-Content-Type-Options',
                'nosniff',
            )->assertHeader('Referrer-Policy', 'same-origin')->assertHeaderMissing('X-Powered-By');
            self::assertStringContainsString('camera=()', (string) $answer->headers->get('Permissions-Policy'));
        }
        self::assertNotSame(
            $this->get('/shelf')->headers->get('Content-Security-Policy'),
            $this->get('/shelf')->headers->get('Content-Security-Policy'),
            'a nonce is used once',
        );
    }

    public function test_no_page_has_a_script_or_a_style_of_its_own(): void
    {
        $cook = $this->begun();
        foreach (
            [
                '/shelf', route('pot', $this->dish()), route('clock', $this->dish()), '/notebook', '/kitchen', '/drill',
                '/care', route('meal-cook', $cook->meal_cook_id),
            ] as $path
        ) {
            $page = (string) $this->get($path)->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression('/\sstyle="/', $page, $path);
            self::assertDoesNotMatchRegularExpression('/\son[a-z]+="/', $page, $path);
            self::assertDoesNotMatchRegularExpression('/<script(?![^>]*(src=|application\/json))/', $page, $path);
        }
    }

    #[DataProvider('hosts')]
    public function test_only_its_own_hosts_are_answered(string $host, int $status): void
    {
        config(['orbek.hosts' => ['127.0.0.1', 'localhost', '[::1]', 'kitchen.home']]);
        $this->get("http://{$host}/care")->assertStatus($status);
    }

    /** @return iterable<string, array{string, int}> */
    public static function hosts(): iterable
    {
        foreach (
            [
                '127.0.0.1' => 200, '127.0.0.1:8080' => 200, 'localhost' => 200, '[::1]:8080' => 200,
                'kitchen.home' => 200, 'KITCHEN.home:81' => 200, 'evil.example' => 421, '127.0.0.1.evil.example' => 421,
                '10.0.0.9' => 421,
            ] as $host => $status
        ) {
            yield $host => [$host, $status];
        }
    }

    public function test_routes_that_orbek_does_not_use_are_off(): void
    {
        $foreign = array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Registered $route): bool => str_starts_with($route->uri(), 'storage/')
                || $route->uri() === 'up'
                || str_starts_with($route->uri(), 'sanctum'),
        );
        self::assertSame([], array_map(static fn (Registered $route): string => $route->uri(), array_values($foreign)));
    }

    public function test_a_list_where_a_text_is_meant_is_refused_everywhere(): void
    {
        $cook = $this->begun();
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/oil', 'value' => true, 'version' => 1],
        )->assertOk();
        $this->post(
            '/kitchen/lots/lakeside-sack/tests',
            ['soak_min' => '30', 'soak_c' => '20', 'tests' => [['minutes' => '6', 'stage' => 'half']]],
        )->assertRedirect();
        $this->post(
            route('stoves.test'),
            [
                'pot' => 'steel-24', 'burner' => 'ring-1', 'litres' => '2', 'from_c' => '20', 'to_c' => '90',
                'minutes' => '14', 'setting' => '100',
            ],
        )->assertRedirect();
        $this->post(
            route('meal-cook.begin', Meal::query()->firstOrFail()), ['cook' => (string) Str::ulid(), 'when' => 'planned'],
        )->assertRedirect();
        $mealCook = MealCook::query()->firstOrFail();
        $this->patchJson(
            route('meal.change', Meal::query()->firstOrFail()),
            ['path' => 'name', 'value' => 'Another', 'version' => 1],
        )->assertOk();
        $known = [
            'dish' => $this->dish()
                ->id, 'cook' => $cook
                ->id, 'version' => DishVersion::query()
                ->firstOrFail()
                ->id, 'id' => 'lakeside-sack',
            'session' => 'x', 'photograph' => $this->photograph()->id, 'token' => 'x', 'member' => 'x', 'device' => 'x',
            'meter' => 'x', 'station' => 'table', 'step' => 'place', 'kitchen' => Kitchen::inUse()->id,
            'meal' => Meal::query()->firstOrFail()->id,
            'mealCook' => $mealCook->id, 'mealVersion' => MealVersion::query()->firstOrFail()->id, 'minute' => '5', 'place' => '0',
            'thing' => 'pot', 'complaint' => 'pale', 'test' => LotTest::query()->firstOrFail()->id,
        ];
        $names = [
            'cook', 'path', 'value', 'version', 'open', 'has', 'view', 'name', 'kind', 'bought_g', 'bought_on', 'units',
            'cup', 'salt', 'document', 'school', 'eaters', 'lines', 'entry', 'done', 'events', 'in', 'back', 'up',
            'stage', 'seconds', 'speed', 'forward_s', 'real', 'find', 'page', 'line', 'seal', 'pot', 'burner', 'litres',
            'minutes', 'setting', 'material', 'diameter_cm', 'height_cm', 'watts', 'marks', 'least', 'kg', 'altitude_m',
            'room_c', 'tap_c', 'move_to', 'soak_min', 'soak_c', 'tests', 'raw_g', 'folded', 'file', 'from_c', 'to_c',
            'lot',
            'go', 'how', 'boil_c', 'pots', 'rings', 'bags', 'sure', 'oven', 'cooker', 'hands', 'dishes',
            'who', 'seen', 'portions', 'how', 'unit', 'of_raw_g', 'passphrase', 'again', 'old', 'role',
            'shows', 'picture', 'crust_across', 'crust_down', 'white_across', 'white_down', 'what', 'key', 'table',
            'fault', 'ring', 'month', 'said',
        ];
        foreach (['a list' => ['x'], 'a list of lists' => [['x' => ['y']]]] as $what => $bad) {
            foreach (Route::getRoutes()->getRoutes() as $route) {
                $method = $route->methods()[0];
                if ($route->getName() === 'stoves.test.back') {
                    $known['test'] = StoveTest::query()->value('id') ?? 'gone';
                }
                $path = (string) preg_replace_callback(
                    '/\{(\w+)\}/',
                    static fn (array $found): string => $known[$found[1]]
                        ?? self::fail("{$route->uri()}: give {$found[1]}"),
                    $route->uri(),
                );
                $sent = array_fill_keys($names, $bad);
                $answer = $method === 'GET'
                    ? $this->get("/{$path}?".http_build_query($sent))
                    : $this->json($method, "/{$path}", $sent);
                self::assertLessThan(
                    500,
                    $answer->getStatusCode(),
                    "{$method} {$path} with {$what}: ".mb_substr((string) $answer->getContent(), 0, 200),
                );
            }
        }
        self::assertSame(2, MealCook::query()->open()->count(), 'nothing was begun by it');
    }
}
