<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * The one way a stored document is written: a change names the version it was made to, and what
 * was changed by another window meanwhile is never written over.
 *
 * @property int $version
 */
trait WritesByVersion
{
    /**
     * What was seen must be what is there: said before anything is computed, and asked again when it is written.
     *
     * @throws Overtaken when another was written meanwhile
     */
    public function isStill(int $seen): static
    {
        if ($this->version !== $seen) {
            throw new Overtaken($this->version);
        }

        return $this;
    }

    /**
     * Writes attributes over the version that was seen, in one short transaction.
     *
     * @param  array<string, mixed>  $attributes
     * @param  Closure(self): void|null  $keeping what is kept of the old one in the same transaction
     *
     * @throws Overtaken when another was written meanwhile
     */
    public function write(int $seen, array $attributes, ?Closure $keeping = null): static
    {
        return DB::transaction(function () use ($seen, $attributes, $keeping) {
            $row = static::query()->whereKey($this->getKey())->firstOrFail();
            $row->isStill($seen);
            $keeping?->__invoke($row);
            $row->fill($attributes)->fill(['version' => $seen + 1])->save();

            return $row;
        });
    }
}
