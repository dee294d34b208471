<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Cache\Repository;
use Orbek\Core\Heat\FoundLine;
use Orbek\Core\Heat\FoundLines;

/** Found heat lines, kept beside the drawn pots: a page that is opened again does not look for its heat again. */
final readonly class RememberedLines implements FoundLines
{
    private const KEPT_S = 30 * 86400;

    public function __construct(private Repository $cache)
    {
    }

    public function line(string $of, string $ring, callable $find): FoundLine
    {
        return $this->cache->remember("heat-found-{$of}", self::KEPT_S, $find(...));
    }
}
