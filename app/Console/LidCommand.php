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
    use SaysWords;

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
        $steamMin = $course->steamAtLidMin();
        $this->line($this->say('commands.steam-at-lid', never: $steamMin === null, minutes: round($steamMin ?? 0.0,
            1)));
        $this->line($this->say(
            'commands.crust', colour: $end->colour(), browning: round($end->browning, 2),
            leakG: (int) round($end->leakG),
            clothG: (int) round($end->clothG),
        ));
        foreach ($end->layers as $state) {
            if ($state->matter === Matter::Crust) {
                continue;
            }
            $this->line($state->matter === Matter::Rice
                ? $this->say(
                    'commands.rice', percent: (int) round(100 * $state->doneness), uptake: round($state->uptake, 2),
                    texture: $state->texture(),
                )
                : $this->say(
                    'commands.filling', filling: $state->label, coreC: (int) round($state->coreC),
                    tenderness: round($state->tenderness, 1),
                ));
        }
        $this->line($this->say('commands.never-proof'));
    }
}
