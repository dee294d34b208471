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
 * @phpstan-type StretchRow array{
 *     minutes: float, setting: float, ring?: string, plate?: string, plate_hot?: true, until?: string, after?: float,
 *     oven_c?: float
 * }
 */
final readonly class HeatEdit implements Edit
{
    private const LEAST_MIN = 0.5;

    private const MOST_MIN = 240.0;

    private const MOST_STRETCHES = 12;

    private function __construct(private HeatWord $word, private int $at, private mixed $value, private string $path)
    {
    }

    /**
     * @param  mixed  $value minutes, a setting in %, the id of a ring or plate (with ":hot" for one that is hot before
     *     the pot), a cue, or a list of stretches to take; nothing for no plate or no cue
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
        $stretches = HeatLine::toArray($plan->potted->first()->line());
        if (! isset($stretches[$this->at])) {
            throw Refused::because(
                $this->path, 'refused.no-such-stretch', at: $this->at, stretches: count($stretches) - 1,
            );
        }

        return $plan->dish->changed('lid/heat', match ($this->word) {
            HeatWord::Part => $this->parted($stretches),
            HeatWord::Remove => $this->without($stretches),
            default => array_replace($stretches, [$this->at => $this->changed($stretches[$this->at])]),
        });
    }

    /**
     * @param  StretchRow  $stretch
     * @return array<string, mixed>
     */
    private function changed(array $stretch): array
    {
        if ($this->word === HeatWord::Setting) {
            unset($stretch['oven_c']);
        }
        // A stretch that lasts so many minutes does not end at a cue.
        if ($this->word === HeatWord::Minutes || ($this->word === HeatWord::Until && $this->value === null)) {
            unset($stretch['until'], $stretch['after']);
        }

        $own = [$this->word->value => $this->value];
        if ($this->word === HeatWord::Plate) {
            [$plate, $hot] = [...explode(':', is_string($this->value) ? $this->value : ''), null];
            $own = ['plate' => $plate === '' ? null : $plate, 'plate_hot' => $hot === 'hot' ? true : null];
        }

        return array_filter(
            $own + $stretch, static fn (mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param  list<StretchRow>  $stretches
     * @return list<array<string, mixed>>
     */
    private function parted(array $stretches): array
    {
        if (count($stretches) >= self::MOST_STRETCHES) {
            throw Refused::because($this->path, 'refused.most-stretches', stretches: count($stretches));
        }
        $whole = $stretches[$this->at];
        $half = ['minutes' => max(self::LEAST_MIN, round($whole['minutes'] / 2, 1))] + $whole;
        unset($half['until'], $half['after']);
        array_splice($stretches, $this->at, 1, [$half, $half]);

        return $stretches;
    }

    /**
     * @param  list<StretchRow>  $stretches
     * @return list<StretchRow>
     */
    private function without(array $stretches): array
    {
        if (count($stretches) === 1) {
            throw Refused::because($this->path, 'refused.last-stretch');
        }
        array_splice($stretches, $this->at, 1);

        return $stretches;
    }
}
