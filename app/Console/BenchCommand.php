<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use App\Formats\PictureFile;
use App\Http\Parts;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\LaidMeals;
use App\Models\Meal;
use App\Models\MealCook;
use App\StandIns\GlassCamera;
use App\Wording\Language;
use App\Wording\Pattern;
use App\Wording\Wording;
use Database\Seeders\DatabaseSeeder;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LogicException;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Cook\Event;
use Orbek\Core\Edit\Edits;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Heat\Findings;
use Orbek\Core\Heat\HeatSearch;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Heat\Likely;
use Orbek\Core\Heat\LineTillLow;
use Orbek\Core\Heat\MaybePots;
use Orbek\Core\Heat\Steering;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Station;
use Orbek\Core\Plan\Work\Day;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Psr\Clock\ClockInterface;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/**
 * How fast it is here. Each line is the median of its runs, beside what design.md asks for, and as
 * a ratio to a fixed piece of arithmetic measured in the same run: machines are noisy.
 */
final class BenchCommand extends Command
{
    private const WORK = 200_000;

    private const MANY = 3000;

    private ?string $ratioToC = null;

    /** Two hours on a plate: a wet filling, rice, a dough seal. */
    private const TWO_HOURS = [
        'pot' => ['diameter_cm' => 24, 'height_cm' => 14, 'base_heat_j_per_k' => 650],
        'burner' => ['kind' => 'gas', 'watts' => 3000, 'efficiency' => 0.42],
        'altitude_m' => 0,
        'seal' => 'dough',
        'layers' => [
            [
                'matter' => 'filling', 'kind' => 'lamb-cubes', 'mass_g' => 1600, 'raw' => false,
                'free_water_share' => 0.2,
                'temperature_c' => 85, 'half_thickness_mm' => 12, 'tenderness' => 0.7,
            ],
            [
                'matter' => 'rice', 'rice' => 'aged-basmati', 'raw_g' => 800, 'doneness' => 0.7, 'soak_min' => 90,
                'temperature_c' => 80,
            ],
        ],
        'heat' => [['minutes' => 120, 'setting' => 0.25, 'plate' => true]],
    ];

    /** Eaters that each dish of the demo is planned for. */
    private const EATERS = [2, 4, 9, 16];

    /** Turns of PHP and of C. */
    private const TURNS = 9;

    protected $signature = 'orbek:bench';

    protected $description = 'Print the benchmark table';

    /** So many sentences a page of the Pot says. */
    private const SENTENCES = 200;

    public function handle(ClockInterface $clock): int
    {
        $unit = self::median(30, static function (): void {
            $sum = 0.0;
            for ($i = 1; $i < self::WORK; $i++) {
                $sum += exp(-1 / $i);
            }
        });
        $this->table(
            ['what', 'median', 'at most', 'ratio to '.number_format(self::WORK).' exp()'],
            array_map(static fn (array $row): array => [
                $row[0], sprintf('%.2f ms', $row[2]), sprintf('%d ms', $row[1]), sprintf('%.3f', $row[2] / $unit),
            ], [...$this->core($clock), ...$this->pages()]),
        );
        $this->line(sprintf('%s exp() take %.2f ms here; PHP %s.', number_format(self::WORK), $unit, PHP_VERSION));
        if ($this->ratioToC !== null) {
            $this->line($this->ratioToC);
        }
        $this->line(sprintf(
            'First load, compressed: %d KB of styles, scripts and the Latin font (at most 350 KB).',
            (int) round($this->firstLoadBytes() / 1024),
        ));

        return self::SUCCESS;
    }

