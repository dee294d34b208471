<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/**
 * The heat line changed a stretch at a time; from the first change on it is the cook's own.
 *
 * @phpstan-type Stretch array{
 *     minutes: float, setting: float, ring?: string, plate?: string, until?: string, after?: float, oven_c?: float
 * }
 */
final readonly class HeatEdit implements Edit
{
    private const LEAST_MIN = 0.5;

    private const MOST_MIN = 240.0;

    private const MOST_BLOCKS = 12;

    private function __construct(private HeatWord $word, private int $at, private mixed $value, private string $path)
    {
    }

    /**
     * @param  mixed  $value minutes, a setting in %, the id of a ring or plate, a cue, or a list of stretches to take;
     *     nothing for no plate or no cue
     *
     * @throws Refused naming the field
     */
    public static function read(string $word, int $at, string $path, mixed $value): self
    {
        $word = HeatWord::tryFrom($word)
            ?? throw Refused::unknown($path, $word, array_column(HeatWord::cases(), 'value'));
        $fields = Fields::of([$path => $value]);

        return new self($word, $at, match ($word) {
            HeatWord::Minutes => $fields->number($path, self::LEAST_MIN, self::MOST_MIN, 'min'),
            HeatWord::Setting => $fields->number($path, 0, 100, '%') / 100,
            HeatWord::After => $fields->number($path, 0, self::MOST_MIN, 'min'),
            HeatWord::Ring => $fields->text($path),
            HeatWord::Plate => $fields->has($path) ? $fields->text($path) : null,
            HeatWord::Until => $fields->has($path) ? $fields->text($path) : null,
            HeatWord::Take => $value,
            default => null,
        }, $path);
    }

    public function on(Plan $plan): Dish
    {
        $cues = $plan->dish->craft->cues;
        if ($this->word === HeatWord::Take) {
            HeatLine::fromFields(Fields::of(['lid/heat' => $this->value])->each('lid/heat'), $cues);
        } elseif ($this->word === HeatWord::Until && is_string($this->value)) {
            Cue::ending($cues, $this->value, $this->path);
        }
        if ($this->word === HeatWord::Stock || $this->word === HeatWord::Take) {
            return $plan->dish->changed('lid/heat', $this->value);
        }
        $blocks = HeatLine::toArray($plan->potted->first()->line());
        if (! isset($blocks[$this->at])) {
            throw Refused::because(
                $this->path, 'refused.there-is-no-stretch-give-to', at: $this->at, blocks: count($blocks) - 1,
            );
        }

        return $plan->dish->changed('lid/heat', match ($this->word) {
            HeatWord::Part => $this->parted($blocks),
            HeatWord::Remove => $this->without($blocks),
            default => array_replace($blocks, [$this->at => $this->changed($blocks[$this->at])]),
        });
    }

    /**
     * @param  Stretch  $block
     * @return array<string, mixed>
     */
    private function changed(array $block): array
    {
        if ($this->word === HeatWord::Setting) {
            unset($block['oven_c']);
        }
        // A stretch that lasts so many minutes does not end at a cue.
        if ($this->word === HeatWord::Minutes || ($this->word === HeatWord::Until && $this->value === null)) {
            unset($block['until'], $block['after']);
        }

        return array_filter(
            [$this->word->value => $this->value] + $block, static fn (mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param  list<Stretch>  $blocks
     * @return list<array<string, mixed>>
     */
    private function parted(array $blocks): array
    {
        if (count($blocks) >= self::MOST_BLOCKS) {
            throw Refused::because($this->path, 'refused.stretches-are-as-many-as-are', blocks: count($blocks));
        }
        $half = ['minutes' => max(self::LEAST_MIN, round($blocks[$this->at]['minutes'] / 2, 1))] + $blocks[$this->at];
        unset($half['until'], $half['after']);
        array_splice($blocks, $this->at, 1, [$half, $half]);

        return $blocks;
    }

    /**
     * @param  list<Stretch>  $blocks
     * @return list<Stretch>
     */
    private function without(array $blocks): array
    {
        if (count($blocks) === 1) {
            throw Refused::because($this->path, 'refused.it-is-the-last-stretch-of');
        }
        array_splice($blocks, $this->at, 1);

        return $blocks;
    }
}
