<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What happened to a whole meal at the stove, or to a side of it.
 *
 * @property string $meal_cook_id
 */
final class MealCookEvent extends Model
{
    use KeptEvent;

    public $timestamps = false;

    protected $guarded = [];
}
