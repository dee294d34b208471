<?php

declare(strict_types=1);

namespace App\Console;

use App\Wording\Wording;
use Illuminate\Console\Command;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use Orbek\Core\Water\BoilingPoint;

/** One boil of drained rice in plenty of water. */
final class ParboilCommand extends Command
{
    use ReadsFiles;
    use SaysWords;

    private const ROOM_C = 20.0;

    protected $signature = 'orbek:parboil
        {--rice=aged-basmati : kind of rice}
        {--soak=30 : minutes soaked}
        {--soak-temp=20 : °C of the soak}
        {--raw=500 : g of raw rice}
        {--water=3500 : g of water}
        {--power=1000 : W that reach the water}
        {--altitude=0 : m above the sea}
        {--target=* : a doneness to time, 0.01 to 1}
        {--saw=* : a tested grain, as MIN:SEC=STAGE, e.g. 4:00=half}
        {--weighed=* : a drained spoonful over its raw weight, as MIN:SEC=RATIO, e.g. 5:30=2.05}
        {--cook=* : an earlier cook of the same lot, boiled the same: its tests, as "4:00=half 5:30=2.05"}
        {--json : print JSON}';

    protected $description = 'Time a boil: soak, return to the boil, seconds to each doneness';

    public function handle(): int
    {
        try {
            $kind = $this->kind();
            $soak = Soak::of($this->number('soak', 0, 2880, 'min'), $this->number('soak-temp', 0, 60, '°C'));
            $front = CookingFront::of($kind, $soak);
            $boil = $this->boil($front, $kind, $soak);
            $targets = [0.50, 0.70, 0.85, 0.95];
            foreach ((array) $this->option('target') as $target) {
                $targets[] = self::checked('target', $target, 0.01, 1.0, '');
            }
            $tests = [
                ...self::tests('saw', (array) $this->option('saw')),
                ...self::tests('weighed', (array) $this->option('weighed')),
            ];
            $cooks = array_map(
                static fn (mixed $cook): array => self::tests(
                    'cook', explode(' ', trim(is_string($cook) ? $cook : '')),
                ),
                array_values((array) $this->option('cook')),
            );
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }

        sort($targets);
        $result = [
            'soak_saturation' => round($soak->saturation($kind), 4), 'tau_min' => round($front->tauS / 60, 3),
            'after_rice_c' => round($boil->afterRiceC, 2), 'back_at_boil_s' => round($boil->backAtBoilS, 1),
            'seconds_to' => [],
        ];
        foreach ($targets as $target) {
            $result['seconds_to'][self::key($target)] = round($boil->secondsTo($target), 1);
        }
        $learned = $tests === [] && $cooks === []
            ? []
            : self::learned($boil, Uptake::of($kind, $soak), $tests, $cooks, $targets);
        if ($this->option('json')) {
            return $this->print($result + $learned);
        }
        $this->tell($result, $learned);

        return self::SUCCESS;
    }

    /** @throws Refused */
    private function kind(): RiceKind
    {
        $rice = $this->option('rice');
        $rice = is_string($rice) ? $rice : '';

        return RiceKind::tryFrom($rice)
            ?? throw Refused::unknown('--rice', $rice, array_column(RiceKind::cases(), 'value'));
    }

    /** @throws Refused */
    private function boil(CookingFront $front, RiceKind $kind, Soak $soak): Boil
    {
        $raw = Mass::grams($this->number('raw', 10, 20000, 'g'));
        $water = Mass::grams($this->number('water', 100, 100000, 'g'));

        return Boil::of(
            $front, Boil::soaked($raw, $kind, $soak), $water, $this->number('power', 50, 20000, 'W'),
            BoilingPoint::at($this->number('altitude', -430, 5500, 'm')),
            $soak->minutes > 0 ? $soak->celsius : self::ROOM_C,
        );
    }

