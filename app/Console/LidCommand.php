<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use App\Wording\Wording;
use Illuminate\Console\Command;
use Orbek\Core\Lid\Course;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Matter;

/** A sealed pot followed through its heat line, from the command line. */
final class LidCommand extends Command
{
    use ReadsFiles;

    protected $signature = 'orbek:lid
        {file : a sealed pot as schema/lid.json describes it, or - for standard input}
        {--json : print the result as JSON}
        {--trace : with --json, the course by the minute as well}
        {--step= : seconds a step, 0.5 to 5}';

    protected $description = 'Follow a sealed pot: steam, doneness, water and crust';

    public function handle(Wording $say): int
    {
        try {
            $course = $this->course();
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }
        if ($this->option('json')) {
            return $this->print($course->toArray((bool) $this->option('trace')));
        }
        $this->tell($course, $say);

        return self::SUCCESS;
    }

    /** @throws Refused */
    private function course(): Course
    {
        $step = $this->option('step');
        if ($step !== null && ! is_numeric($step)) {
            throw Refused::because(
                '--step', 'refused.will-not-do', value: is_string($step) ? $step : '',
                wanted: Note::of('refused.number', least: 0.5, most: 5, unit: ' s'),
            );
        }
        [$pot, $heat] = OpenFile::lid($this->read($this->argument('file')));

        return Course::of($pot, $heat, Refused::unlessBetween('--step', (float) ($step ?? 2), 0.5, 5.0, 's'));
    }

    private function tell(Course $course, Wording $say): void
    {
        $end = $course->end();
        $this->line(
            $course->steamAtLidMin() === null
                ? 'Steam never reaches the lid.'
                : sprintf('Steam at the lid after %.1f min.', $course->steamAtLidMin()),
        );
        $this->line(sprintf(
            'Crust %s (browning %.2f). %d g of steam lost, %d g in the cloth.', $say->label($end->colour()),
            $end->browning, (int) round($end->leakG), (int) round($end->clothG),
        ));
        foreach ($end->layers as $state) {
            if ($state->matter === Matter::Crust) {
                continue;
            }
            $this->line($state->matter === Matter::Rice
                ? sprintf(
                    'Rice: %d %% done, %.2f times its raw weight, %s.', (int) round(100 * $state->doneness),
                    $state->uptake, $say->label($state->texture()),
                )
                : sprintf(
                    '%s: core %d °C, %.1f times tender.', ucfirst($state->label), (int) round($state->coreC),
                    $state->tenderness,
                ));
        }
        $this->line('A computed temperature is never proof: only a thermometer shows a safe core.');
    }
}
