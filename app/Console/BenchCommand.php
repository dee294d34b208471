<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use App\Models\Dish;
use App\Models\Household;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Water\BoilingPoint;
use Psr\Clock\ClockInterface;

/**
 * How fast it is here. Each line is the median of its runs, beside what design.md asks for, and as
 * a ratio to a fixed piece of arithmetic measured in the same run: machines are noisy.
 */
final class BenchCommand extends Command
{
    private const WORK = 200_000;

    private ?string $ratioToC = null;

    protected $signature = 'orbek:bench';

    protected $description = 'Print the benchmark table';

    public function handle(ClockInterface $clock): int
    {
        $kitchen = OpenFile::kitchen((string) file_get_contents(database_path('demo/kitchen.json')));
        $dish = OpenFile::dish((string) file_get_contents(database_path('demo/sour-cherry-polo.json')));
        $planner = Planner::in($kitchen, Knowledge::none(), $clock->now());
        $tasks = array_values($planner->plan($dish)->schedule->tasks);
        $boil = $planner->plan($dish)->boiled();

        $unit = self::median(30, static function (): void {
            $sum = 0.0;
            for ($i = 1; $i < self::WORK; $i++) {
                $sum += exp(-1 / $i);
            }
        });

        $rows = [
            ['parboil, one boil timed', 5.0, self::median(200, static function (): void {
                $soak = Soak::of(30, 20);
                $raw = Mass::grams(500);
                Boil::of(CookingFront::of(RiceKind::AgedBasmati, $soak), Boil::soaked($raw, RiceKind::AgedBasmati, $soak), Mass::grams(3500), 1000, 100, 20)->secondsTo(0.7);
            })],
            ['parboil forecast with learning, two tests', 5.0, self::median(100, static function () use ($boil): void {
                $forecast = $boil->forecast->seeing([Observation::touched(270, Stage::HardHeart), Observation::weighed(330, 2.05)]);
                array_map($forecast->liftAt(...), [0.1, 0.5, 0.9]);
            })],
            ['clock, one dish', 1000.0, self::median(100, static fn () => CountBack::lay($tasks))],
            ...$this->underTheLid($planner),
            ['plan, one dish', 40.0, self::median(100, static fn () => $planner->plan($dish))],
            ...$this->pages(),
        ];

        $this->table(['what', 'median', 'at most', 'ratio to '.number_format(self::WORK).' exp()'], array_map(static fn (array $row): array => [
            $row[0], sprintf('%.2f ms', $row[2]), sprintf('%d ms', $row[1]), sprintf('%.3f', $row[2] / $unit),
        ], $rows));
        $this->line(sprintf('%s exp() take %.2f ms here; PHP %s.', number_format(self::WORK), $unit, PHP_VERSION));
        if ($this->ratioToC !== null) {
            $this->line($this->ratioToC);
        }
        $this->line(sprintf('First load, compressed: %d KB of styles, scripts and the Latin font (at most 350 KB).', (int) round($this->firstLoadBytes() / 1024)));

        return self::SUCCESS;
    }

    /** @return list<array{string, float, float}> */
    private function underTheLid(Planner $planner): array
    {
        // The worked case of two hours on the plate: filling, rice, a dough seal.
        $pot = self::twoHours();
        $block = new HeatBlock(120, 0.25, true, null, 0.25);
        $ms = self::median(30, static function () use ($pot, $block): void {
            (new Steaming($pot))->advance($block, 7200, 4.0);
        });
        $c = PlainC::follow($pot, $block, 4.0);
        if ($c !== null) {
            $php = new Steaming($pot);
            $php->advance($block, 7200, 4.0);
            $this->ratioToC = sprintf('Two hours under the lid: PHP %.2f ms, the same arithmetic in plain C %.2f ms, a ratio of %.1f; browning %.4f in both, to %.0e.', $ms, $c['ms'], $ms / $c['ms'], $php->browning, abs($php->browning - $c['browning']));
        }

        $rows = [['two hours under the lid, 4 s step', 25.0, $ms]];
        foreach (['sour-cherry-polo', 'turkey-plum-biryani', 'jackfruit-cashew-biryani'] as $name) {
            $plan = $planner->plan(OpenFile::dish((string) file_get_contents(database_path("demo/{$name}.json"))));
            $rows[] = ["heat plan found, {$name}", 1500.0, self::median(3, static fn () => $plan->heatPlans())];
        }
        $rows[] = ['how sure, 20 pots', 1500.0, self::median(3, static fn () => $plan->howSure())];

        return $rows;
    }

    private static function twoHours(): SealedPot
    {
        return SealedPot::of(24, 14, SealedPot::BASE_J_PER_K, 3000 * 0.42, BoilingPoint::at(0), Seal::Dough, [
            SealedLayer::filling(FillingKind::LambCubes, 1.6, 0.0, 0.2, 85, 12, 0.7),
            SealedLayer::rice(RiceKind::AgedBasmati, Soak::of(90, 20), 0.8, 0.7, 80),
        ]);
    }

    /** @return list<array{string, float, float}> */
    private function pages(): array
    {
        config(['database.connections.sqlite.database' => ':memory:', 'session.driver' => 'array', 'cache.default' => 'array']);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
        $this->laravel->call([$this->laravel->make(DatabaseSeeder::class), 'run']);
        app()->instance(Household::class, Household::query()->firstOrFail());
        $dish = Dish::query()->where('school', 'drained-and-steamed')->firstOrFail();
        $kernel = $this->laravel->make(Kernel::class);
        $get = static fn (string $path) => static function () use ($kernel, $path): void {
            $answer = $kernel->handle(Request::create($path));
            if ($answer->getStatusCode() !== 200) {
                throw new \RuntimeException("{$path} answered {$answer->getStatusCode()}.");
            }
        };

        $rows = [];
        foreach (['Shelf' => '/shelf', 'Pot' => "/dishes/{$dish->id}", 'Clock' => "/dishes/{$dish->id}/clock", 'Notebook' => '/notebook'] as $name => $path) {
            $rows[] = ["page {$name}, server side", 40.0, self::median(40, $get($path))];
        }
        $rows[] = ['Heat redrawn after a drag, server side', 150.0, self::median(20, function () use ($dish, &$setting): void {
            $setting = ($setting ?? 20) === 20 ? 30 : 20;
            $planner = $this->laravel->make(Planner::class);
            $plan = $planner->plan($planner->plan($dish->core())->changed('heat:setting:1', $setting));
            view('pot.body', ['dish' => $dish, 'plan' => $plan, 'today' => $plan->tableAt, 'nextCook' => (string) Str::ulid()])->render();
        })];
        // The core's and the views' share of a changed word; a browser adds its drawing to it.
        $eaters = 5;
        $rows[] = ['change on the Pot, server side', 150.0, self::median(40, function () use ($dish, &$eaters): void {
            $eaters = $eaters === 5 ? 9 : 5;
            $changed = OpenFile::dish((string) json_encode($dish->core()->changed('table/eaters', $eaters)->toArray()));
            $plan = $this->laravel->make(Planner::class)->plan($changed);
            view('pot.body', ['dish' => $dish, 'plan' => $plan, 'today' => $plan->tableAt, 'nextCook' => (string) Str::ulid()])->render();
        })];

        return $rows;
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
}
