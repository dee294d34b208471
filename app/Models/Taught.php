<?php

declare(strict_types=1);

namespace App\Models;

/** What a cook teaches of, and can be taken back of. */
enum Taught: string
{
    case Bag = 'lot';
    case Stove = 'stove';
    case Notes = 'notes';

    public function column(): string
    {
        return "{$this->value}_taken_back";
    }
}
