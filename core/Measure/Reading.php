<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use DateTimeImmutable;
use DateTimeInterface;

/** How a household reads amounts, temperatures and times; inside they stay grams, °C and instants. */
final readonly class Reading
{
    private const F_PER_C = 1.8;

    private const F_AT_0_C = 32.0;

    public function __construct(
        public Units $units = Units::Grams,
        public Cup $cup = Cup::Metric,
        public Degrees $degrees = Degrees::Celsius,
        public bool $isTwelveHours = false,
        public Weekday $weekStarts = Weekday::Monday,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->one('units', Units::class, Units::Grams),
            $fields->one('cup', Cup::class, Cup::Metric),
            $fields->one('degrees', Degrees::class, Degrees::Celsius),
            $fields->whole('hours', 12, 24, 24) < 24,
            $fields->one('week_starts', Weekday::class, Weekday::Monday),
        );
    }

    /** A temperature in the degrees that are read. */
    public function degrees(float $celsius): float
    {
        return $this->degrees === Degrees::Celsius ? $celsius : self::F_AT_0_C + self::F_PER_C * $celsius;
    }

    /** What was read, as °C. */
    public function celsius(float $degrees): float
    {
        return $this->degrees === Degrees::Celsius ? $degrees : ($degrees - self::F_AT_0_C) / self::F_PER_C;
    }

    /** A temperature in words: "97.9 °C", "208.2 °F". */
    public function temperature(float $celsius, int $decimals = 0): string
    {
        return number_format($this->degrees($celsius), $decimals, '.', '').' '.$this->degrees->sign();
    }

    /** The first day of the week that a day lies in, as 2026-11-23. */
    public function weekOf(DateTimeImmutable $day): string
    {
        $first = match ($this->weekStarts) {
            Weekday::Monday => 1,
            Weekday::Saturday => 6,
            Weekday::Sunday => 7,
        };
        $since = ((int) $day->format('N') - $first + 7) % 7;

        return $day->modify("-{$since} days")->format('Y-m-d');
    }

    /** A time of day: "19:30", "7:30 pm"; in a night whose hour comes twice "02:30 (1st)", "02:30 (2nd)". */
    public function time(DateTimeInterface $time): string
    {
        $said = $time->format($this->isTwelveHours ? 'g:i a' : 'H:i');

        $which = Instant::comesTwice(DateTimeImmutable::createFromInterface($time));

        return $which === null ? $said : $said.($which === 1 ? ' (1st)' : ' (2nd)');
    }
}
