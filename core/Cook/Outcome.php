<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** How a cook came out: three taps and a line. */
final readonly class Outcome
{
    private const LONGEST_LINE = 200;

    private function __construct(
        public RiceOutcome $rice, public CrustColour $crust, public FillingOutcome $filling, public string $line,
        public ?Where $where,
    ) {
    }

    /** @return array<string, string> as fromFields() reads it */
    public function toArray(): array
    {
        return ['rice' => $this->rice->value, 'crust' => $this->crust->value, 'filling' => $this->filling->value]
            + ($this->line === '' ? [] : ['line' => $this->line])
            + ($this->where === null ? [] : ['where' => $this->where->value]);
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $line = $fields->has('line') ? trim($fields->text('line')) : '';

        return new self(
            $fields->one('rice', RiceOutcome::class),
            $fields->one('crust', CrustColour::class),
            $fields->one('filling', FillingOutcome::class),
            mb_substr($line, 0, self::LONGEST_LINE),
            $fields->has('where') ? $fields->one('where', Where::class) : null,
        );
    }
}
