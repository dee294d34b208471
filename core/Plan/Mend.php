<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

/** A change of the dish that ends a clash. */
final readonly class Mend
{
    /** @param  string|int|float|array<string, string>  $value */
    public function __construct(public string $label, public string $path, public string|int|float|array $value)
    {
    }
}
