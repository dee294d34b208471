<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;

/**
 * Every query sees only the household in use, and what is made belongs to it. Asked without one,
 * the container refuses: there is no query across households.
 */
trait BelongsToHousehold
{
    use HasUlids;

    protected static function bootBelongsToHousehold(): void
    {
        static::addGlobalScope('household', static function (Builder $query): void {
            $query->where($query->qualifyColumn('household_id'), app(Household::class)->id);
        });
        static::creating(static function (self $model): void {
            $model->setAttribute('household_id', app(Household::class)->id);
        });
    }
}
