<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Plate;

/** A heat line that was found for a pot, and what it may come to on this stove. */
final readonly class FoundLine
{
    /** So fine that a third of a knob is no other mark. */
    private const DIGITS = 9;

    /** @param  non-empty-list<Stretch>  $line */
    public function __construct(public array $line, public Spread $spread)
    {
    }

    /**
     * @param  Known<Cue>  $cues
     * @param  array<string, Plate>  $plates of the kitchen, by id
     *
     * @throws Refused
     */
    public static function fromFields(Fields $kept, Known $cues, array $plates): self
    {
        return new self(
            HeatLine::fromFields($kept->each('line'), $cues, '', $plates, $kept->at('line')),
            Spread::fromFields($kept),
        );
    }

    /** @return array<string, mixed> as a cook keeps it */
    public function toArray(): array
    {
        return ['line' => HeatLine::toArray($this->line, self::DIGITS)] + $this->spread->toArray();
    }
}
