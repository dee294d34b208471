<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\OpenFile;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Dish\School;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Planner;

/**
 * @property string $id
 * @property string $name
 * @property string $school
 * @property array<string, mixed> $document
 * @property int $version
 * @property string $words what it is found by beside its school's name: its own, what is in it
 */
final class Dish extends Model
{
    use BelongsToHousehold;
    use SoftDeletes;
    use WritesByVersion;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    public function core(): CoreDish
    {
        return CoreDish::fromArray($this->document, app(Craft::class));
    }

    /** The dish in the things of a kitchen: as it is where they are there, else moved to what is nearest. */
    public function in(CoreKitchen $kitchen): CoreDish
    {
        $dish = $this->core();
        if (! Moving::isNeeded($dish, $kitchen)) {
            return $dish;
        }
        foreach (Kitchen::query()->get() as $other) {
            if (! Moving::isNeeded($dish, $other->read())) {
                return Moving::into($dish, $kitchen, $other->read());
            }
        }

        return Moving::into($dish, $kitchen);
    }

    /**
     * Becomes another dish, made from the version that was seen; what it was is kept as a version.
     *
     * @throws Overtaken when another window changed it meanwhile
     */
    public function become(CoreDish $dish, int $seen, DateTimeImmutable $now): self
    {
        return $this->write($seen, self::columns($dish), static fn (self $row) => DishVersion::keep($row, $now));
    }

    /**
     * A dish made of a document, in the pot and on the ring of this kitchen in which it comes out right.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws Refused
     */
    public static function made(array $document, Planner $planner): self
    {
        $dish = OpenFile::dish((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

        return (new self(['version' => 1]))->take(Moving::right($dish, Kitchen::core(), $planner));
    }

    /** Takes a changed dish over: its document and the columns that lists read. */
    public function take(CoreDish $dish): self
    {
        return $this->fill(self::columns($dish));
    }

    /** @return array<string, mixed> */
    private static function columns(CoreDish $dish): array
    {
        return [
            'name' => $dish->name, 'school' => $dish->school->id,
            'document' => $dish->toArray(), 'words' => self::words($dish),
        ];
    }

    private static function words(CoreDish $dish): string
    {
        $words = [$dish->name, $dish->school->id, $dish->fillings->name()];
        $named = [$dish->fillings->parts(), $dish->grain->boiled, $dish->build->extras, $dish->table->sides];
        foreach ($named as $things) {
            foreach ($things as $thing) {
                $words[] = $thing->name;
            }
        }

        return mb_strtolower(implode(' ', array_unique($words)));
    }

    /**
     * Those in which each word asked for is found, what was touched last first.
     *
     * @param  Builder<self>  $query
     */
    #[Scope]
    protected function onTheShelf(Builder $query, string $asked): void
    {
        foreach (preg_split('/\s+/u', mb_strtolower(trim($asked)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            // A school is found by what the language of whoever asks calls it.
            $schools = array_keys(array_filter(
                app(Craft::class)->schools->all,
                static fn (School $one): bool => str_contains(mb_strtolower($one->label), $word),
            ));
            $query->where(static fn (Builder $either): Builder => $either
                ->whereLike('words', '%'.addcslashes($word, '%_\\').'%')->orWhereIn('school', $schools));
        }
        $query->orderByDesc('updated_at')->orderBy('id');
    }
}
