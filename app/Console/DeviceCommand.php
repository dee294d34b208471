<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Cook;
use App\Models\Household;
use App\Models\MealCook;
use App\StandIns\SimulatedProbe;
use App\Wording\Wording;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Http;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Rice\Uptake;
use Psr\Clock\ClockInterface;
use Throwable;

/** A simulated probe, scale or knob that reads the open cook's simulation with noise, and speaks like a real one. */
final class DeviceCommand extends Command
{
    protected $signature = 'orbek:device
        {kind : probe, scale or knob}
        {--to= : the address that the Kitchen gave, …/devices/TOKEN/readings}
        {--speed=1 : so many times as often as a real one, which reads every 10 s}
        {--times=0 : stop after so many readings; 0 goes on}
        {--lag=0 : seconds that a reading comes late}
        {--lie=0 : so much is added to what it reads}
        {--fail=0 : every so manieth reading does not come}';

    protected $description = 'A stand-in for a device that measures, fed by the open cook';

    private const EVERY_S = 10.0;

    private const NOISE = ['probe' => 0.4, 'scale' => 0.1, 'knob' => 0.0];

    private const SPOON_G = 10.0;

    public function handle(ClockInterface $clock): int
    {
        $kind = (string) $this->argument('kind');
        $to = (string) $this->option('to');
        if (! isset(self::NOISE[$kind]) || $to === '') {
            $this->getOutput()->getErrorStyle()->writeln(
                app(Wording::class)->say('commands.device-kind')
            );

            return self::FAILURE;
        }
        $times = (int) $this->option('times');
        $fail = (int) $this->option('fail');
        for ($reading = 1; $times === 0 || $reading <= $times; $reading++) {
            $value = $this->reads($kind, $clock);
            if ($value !== null && ! ($fail > 0 && $reading % $fail === 0)) {
                $value = round(
                    $value + (float) $this->option('lie') + self::NOISE[$kind] * (2 * mt_rand() / mt_getrandmax() - 1),
                    1,
                );
                $this->say($to, $kind, $value, $clock->now()->getTimestamp() - (int) $this->option('lag'));
            }
            if ($times === 0 || $reading < $times) {
                usleep((int) (1e6 * self::EVERY_S / max(0.01, (float) $this->option('speed'))));
            }
        }

        return self::SUCCESS;
    }

    private function say(string $to, string $kind, float $value, int $at): void
    {
        $unit = ['probe' => 'C', 'scale' => 'g', 'knob' => '%'][$kind];
        try {
            $answer = Http::timeout(8)->acceptJson()->post($to, ['value' => $value, 'unit' => $unit, 'at' => $at]);
            $this->line(
                "{$value} {$unit}: ".(
                    $answer->json('message') ?? $answer->json('noted') ?? $answer->json('status') ?? $answer->status()
                )
            );
        } catch (Throwable $gone) {
            // As a device would: the next reading may get through.
            $this->line("{$value} {$unit}: {$gone->getMessage()}");
        }
    }

    /** What it would read now; null where there is nothing to read. */
    private function reads(string $kind, ClockInterface $clock): ?float
    {
        app()->instance(Household::class, Household::inUse());
        $now = $clock->now();
        foreach ($this->folds($now) as $fold) {
            $lid = $fold->underTheLid();
            $task = $fold->boiling();
            if ($kind === 'probe' && $lid !== null) {
                return SimulatedProbe::inTheFilling($lid->course->at($lid->nowMin));
            }
            if ($kind === 'knob' && $lid !== null) {
                return 100 * $lid->flame()->setting;
            }
            if ($kind === 'scale' && $task !== null) {
                $boil = $fold->forecast();
                $seconds = $fold->state->secondsIn($task, $now);

                return $boil === null || $seconds === null ? null
                    : self::SPOON_G * ($boil->uptake->at($boil->donenessAfter($seconds)) + Uptake::SURFACE / 2);
            }
        }

        return null;
    }

    /** @return list<CoreCook> */
    private function folds(\DateTimeImmutable $now): array
    {
        return array_merge(...array_map(
            static fn (MealCook $cook): array => $cook->fold($now)->dishes, MealCook::allOnTheStove($now),
        ));
    }
}
