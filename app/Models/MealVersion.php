<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Orbek\Core\Meal\Meal as CoreMeal;

/**
 * A meal as it was before it was changed.
 *
 * @property string $id
 * @property string $meal_id
 * @property int $version
 * @property array<string, mixed> $document
 * @property Carbon $replaced_at
 */
final class MealVersion extends Model
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

    public function core(): CoreMeal
    {
        return CoreMeal::fromArray($this->document);
    }

    /** Keeps a meal as it is before it changes. */
    public static function keep(Meal $meal, DateTimeImmutable $now): void
    {
        self::query()->create([
            'meal_id' => $meal->id, 'version' => $meal->version, 'document' => $meal->document, 'replaced_at' => $now,
        ]);
        self::query()->where('meal_id', $meal->id)->where('version', '<=', $meal->version - self::KEPT)->delete();
    }

    /** What a meal was before its last change, if it was another. */
    public static function before(Meal $meal): ?self
    {
        return self::query()->where('meal_id', $meal->id)->latest('version')->first();
    }

    /** When it was left for another, by the clock of a kitchen. */
    public function at(DateTimeZone $zone): DateTimeImmutable
    {
        return $this->replaced_at->toDateTimeImmutable()->setTimezone($zone);
    }
}
