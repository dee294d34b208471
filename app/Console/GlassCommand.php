<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\PictureFile;
use App\StandIns\GlassTrials;
use Illuminate\Console\Command;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Measure\Refused;

/** Grains under glass: read from a photograph; or how well they are read, on pictures that are made. */
final class GlassCommand extends Command
{
    use ReadsFiles;

    protected $signature = 'orbek:glass
        {file? : a photograph of grains pressed under glass, or - for standard input}
        {--made= : so many made pictures a row}
        {--row=* : only these rows}
        {--bags= : test boils of so many bags, by glass, touch and scale}
        {--boils= : windows of so many boils, without and with a photograph}
        {--seed=1 : what chance begins with}';

    protected $description = 'Read how far grains under glass are, as JSON';

    public function handle(): int
    {
        try {
            return $this->print($this->argument('file') === null ? $this->trials() : self::told(
                Reading::of(PictureFile::pixels(PictureFile::of($this->read($this->argument('file')))->jpeg)),
            ));
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }
    }

    /** @return array<string, mixed> */
    private static function told(Reading $reading): array
    {
        return [
            'doneness' => round($reading->doneness, 4), 'sd' => round($reading->sd, 4),
            'scatter' => round($reading->scatter, 4), 'grains' => $reading->used(),
            'without_heart' => $reading->withoutHeart(), 'is_done' => $reading->isDone(),
            'outlined' => $reading->grains,
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function trials(): array
    {
        $trials = new GlassTrials($this->count('seed', 1_000_000) ?? 1);
        $told = [];
        $made = $this->count('made', 100_000);
        foreach (GlassTrials::rows() as $row) {
            if ($made !== null && ($this->option('row') === [] || in_array($row, (array) $this->option('row'), true))) {
                $told['rows'][$row] = $trials->row($row, $made);
            }
        }
        $bags = $this->count('bags', 100_000);
        $boils = $this->count('boils', 100_000);

        return $told + ($bags === null ? [] : ['bags' => $trials->bags($bags)])
            + ($boils === null ? [] : ['boils' => $trials->boils($boils)]);
    }

    /** @throws Refused */
    private function count(string $option, int $most): ?int
    {
        $said = $this->option($option);
        if ($said === null) {
            return null;
        }
        $count = is_string($said) && ctype_digit($said) ? (int) $said : -1;

        return Refused::unlessBetween($option, $count, 1, $most);
    }
}
