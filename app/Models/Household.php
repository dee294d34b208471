<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Those who cook together; everything else belongs to one.
 *
 * @property string $id
 * @property string $name
 */
final class Household extends Model
{
    use HasUlids;

    protected $guarded = [];
}