    /** @return list<array{string, float, float}> what, at most, median, ms */
    private function core(ClockInterface $clock): array
    {
        $kitchen = OpenFile::kitchen((string) file_get_contents(database_path('demo/kitchen.json')));
        $dish = OpenFile::dish((string) file_get_contents(database_path('demo/sour-cherry-polo.json')));
        $planner = Planner::in($kitchen, Knowledge::none(), $clock->now());
        $tasks = array_values($planner->plan($dish)->day->tasks);
        $boil = $planner->plan($dish)->boil() ?? throw new LogicException('The demo polo is boiled.');

        $photograph = PictureFile::pixels((new GlassCamera)->spoonful(0.7));

        return [
            ['parboil, one boil timed', 5.0, self::median(200, static function (): void {
                $soak = Soak::of(30, 20);
                $raw = Mass::grams(500);
                Boil::of(
                    CookingFront::of(RiceKind::AgedBasmati, $soak), Boil::soaked($raw, RiceKind::AgedBasmati, $soak),
                    Mass::grams(3500), 1000, 100, 20,
                )->secondsTo(0.7);
            })],
            ['parboil forecast with learning, two tests', 5.0, self::median(100, static function () use ($boil): void {
                $forecast = $boil->forecast->seeing([
                    Observation::touched(270, Stage::HardHeart), Observation::weighed(330, 2.05),
                ]);
                array_map($forecast->liftAt(...), [0.1, 0.5, 0.9]);
            })],
            ['grains under glass, 640 × 480', 300.0, self::median(15, static fn () => Reading::of($photograph))],
            ['clock, one dish', 20.0, self::median(100, static fn () => Day::lay($tasks))],
            ...$this->clockOfMeals(),
            ...$this->underTheLid($planner),
            ['plan, one dish, its heat looked for', 100.0, self::median(100, static fn () => $planner->plan($dish))],
            ['the words of a page, '.self::SENTENCES.' sentences of the Pot', 2.0, self::wordsOfAPage()],
        ];
    }

    /** As many sentences of the Pot as a page of it says, each with what it is given. */
    private static function wordsOfAPage(): float
    {
        $say = new Wording(lang_path());
        $said = [];
        foreach (Language::of(lang_path(), Wording::FIRST)->messages as $key => $message) {
            if (str_starts_with($key, 'pages/pot') && count($said) < self::SENTENCES) {
                $said[$key] = array_fill_keys(Pattern::arguments($message), 1);
            }
        }

        return self::median(50, static function () use ($say, $said): void {
            foreach ($said as $key => $args) {
                $say->say($key, ...$args);
            }
        });
    }

    /** @return list<array{string, float, float}> */
    private function underTheLid(Planner $planner): array
    {
        $found = [];
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            if (basename($file) === 'kitchen.json') {
                continue;
            }
            $dish = OpenFile::dish((string) file_get_contents($file));
            foreach (self::EATERS as $eaters) {
                $plan = $planner->plan($dish->changed('usual/eaters', $eaters));
                [$pot, $stove] = [$plan->sealedPot(), $plan->potted->first()->stove];
                if ($pot !== null && $stove !== null) {
                    $found[] = self::median(3, static fn (): Findings => HeatSearch::find(
                        $pot, $dish->aim(), $stove, $dish->bounds(), $plan->stove()->today()->sd(),
                    ));
                }
            }
        }
        sort($found);
        $median = $found[intdiv(count($found), 2)];
        $plan = $planner->plan(OpenFile::dish((string) file_get_contents(database_path('demo/sour-cherry-polo.json'))));

