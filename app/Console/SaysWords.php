<?php

declare(strict_types=1);

namespace App\Console;

use App\Wording\Wording;

/** What a command prints, in the words of lang/. */
trait SaysWords
{
    private function say(string $key, mixed ...$args): string
    {
        return app(Wording::class)->say($key, ...$args);
    }
}
