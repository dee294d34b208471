<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Orbek\Core\Cook\Event;
use Orbek\Core\Measure\Fields;

/**
 * Something that happened at the stove, kept as it was told.
 *
 * @property string $id
 * @property string $meal_cook_id
 * @property int|null $dish the place of the dish that it happened to; null where it is of all, or of a side
 * @property string $type
 * @property array<string, mixed> $document
 */
final class CookEvent extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'received_at' => 'datetime', 'dish' => 'integer'];
    }

    public function core(): Event
    {
        return Event::fromFields(Fields::of($this->document));
    }
}
