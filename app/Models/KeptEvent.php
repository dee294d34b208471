<?php

declare(strict_types=1);

namespace App\Models;

use Orbek\Core\Cook\Event;
use Orbek\Core\Measure\Fields;

/**
 * Something that happened at the stove, kept as it was told.
 *
 * @property string $id
 * @property string $type
 * @property array<string, mixed> $document
 */
trait KeptEvent
{
    use BelongsToHousehold;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'received_at' => 'datetime'];
    }

    public function core(): Event
    {
        return Event::fromFields(Fields::of($this->document));
    }
}
