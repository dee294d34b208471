<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use Orbek\Core\Measure\Note;

/** A change of the dish that ends a clash. */
final readonly class Mend
{
    /** @param  string|int|float|array<array-key, mixed>|null  $value nothing to leave the field out */
    public function __construct(public Note $label, public string $path, public string|int|float|array|null $value)
    {
    }
}
