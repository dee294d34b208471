<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Lid\Cue;

/** A cue that was seen of a closed pot, or one that had not come yet. */
final readonly class SeenCue
{
    /** @param  float  $minute sealed */
    public function __construct(public Cue $cue, public float $minute, public bool $isThere = true)
    {
    }
}
