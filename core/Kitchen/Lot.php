<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\RiceKind;

/** A bag of rice on the shelf. */
final readonly class Lot
{
    private function __construct(public string $id, public string $name, public RiceKind $kind)
    {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('name'), $fields->one('kind', RiceKind::class));
    }
}
