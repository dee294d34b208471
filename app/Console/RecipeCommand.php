<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use App\Formats\RecipeText;
use Illuminate\Console\Command;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeStep;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A recipe as text, read: what it is of, what is done, and what was not understood. */
final class RecipeCommand extends Command
{
    use ReadsFiles;
    use SaysWords;

    protected $signature = 'orbek:recipe
        {file : a recipe as text or schema.org JSON-LD, or - for standard input}
        {--cup=metric : what a cup is}
        {--json : as JSON}';

    protected $description = 'Read a recipe as text';

    public function handle(): int
    {
        try {
            $cup = Fields::of(['--cup' => $this->option('cup')])->one('--cup', Cup::class);
            $text = $this->read($this->argument('file'));
            $read = preg_match('/^\s*[{[]/', $text) === 1
                ? OpenFile::recipe($text, $cup) : RecipeText::read($text, $cup, app(Craft::class)->foods);
            if (! $read instanceof RecipeRead) {
                throw Refused::because('file', 'refused.no-recipe');
            }
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }
        if ($this->option('json')) {
            return $this->print([
                'name' => $read->name, 'eaters' => $read->eaters, 'school' => $read->school,
                'lines' => array_map(self::thing(...), $read->lines),
                'steps' => array_map(self::step(...), $read->steps), 'unread' => $read->unread,
            ]);
        }
        $this->line($this->say(
            'commands.recipe-for', name: $read->name, eaters: $read->eaters, school: $read->school,
        ));
        foreach ($read->lines as $one) {
            $this->line(sprintf('  %8s g  %s', $one->grams === null ? '?' : round($one->grams, 1), $one->text));
        }
        foreach ($read->steps as $step) {
            $this->line("  - {$step->text}");
        }
        foreach ($read->unread as $row) {
            $this->line('  '.$this->say('commands.not-understood', row: $row));
        }

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function thing(RecipeLine $line): array
    {
        return [
            'text' => $line->text, 'food' => $line->food?->names[0],
            'grams' => $line->grams === null ? null : round($line->grams, 2),
            'ml' => $line->unit === 'ml' ? round((float) $line->amount, 1) : null,
            'count' => in_array($line->unit, [null, 'g', 'ml'], true) ? null : $line->amount,
            'to_taste' => $line->note->key === 'recipe-line.to-taste', 'for' => $line->for,
        ];
    }

    /** @return array<string, mixed> */
    private static function step(RecipeStep $step): array
    {
        return ['text' => $step->text, 'minutes' => $step->minutes, 'ring' => $step->ring, 'look' => $step->look];
    }
}
