<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Orbek\Core\Measure\Refused;

/**
 * Every query sees only the household in use, and what is made belongs to it. Asked without one,
 * the container refuses: there is no query across households.
 */
trait BelongsToHousehold
{
    use HasUlids;

    /**
     * A page names what it makes: an id that another household has is not its own.
     *
     * @throws Refused
     */
    public static function refuseForeign(string $id, string $field): void
    {
        $household = static::withoutGlobalScopes()->whereKey($id)->value('household_id');
        if ($household !== null && $household !== app(Household::class)->id) {
            throw Refused::because($field, 'refused.the-id-is-taken');
        }
    }

    /**
     * The same, where what has the id already is of this household: nothing new can have it.
     *
     * @throws Refused
     */
    public static function refuseTaken(string $id, string $field): void
    {
        if (static::withoutGlobalScopes()->whereKey($id)->exists()) {
            throw Refused::because($field, 'refused.the-id-is-taken');
        }
    }

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
