<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;

/**
 * A dish as it was before it was changed.
 *
 * @property string $id
 * @property string $dish_id
 * @property int $version
 * @property array<string, mixed> $document
 * @property Carbon $replaced_at
 */
final class DishVersion extends Model
{
    use BelongsToHousehold;

    /** Older ones are let go. */
    private const KEPT = 60;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer', 'replaced_at' => 'datetime'];
    }

    public function core(): CoreDish
    {
        return CoreDish::fromArray($this->document, app(Craft::class));
    }

    /** Keeps a dish as it is before it changes. */
    public static function keep(Dish $dish, DateTimeImmutable $now): void
    {
        self::query()->create([
            'dish_id' => $dish->id, 'version' => $dish->version, 'document' => $dish->document, 'replaced_at' => $now,
        ]);
        self::query()->where('dish_id', $dish->id)->where('version', '<=', $dish->version - self::KEPT)->delete();
    }

    /** When it was left for another, by the clock of a kitchen. */
    public function at(DateTimeZone $zone): DateTimeImmutable
    {
        return $this->replaced_at->toDateTimeImmutable()->setTimezone($zone);
    }
}
