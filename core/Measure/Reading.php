<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use DateTimeImmutable;

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
        /** What a household reads in, as ISO 639 names it; null where it has not said. */
        public ?string $language = null,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $language = $fields->has('language') ? $fields->text('language') : null;

        return new self(
            $fields->one('units', Units::class, Units::Grams),
            $fields->one('cup', Cup::class, Cup::Metric),
            $fields->one('degrees', Degrees::class, Degrees::Celsius),
            $fields->whole('hours', 12, 24, 24) < 24,
            $fields->one('week_starts', Weekday::class, self::weekOfLanguage($language)),
            $language,
        );
    }

    /** Where nobody has chosen: the first day of the week where a language is at home. */
    public static function weekOfLanguage(?string $language): Weekday
    {
        return $language === 'fa' ? Weekday::Saturday : Weekday::Monday;
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
}