        return [
            ['two hours under the lid, 4 s step', 25.0, $this->againstC()],
            [sprintf('heat found, median of %d demo plans', count($found)), 60.0, $median],
            ['heat found, the slowest of them', 200.0, $found[count($found) - 1]],
            [
                sprintf('how sure, %d kitchens', HowSure::KITCHENS), 400.0,
                self::median(3, static fn () => $plan->howSure()),
            ],
            ['the same steered, beside the page', 1500.0, self::median(3, static fn () => $plan->steered())],
            ['what to do after a look', 150.0, self::afterALook($plan)],
        ];
    }

    /** From a pot whose steam was seen: where it may be, what is best from there, when to look; ms. */
    private static function afterALook(Plan $plan): float
    {
        $what = $plan->steerable();
        $line = $what === null ? null : LineTillLow::of($what->line);
        if ($what === null || $line === null) {
            throw new RuntimeException('The first dish has a low heat.');
        }

        return self::median(5, static function () use ($what, $line): array {
            $pots = MaybePots::of(
                $what->pot, $what->odds, $what->lotSd, static fn (SealedPot $pot): Steaming => $line->follow($pot)[0],
            );
            $minutes = $pots->steamMin();
            $seen = $minutes[$what->odds->likeliest()] ?? throw new RuntimeException('The first dish is steamed.');
            $odds = $what->odds->given(Likely::minute($minutes, $seen, $what->stove->steam->sdAt($seen)));
            $steering = Steering::from(
                pots: $pots->within($odds->rangeOfRings()), on: $line->on, stayMin: $line->pastMin,
                flames: Steering::flames($line->low->flame, $what->stove), bounds: $what->bounds, spentMin: 0.0,
                plannedMin: $line->low->minutes, restMin: $line->restMin, aim: $what->aim,
            );
            $turn = $steering->best($odds);

            return [$turn, $steering->look($odds, $turn)];
        });
    }

    /** Two hours under a lid, ms; beside it, turn by turn since machines are noisy, the same arithmetic in plain C. */
    private function againstC(): float
    {
        [$pot, [$stretch]] = OpenFile::lid((string) json_encode(self::TWO_HOURS));
        $follow = static function () use ($pot, $stretch): float {
            $steaming = new Steaming($pot);
            $steaming->advance($stretch->flame, 7200, 4.0);

            return $steaming->browning;
        };
        $php = $plain = $ratios = [];
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $php[] = $ms = self::median(12, $follow);
            $c = PlainC::follow($pot, $stretch, 4.0);
            if ($c !== null) {
                $plain[] = $c['ms'];
                $ratios[] = $ms / $c['ms'];
                $off = abs($follow() - $c['browning']);
            }
        }
        sort($php);
        sort($ratios);
        if (isset($off) && $plain !== []) {
            // What disturbs a turn disturbs one of the two: the quietest turn of each is what holds from run to run.
            $this->ratioToC = sprintf(
                'Two hours under the lid against the same arithmetic in plain C: %.1f times, the quietest of %d turns '
                .'of each (turn by turn %.1f to %.1f, median %.1f); browning %.4f in both, to %.0e.',
                $php[0] / min($plain), count($ratios), $ratios[0], $ratios[count($ratios) - 1],
                $ratios[intdiv(count($ratios), 2)], $follow(), $off,
            );
        }

        return $php[intdiv(count($php), 2)];
    }

    /** @return list<array{string, float, float}> */
    private function pages(): array
    {
        $dish = $this->demo();
        $kernel = $this->laravel->make(Kernel::class);
        // Each request is one of its own, as it is when it is served.
        $answer = function (string $path) use ($kernel): string {
            $this->laravel->forgetScopedInstances();
            $answer = $kernel->handle(Request::create($path));
            if ($answer->getStatusCode() !== 200) {
                throw new \RuntimeException("{$path} answered {$answer->getStatusCode()}.");
            }

            return (string) $answer->getContent();
        };

        $rows = $this->forgotten($kernel, $dish);
        $this->fill(self::MANY);
        foreach (self::paths($dish) as $name => $path) {
            $what = sprintf(
                'page %s with %d dishes and cooks, server side; %d KB', $name, self::MANY,
                (int) round(strlen($answer($path)) / 1024),
            );
            $rows[] = [$what, 30.0, self::median(40, static fn () => $answer($path))];
        }

        return [...$rows, ...$this->changes($dish), ...$this->stove($kernel, $dish), ...$this->sixDishes()];
    }

    /** @return list<array{string, float, float}> */
    private function stove(Kernel $kernel, Dish $dish): array
    {
        $cook = MealCook::beginDish((string) Str::ulid(), $dish, new DateTimeImmutable);
        $ask = function (string $seen) use ($kernel, $cook): Response {
            $this->laravel->forgetScopedInstances();

            return $kernel->handle(Request::create(
                "/meal-cooks/{$cook->id}/body?seen={$seen}", server: ['HTTP_SEC_FETCH_MODE' => 'cors'],
            ));
        };
        $seen = static function (Response $answer): string {
            $body = json_decode((string) $answer->getContent(), true);

            return is_array($body) && is_string($body['seen'] ?? null) ? $body['seen'] : '';
        };
        $last = $seen($ask(''));

        return [
            [
                'a phone looks, and something has happened, server side', 100.0,
                self::median(20, static fn () => $ask('')),
            ],
            ['a phone looks, and nothing has happened, server side', 3.0, self::median(
                60, static function () use ($ask, $seen, &$last): void {
                    $answer = $ask($last);
                    // The minute is another.
                    $last = $answer->getStatusCode() === 204 ? $last : $seen($answer);
                },
            )],
        ];
    }

    /** @return list<array{string, float, float}> */
    private function sixDishes(): array
    {
        $dishes = Dish::query()->oldest('id')->limit(CoreMeal::MOST_DISHES)->pluck('id')->all();
        $meal = Meal::query()->create(Meal::columns(CoreMeal::fromArray([
            'format' => CoreMeal::FORMAT, 'name' => 'Six dishes', 'serve_at' => '2026-12-19T19:30', 'eaters' => 12,
            'hands' => CoreMeal::MOST_HANDS,
            'dishes' => array_map(static fn (string $id): array => ['dish' => $id, 'eaters' => 3], $dishes),
        ])));
        $laid = $this->laravel->make(LaidMeals::class);
        $laid->plan($meal);
        $eaters = 12;

        return [['six dishes, six pairs of hands: a word changed', 1000.0, self::median(
            5, static function () use ($laid, $meal, &$eaters): void {
                $laid->plan((clone $meal)->fill(Meal::columns($meal->core()->with(['eaters' => ++$eaters]))));
            },
        )]];
    }

    /** The demo in a database that nobody sees; one of its dishes. */
    private function demo(): Dish
    {
        config([
            'app.key' => 'base64:'.base64_encode(random_bytes(32)),
            'database.connections.sqlite.database' => ':memory:', 'session.driver' => 'array',
            'cache.default' => 'array',
        ]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
        $this->laravel->call([$this->laravel->make(DatabaseSeeder::class), 'run']);
        app()->instance(Household::class, Household::query()->firstOrFail());

        return Dish::query()->where('school', 'drained-and-steamed')->firstOrFail();
    }

    /** @return array<string, string> by name */
    private static function paths(Dish $dish): array
    {
        $two = Cook::query()->whereNotNull('rice')->limit(2)->pluck('id')->all();

        return [
            'Shelf' => '/shelf', 'Pot' => "/dishes/{$dish->id}", 'Clock' => "/dishes/{$dish->id}/clock",
            'Notebook' => '/notebook', 'Kitchen' => '/kitchen', 'a bag' => '/kitchen/lots/september-bag',
            'found on the Shelf' => '/shelf?find=trout',
            'found in the Notebook' => '/notebook?fault=rice:hard&pot=steel-24',
            'two cooks' => '/notebook/compare?'.http_build_query(['cook' => $two]),
            'over time' => '/notebook/trends',
            'a cook’s page' => "/cooks/{$two[0]}/record", 'Drill' => '/drill',
        ];
    }

    /** @return list<array{string, float, float}> the core's and the views' share; a browser adds its drawing to it */
    private function changes(Dish $dish): array
    {
        $draw = static fn (Plan $plan, Station $open): array => Parts::of('pot.body', [
            'dish' => $dish, 'plan' => $plan, 'open' => $open, 'nextCook' => (string) Str::ulid(),
        ], []);
        $setting = 20;
        $eaters = 5;

        return [
            ['Heat redrawn after a drag, server side', 150.0, self::median(20, function () use (
                $dish, $draw, &$setting,
            ): void {
                $setting = $setting === 20 ? 30 : 20;
                $planner = $this->laravel->make(Planner::class);
                $plan = $planner->plan(Edits::read('heat:setting:1', $setting)->on($planner->plan($dish->core())));
                $draw($plan, Station::Heat);
            })],
            ['change on the Pot, server side', 150.0, self::median(40, function () use (
                $dish, $draw, &$eaters,
            ): void {
                $eaters = $eaters === 5 ? 9 : 5;
                $was = $dish->core();
                $changed = $was->changed('usual/eaters', $eaters);
                OpenFile::change($was, $changed);
                $draw($this->laravel->make(Planner::class)->plan($changed), Station::Table);
            })],
        ];
    }

    /** As many dishes and cooks as come together in years, all copies of the demo's. */
    private function fill(int $many): void
    {
        DB::transaction(static function () use ($many): void {
            foreach (
                ['dishes' => Dish::query()->getQuery()->get(), 'cooks' => DB::table('cooks')->get()] as $table => $rows
            ) {
                for ($n = count($rows); $n < $many; $n++) {
                    // What the database itself computes is not written.
                    $row = array_diff_key(
                        (array) $rows[$n % count($rows)],
                        array_flip(['pot', 'ring', 'rice', 'crust', 'filling', 'late_min', 'used_g']),
                    );
                    $id = strtolower((string) Str::ulid());
                    if ($table === 'cooks') {
                        $of = (array) DB::table('meal_cooks')->find($row['meal_cook_id']);
                        DB::table('meal_cooks')->insert(['id' => $id] + $of);
                    }
                    DB::table($table)->insert(
                        ['id' => $id] + (
                            $table === 'dishes' ? ['name' => "{$row['name']} {$n}"] : ['meal_cook_id' => $id]
                        ) + $row,
                    );
                }
            }
        });
    }

    /**
     * A pot closed a week ago and forgotten: from its page to its note.
     *
     * @return list<array{string, float, float}>
     */
    private function forgotten(Kernel $kernel, Dish $dish): array
    {
        $times = [];
        for ($n = 0; $n < 5; $n++) {
            $closed = new DateTimeImmutable('-7 days');
            $cook = MealCook::beginDish((string) Str::ulid(), $dish, $closed->modify('-2 hours'));
            $event = static fn (string $type, int $at, ?string $subject, array $more = []): Event => Event::fromFields(
                Fields::of(
                    [
                        'id' => (string) Str::ulid(),
                        'type' => $type,
                        'at' => $at,
                    ] + ($subject === null ? [] : ['subject' => $subject]) + $more,
                ),
            );
            $events = [];
            foreach (array_map(strval(...), array_keys($cook->plan()->plans[0]->day->tasks)) as $task) {
                $events[] = [0, $event('started', $closed->getTimestamp(), $task)];
                if ($task === 'heat-1') {
                    break;
                }
                $events[] = [0, $event('done', $closed->getTimestamp(), $task)];
            }
            $cook->record($events, new DateTimeImmutable);
            $start = hrtime(true);
            $kernel->handle(Request::create("/meal-cooks/{$cook->id}"));
            MealCook::query()->findOrFail($cook->id)->record([
                [0, $event('done', time(), 'heat-1')], [0, $event('done', time(), 'open')],
                [null, $event('served', time(), null)],
                [0, $event('noted', time(), null, [
                    'outcome' => ['rice' => 'wet', 'crust' => 'burnt', 'filling' => 'dry'],
                ])],
            ], new DateTimeImmutable);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return [['a pot forgotten for a week: opened, served, noted', 1000.0, $times[2]]];
    }

    private function firstLoadBytes(): int
    {
        $bytes = 0;
        foreach (glob(public_path('build/assets/*.{css,js}'), GLOB_BRACE) ?: [] as $file) {
            $bytes += strlen((string) gzencode((string) file_get_contents($file), 6));
        }
        foreach (glob(public_path('build/assets/anek-latin-latin-standard-*.woff2')) ?: [] as $file) {
            $bytes += (int) filesize($file);
        }

        return $bytes;
    }

    /** @return float ms */
    private static function median(int $runs, callable $run): float
    {
        $run();
        $times = [];
        for ($i = 0; $i < $runs; $i++) {
            $start = hrtime(true);
            $run();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[intdiv($runs, 2)];
    }

    /** @return list<array{string, float, float}> the clock on the meals of the tests: a plan at once, and bettered */
    private function clockOfMeals(): array
    {
        $rows = [];
        foreach (['at once' => Laying::AT_ONCE, 'bettered' => Laying::BETTERED] as $what => $steps) {
            $ms = $over = [];
            foreach (glob(base_path('tests/Core/Clock/meals/*.json')) ?: [] as $file) {
                $json = (string) file_get_contents($file);
                $tasks = OpenFile::tasks($json);
                $known = json_decode($json, true);
                $began = hrtime(true);
                $laid = Laying::of($tasks->jobs, $tasks->things, $tasks->hotWithinMin, $steps);
                $ms[] = (hrtime(true) - $began) / 1e6;
                $over[] = 100 * ($laid->busyMin / (is_array($known) ? $known['known']['busy_min'] : 1) - 1);
            }
            sort($ms);
            $rows[] = [
                sprintf(
                    'clock, meals, %s: %.1f %% over the best known, worst %.1f %%', $what,
                    array_sum($over) / max(1, count($over)), $over === [] ? 0 : max($over),
                ),
                $what === 'at once' ? 300.0 : 5000.0, $ms[intdiv(count($ms), 2)] ?? 0.0,
            ];
        }

        return $rows;
    }
}
