<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
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
 * @property Carbon|null $cooked_at when it was said to have been cooked, where nothing tells it
 * @property bool $of_demo whether it came with the sample kitchen, and moves ahead with the weeks
 */
final class Meal extends Model
{
    use BelongsToHousehold;
    use WritesByVersion;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'document' => 'array', 'version' => 'integer', 'cooked_at' => 'datetime', 'of_demo' => 'boolean',
        ];
    }

    /** So long after its table it is asked whether it was cooked; then it lies in the Notebook. */
    private const ASKED_DAYS = 14;

    private const LOCAL = 'Y-m-d\TH:i';

    /** @return HasMany<MealCook, $this> each time that it was cooked */
    public function cooks(): HasMany
    {
        return $this->hasMany(MealCook::class);
    }

    /**
     * Those whose table is still to come, and that are neither on the stove nor have been eaten already.
     *
     * @param  Builder<self>  $query
     * @param  DateTimeImmutable  $now local to the kitchen
     */
    #[Scope]
    protected function ahead(Builder $query, DateTimeImmutable $now): void
    {
        $query->where('serve_at', '>=', $now->format(self::LOCAL))->whereNull('cooked_at')
            ->whereDoesntHave('cooks', self::isKnown(...))->orderBy('serve_at')->orderBy('id');
    }

    /**
     * Those whose table has passed and of which nothing tells whether they were cooked.
     *
     * @param  Builder<self>  $query
     * @param  DateTimeImmutable  $now local to the kitchen
     */
    #[Scope]
    protected function passed(Builder $query, DateTimeImmutable $now): void
    {
        $query->where('serve_at', '<', $now->format(self::LOCAL))->whereNull('cooked_at')
            ->whereDoesntHave('cooks', self::isKnown(...))->latest('serve_at')->orderBy('id');
    }

    /**
     * Of those the ones that are asked about.
     *
     * @param  Builder<self>  $query
     */
    #[Scope]
    protected function asked(Builder $query, DateTimeImmutable $now): void
    {
        $from = $now->modify('-'.self::ASKED_DAYS.' days')->format(self::LOCAL);
        $query->passed($now)->where('serve_at', '>=', $from);
    }

    /** @param  Builder<MealCook>  $cook served, or on the stove */
    private static function isKnown(Builder $cook): void
    {
        $cook->whereNull('given_up_at');
    }

    /** The demo's own that nobody cooked: on the same weekday and hour, from now on. */
    public static function moveDemoAhead(DateTimeImmutable $now): void
    {
        foreach (self::query()->passed($now)->where('of_demo', true)->get() as $meal) {
            $core = $meal->core();
            $meal->write($meal->version, self::columns($core->with(['serve_at' => $core->nextFrom($now)])));
        }
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
