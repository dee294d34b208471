<?php

declare(strict_types=1);

namespace Orbek\Core\Meal;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** One step of something on the table that is no pot of rice: yogurt, salad, a baked quince. */
final readonly class Side
{
    public const ANY_RING = 'any';

    private const DAY_MIN = 1440;

    private function __construct(
        public string $name,
        public int $minutes,
        public Attention $attention,
        /** The ring it needs, or any; null for none. */
        public ?string $ring,
        public bool $inOven,
        /** Hot at the table: done at most ten minutes before it. */
        public bool $isHot,
        /** It keeps so long ahead, as a cook says it; null where it is for now. */
        public ?string $keeps,
        /** Goes on from the step before it in the list. */
        public bool $follows,
        /** @var list<Allergen> what the cook said is in it */
        public array $holds,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            name: $fields->text('name'),
            minutes: $fields->whole('minutes', 1, self::DAY_MIN),
            attention: $fields->one('attention', Attention::class, Attention::Throughout),
            ring: $fields->has('ring') ? $fields->text('ring') : null,
            inOven: $fields->flag('oven', false),
            isHot: $fields->flag('hot', false),
            keeps: $fields->has('keeps') ? $fields->text('keeps') : null,
            follows: $fields->flag('follows', false),
            holds: $fields->many('holds', Allergen::class),
        );
    }
}
