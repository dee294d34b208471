<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Orbek\Core\Dish\Dish as CoreDish;

/**
 * @property string $id
 * @property string $name
 * @property string $school
 * @property array<string, mixed> $document
 * @property int $version
 */
final class Dish extends Model
{
    use BelongsToHousehold;
    use SoftDeletes;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    public function core(): CoreDish
    {
        return CoreDish::fromArray($this->document);
    }

    /** Takes a changed dish over: its document and the columns that lists read. */
    public function take(CoreDish $dish): self
    {
        return $this->fill(['name' => $dish->name, 'school' => $dish->school->value, 'document' => $dish->toArray()]);
    }
}
