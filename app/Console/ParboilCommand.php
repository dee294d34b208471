<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Water\BoilingPoint;

/** One boil of drained rice in plenty of water. */
final class ParboilCommand extends Command
{
    use ReadsFiles;

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
        {--json : print JSON}';

    protected $description = 'Time a boil: soak, return to the boil, seconds to each doneness';

    public function handle(): int
    {
        try {
            $rice = $this->option('rice');
            $rice = is_string($rice) ? $rice : '';
            $kind = RiceKind::tryFrom($rice) ?? throw OutOfRange::unknown('--rice', $rice, array_column(RiceKind::cases(), 'value'));
            $soak = Soak::of($this->number('soak', 0, 2880, 'min'), $this->number('soak-temp', 0, 60, '°C'));
            $raw = Mass::grams($this->number('raw', 10, 20000, 'g'));
            $water = Mass::grams($this->number('water', 100, 100000, 'g'));
            $power = $this->number('power', 50, 20000, 'W');
            $boilC = BoilingPoint::at($this->number('altitude', -430, 5500, 'm'));
            $targets = [0.50, 0.70, 0.85, 0.95];
            foreach ((array) $this->option('target') as $target) {
                $targets[] = self::checked('target', $target, 0.01, 1.0, '');
            }
        } catch (OutOfRange $wrong) {
            return $this->refuse($wrong);
        }

        $front = CookingFront::of($kind, $soak);
        $boil = Boil::of($front, Boil::soaked($raw, $kind, $soak), $water, $power, $boilC, $soak->minutes > 0 ? $soak->celsius : self::ROOM_C);
        sort($targets);
        $seconds = [];
        foreach ($targets as $target) {
            $key = rtrim(number_format($target, 4, '.', ''), '0');
            $seconds[str_pad($key, 4, '0')] = round($boil->secondsTo($target), 1);
        }
        $result = [
            'soak_saturation' => round($soak->saturation($kind), 4),
            'tau_min' => round($front->tauS / 60, 3),
            'after_rice_c' => round($boil->afterRiceC, 2),
            'back_at_boil_s' => round($boil->backAtBoilS, 1),
            'seconds_to' => $seconds,
        ];

        if ($this->option('json')) {
            return $this->print($result);
        }
        $this->line(sprintf('Soaked %d %%, raw to done in %.1f min; %.1f °C after the rice, back at the boil after %d s.', round(100 * $result['soak_saturation']), $result['tau_min'], $result['after_rice_c'], $result['back_at_boil_s']));
        foreach ($seconds as $doneness => $s) {
            $this->line(sprintf('  %s done at %d:%02d', $doneness, intdiv((int) round($s), 60), (int) round($s) % 60));
        }

        return self::SUCCESS;
    }

    private function number(string $option, float $least, float $most, string $unit): float
    {
        return self::checked($option, $this->option($option), $least, $most, $unit);
    }

    private static function checked(string $option, mixed $value, float $least, float $most, string $unit): float
    {
        if (! is_numeric($value)) {
            throw OutOfRange::because("--{$option}", '"'.(is_string($value) ? $value : '').'" is no number;', trim("give {$least} to {$most} {$unit}"));
        }

        return OutOfRange::unlessBetween("--{$option}", (float) $value, $least, $most, $unit);
    }
}
