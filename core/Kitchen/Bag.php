<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use DateTimeImmutable;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\RiceKind;

/** A bag of rice on the shelf. */
final readonly class Bag
{
    private const BAG_KG = 100;

    private function __construct(
        public string $id,
        public string $name,
        public RiceKind $kind,
        /** Raw rice in the bag when it was bought, g; null where nobody weighed it. */
        public ?float $boughtG,
        /** The day it was bought, as 2026-09-12; null where nobody noted it. */
        public ?string $boughtOn,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $boughtOn = $fields->has('bought_on') ? $fields->text('bought_on') : null;
        if ($boughtOn !== null && ! self::isDay($boughtOn)) {
            throw Refused::because($fields->at('bought_on'), 'refused.no-day', boughtOn: $boughtOn);
        }

        return new self(
            $fields->text('id'),
            $fields->text('name'),
            $fields->one('kind', RiceKind::class),
            $fields->has('bought_g') ? $fields->number('bought_g', 1, 1000 * self::BAG_KG, 'g') : null,
            $boughtOn,
        );
    }

    /** What is left of the bag, g: what was bought less what the cooks took; null where it is not known. */
    public function leftG(Knowledge $knowledge): ?float
    {
        return $this->boughtG === null ? null : max(0.0, $this->boughtG - $knowledge->usedG($this->id));
    }

    private static function isDay(string $text): bool
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return $day !== false && $day->format('Y-m-d') === $text;
    }
}
