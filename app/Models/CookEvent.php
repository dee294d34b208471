<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** @property string $cook_id */
final class CookEvent extends Model
{
    use KeptEvent;

    public $timestamps = false;

    protected $guarded = [];
}
