<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

enum Degrees: string
{
    case Celsius = 'celsius';
    case Fahrenheit = 'fahrenheit';

    public function sign(): string
    {
        return $this === self::Celsius ? '°C' : '°F';
    }
}
