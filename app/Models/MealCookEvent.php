<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Orbek\Core\Cook\Event;
use Orbek\Core\Measure\Fields;

/**
 * What happened to a whole meal at the stove, or to a side of it.
 *
 * @property string $id
 * @property string $meal_cook_id
 * @property string $type
 * @property array<string, mixed> $document
 */
final class MealCookEvent extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];

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
