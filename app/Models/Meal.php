<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Meal\Share;

/**
 * @property string $id
 * @property string $name
 * @property string $serve_at when it is on the table, local to the kitchen
 * @property array<string, mixed> $document
 * @property int $version
 */
final class Meal extends Model
{
    use BelongsToHousehold;
    use WritesByVersion;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    /** @return list<string> */
    public function dishIds(): array
    {
        return array_map(static fn (Share $share): string => $share->dish, $this->core()->shares);
    }

    public function core(): CoreMeal
    {
        return CoreMeal::fromArray($this->document);
    }

    /**
     * Its dishes in the things of a kitchen, by id; what is on the shelf no more is left out.
     *
     * @return array<string, CoreDish>
     */
    public function dishes(CoreKitchen $kitchen): array
    {
        return Dish::query()->whereKey($this->dishIds())->get()->mapWithKeys(
            static fn (Dish $dish): array => [$dish->id => $dish->in($kitchen)],
        )->all();
    }

    /** @return array<string, mixed> */
    public static function columns(CoreMeal $meal): array
    {
        return ['name' => $meal->name, 'serve_at' => $meal->serveAt, 'document' => $meal->toArray()];
    }

    /**
     * What it was is kept as a version.
     *
     * @throws Overtaken when another window changed it meanwhile
     */
    public function become(CoreMeal $meal, int $seen, DateTimeImmutable $now): self
    {
        return $this->write($seen, self::columns($meal), static fn (self $row) => MealVersion::keep($row, $now));
    }
}
