<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Dish\Tasting;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** How a cook came out: a few taps and a line. */
final readonly class Outcome
{
    private const LONGEST_LINE = 200;

    /**
     * @param  CrustColour|null  $crust null where there was none to come out
     * @param  TasteSaid|null  $salt right, flat or salty; null where that was not said
     * @param  list<Also>  $also
     */
    private function __construct(
        public RiceOutcome $rice, public ?CrustColour $crust, public FillingOutcome $filling, public string $line,
        public ?Where $where, public ?TasteSaid $salt, public array $also,
    ) {
    }

    /**
     * @return array{
     *     rice: string, crust?: string, filling: string, line?: string, where?: string, salt?: string,
     *     also?: list<string>
     * } as fromFields() reads it
     */
    public function toArray(): array
    {
        return ['rice' => $this->rice->value] + ($this->crust === null ? [] : ['crust' => $this->crust->value])
            + ['filling' => $this->filling->value] + ($this->line === '' ? [] : ['line' => $this->line])
            + ($this->where === null ? [] : ['where' => $this->where->value])
            + ($this->salt === null ? [] : ['salt' => $this->salt->value])
            + ($this->also === [] ? [] : ['also' => array_column($this->also, 'value')]);
    }

    public function had(Also $what): bool
    {
        return in_array($what, $this->also, true);
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $line = $fields->has('line') ? trim($fields->text('line')) : '';

        return new self(
            rice: $fields->one('rice', RiceOutcome::class),
            crust: $fields->has('crust') ? $fields->one('crust', CrustColour::class) : null,
            filling: $fields->one('filling', FillingOutcome::class),
            line: mb_substr($line, 0, self::LONGEST_LINE),
            where: $fields->has('where') ? $fields->one('where', Where::class) : null,
            salt: self::salt($fields),
            also: $fields->many('also', Also::class),
        );
    }

    /** @throws Refused */
    private static function salt(Fields $fields): ?TasteSaid
    {
        $said = $fields->has('salt') ? $fields->one('salt', TasteSaid::class) : null;
        $known = array_column(TasteSaid::sayOf(Tasting::RiceWater), 'value');

        return $said === null || in_array($said->value, $known, true)
            ? $said : throw Refused::unknown($fields->at('salt'), $said->value, $known);
    }
}
