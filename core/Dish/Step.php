<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A stretch of work that a dish brings along: browning, simmering, a salad. */
final readonly class Step
{
    /** A look of which nothing is told is asked for from this share of its minutes on, too late at that (our own). */
    public const LOOK_LEAST = 0.7;

    public const LOOK_MOST = 1.5;

    /** Under pressure a minute does what so many do at a simmer (our own; the maker's table goes before). */
    public const PRESSURE_TIMES = 3.0;

    private const MOST_MIN = 2880;

    /**
     * @param  list<Allergen>  $holds of what is made, for a side
     * @param  list<string>  $with names of the parts and toppings that go in here
     */
    private function __construct(
        public string $name, public int $minutes, public Attention $attention, public ?string $ring,
        public array $holds, public ?string $keeps,
        /** Fat that it is done in, ml a kg of raw filling. */
        public float $fatMlPerKg,
        /** Whether it is done in a pressure cooker. */
        public bool $underPressure,
        /** What ends it: "golden", "the fat comes out at the edge"; null where its minutes do. */
        public ?string $till,
        /** Id of the kind of filling that brought it; null for a step of the cook's own. */
        public ?string $of,
        /** Sooner than this its look is not asked for, and later it has gone too far, min; null where not told. */
        public ?int $leastMin,
        public ?int $mostMin,
        /** What is tasted at its end. */
        public ?Tasting $tastes,
        public array $with,
        /** What is poured in, and how much, ml a kg of raw filling. */
        public ?string $pours,
        public float $pouredMlPerKg,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $minutes = $fields->whole('minutes', 1, self::MOST_MIN);
        $least = $fields->has('least_min') ? $fields->whole('least_min', 1, self::MOST_MIN) : null;
        $most = $fields->has('most_min') ? $fields->whole('most_min', 1, self::MOST_MIN) : null;
        if (($least ?? $minutes) > $minutes || ($most ?? $minutes) < $minutes) {
            throw Refused::because(
                rtrim($fields->at(''), '/'), 'refused.least-usual-most', least: $least ?? $minutes, usual: $minutes,
                most: $most ?? $minutes,
            );
        }
        $pours = $fields->has('pours') ? $fields->object('pours') : null;

        return new self(
            name: $fields->text('name'),
            minutes: $minutes,
            attention: $fields->one('attention', Attention::class, Attention::Throughout),
            ring: $fields->has('burner') ? $fields->text('burner') : null,
            holds: $fields->many('holds', Allergen::class),
            keeps: $fields->has('keeps') ? $fields->text('keeps') : null,
            fatMlPerKg: $fields->number('fat_ml_per_kg', 0, 200, 'ml', 0),
            underPressure: $fields->flag('pressure', false),
            till: $fields->has('till') ? $fields->text('till') : null,
            of: $fields->has('of') ? $fields->text('of') : null,
            leastMin: $least,
            mostMin: $most,
            tastes: $fields->has('tastes') ? $fields->one('tastes', Tasting::class) : null,
            with: $fields->texts('with'),
            pours: $pours?->text('name'),
            pouredMlPerKg: $pours?->number('ml_per_kg', 1, 3000, 'ml per kg of filling') ?? 0.0,
        );
    }

    /** Whether it takes something in by that name. */
    public function takes(string $name): bool
    {
        return in_array(mb_strtolower($name), array_map(mb_strtolower(...), $this->with), true);
    }
}