    /**
     * @param  array{
     *     soak_saturation: float, tau_min: float, after_rice_c: float, back_at_boil_s: float,
     *     seconds_to: array<string, float>,
     * }  $result
     * @param  array<string, array<string, array{p10: float, p50: float, p90: float}>>  $learned
     */
    private function tell(array $result, array $learned): void
    {
        $this->line($this->say(
            'commands.soaked', percent: (int) round(100 * $result['soak_saturation']), tauMin: round($result['tau_min'],
                1),
            afterC: round($result['after_rice_c'], 1), backS: (int) round($result['back_at_boil_s']),
        ));
        $say = app(Wording::class);
        foreach ($result['seconds_to'] as $doneness => $s) {
            $this->line('  '.$this->say('commands.done-at', doneness: (string) $doneness, at: $say->clock($s)));
        }
        foreach (['before', 'after'] as $key) {
            foreach ($learned[$key] ?? [] as $doneness => $times) {
                $this->line($this->say(
                    'commands.learned', isTested: $key === 'after', doneness: (string) $doneness,
                    from: $say->clock($times['p10']), by: $say->clock($times['p90']),
                    likely: $say->clock($times['p50']),
                ));
            }
        }
    }

    /**
     * The 10, 50 and 90 % times to each doneness before and after this boil's tests.
     *
     * @param  list<Observation>  $tests
     * @param  list<list<Observation>>  $cooks tests of earlier cooks, oldest first
     * @param  list<float>  $targets
     * @return array{
     *     before: array<string, array{p10: float, p50: float, p90: float}>,
     *     after: array<string, array{p10: float, p50: float, p90: float}>
     * }
     */
    private static function learned(Boil $boil, Uptake $uptake, array $tests, array $cooks, array $targets): array
    {
        $taught = array_map(
            static fn (array $cook): array => [
                'taught' => ['lot' => 'lot', 'likelihood' => Observation::together($cook, $boil, $uptake)],
            ],
            $cooks,
        );
        $before = BoilForecast::of($boil, $uptake, 1.0, 0.0, Knowledge::fold($taught)->bag('lot')->today());
        $after = $before->seeing($tests);
        $times = static function (BoilForecast $forecast) use ($targets): array {
            $told = [];
            foreach ($targets as $target) {
                $told[self::key($target)] = [
                    'p10' => round($forecast->secondsTo($target, 0.1), 1),
                    'p50' => round($forecast->secondsTo($target), 1),
                    'p90' => round($forecast->secondsTo($target, 0.9), 1),
                ];
            }

            return $told;
        };

        return ['before' => $times($before), 'after' => $times($after)];
    }

    /**
     * Tests told as MIN:SEC=STAGE or MIN:SEC=RATIO, in the order of time.
     *
     * @param  array<array-key, mixed>  $told
     * @return list<Observation>
     *
     * @throws Refused
     */
    private static function tests(string $option, array $told): array
    {
        $tests = [];
        $last = 0.0;
        foreach ($told as $test) {
            $test = is_string($test) ? $test : '';
            if (preg_match('/^(\d{1,3}):([0-5]\d)=([a-z]+|[0-9.]+)$/', $test, $read) !== 1) {
                throw Refused::because("--{$option}", 'refused.unreadable-test', test: $test);
            }
            $seconds = 60.0 * (int) $read[1] + (int) $read[2];
            if ($seconds <= $last) {
                throw Refused::because(
                    "--{$option}", 'refused.tests-out-of-order', test: Quantity::seconds($seconds),
                    last: Quantity::seconds($last),
                );
            }
            $last = $seconds;
            $stage = Stage::tryFrom($read[3]);
            $tests[] = match (true) {
                is_numeric($read[3]) => Observation::weighed(
                    $seconds,
                    self::checked($option, $read[3], 1.0, 3.5, 'times the raw weight'),
                ),
                $stage !== null => Observation::touched($seconds, $stage),
                default => throw Refused::unknown("--{$option}", $read[3], array_column(Stage::cases(), 'value')),
            };
        }

        return $tests;
    }

    private static function key(float $target): string
    {
        return str_pad(rtrim(number_format($target, 4, '.', ''), '0'), 4, '0');
    }

    private function number(string $option, float $least, float $most, string $unit): float
    {
        return self::checked($option, $this->option($option), $least, $most, $unit);
    }

    private static function checked(string $option, mixed $value, float $least, float $most, string $unit): float
    {
        if (! is_numeric($value)) {
            throw Refused::because(
                "--{$option}", 'refused.will-not-do', value: is_string($value) ? $value : '',
                wanted: Note::of('refused.number', least: $least, most: $most, unit: $unit === '' ? '' : " {$unit}"),
            );
        }

        return Refused::unlessBetween("--{$option}", (float) $value, $least, $most, $unit);
    }
}
