<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something on a dish's lists that is bought or put ready.
 *
 * @property string $entry
 */
final class ListTick extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];
}
