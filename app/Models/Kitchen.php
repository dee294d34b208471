<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\OpenFile;
use Closure;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * @property string $id
 * @property array<string, mixed> $document
 * @property int $version
 * @property bool $in_use
 */
final class Kitchen extends Model
{
    use BelongsToHousehold;
    use WritesByVersion;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer', 'in_use' => 'boolean'];
    }

    /** The one of the household's kitchens that is cooked in. */
    public static function inUse(): self
    {
        return self::query()->orderByDesc('in_use')->orderBy('id')->firstOrFail();
    }

    /** What the household reads in; null where it has not said, or has no kitchen. */
    public static function language(): ?string
    {
        $said = self::query()->orderByDesc('in_use')->orderBy('id')->toBase()->value('document->language');

        return is_string($said) ? $said : null;
    }

    public static function core(): CoreKitchen
    {
        return self::inUse()->read();
    }

    /** From here on it is cooked in this one. */
    public function takeInUse(): self
    {
        DB::transaction(function (): void {
            self::query()->whereKeyNot($this->id)->update(['in_use' => false]);
            $this->update(['in_use' => true]);
        });

        return $this;
    }

    public function read(): CoreKitchen
    {
        return CoreKitchen::fromArray($this->document);
    }

    /**
     * The kitchen that a form is of, as it was seen: whichever is cooked in meanwhile.
     *
     * @param  Fields  $form with `kitchen` and `version`
     *
     * @throws Refused when it names none of this household's
     * @throws Overtaken when another window changed it meanwhile
     */
    public static function seenBy(Fields $form): self
    {
        $id = $form->text('kitchen');
        $kitchen = self::query()->find($id) ?? throw Refused::because('kitchen', 'refused.no-such-kitchen-here');

        return $kitchen->isStill($form->whole('version', 1, PHP_INT_MAX));
    }

    /**
     * Changes the document that was seen as a whole; what it was is kept as a version.
     *
     * @param  Fields  $form with `kitchen` and `version`
     * @param  string  $what is changed, as it is told where it can be taken back
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change
     *
     * @throws Refused when the kitchen cannot be so
     * @throws Overtaken when another window changed it meanwhile
     */
    public static function change(Fields $form, string $what, DateTimeImmutable $now, Closure $change): self
    {
        $kitchen = self::seenBy($form);

        return $kitchen->become($change($kitchen->document), $what, $now);
    }

    /**
     * Becomes what it was; dishes that moved when it changed are what they were, where nobody changed them since.
     *
     * @return list<string> names of the dishes that stay as they are now
     *
     * @throws Overtaken when another window changed it meanwhile
     */
    public function backTo(KitchenVersion $before, DateTimeImmutable $now): array
    {
        return DB::transaction(function () use ($before, $now): array {
            $stay = $back = [];
            foreach ($before->movedSince() as $id => $versions) {
                $dish = Dish::query()->find($id);
                if ($dish === null) {
                    continue;
                }
                // Back through the moves, as long as nothing else lies between them.
                for ($to = $dish->version; $to === ($versions[0] ?? null); $to--) {
                    array_shift($versions);
                }
                $was = DishVersion::query()->where('dish_id', $id)->where('version', $to)->first();
                if ($was !== null) {
                    $back[$id] = $dish->become($was->core(), $dish->version, $now)->version;
                }
                if ($versions !== []) {
                    $stay[] = $dish->name;
                }
            }
            $this->become($before->document, $before->what, $now, $back);

            return $stay;
        });
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<array-key, int>  $moved the version of each dish that changed with it, by dish
     *
     * @throws Refused when the kitchen cannot be so
     * @throws Overtaken when another window changed it meanwhile
     */
    public function become(array $document, string $what, DateTimeImmutable $now, array $moved = []): self
    {
        OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

        return $this->write(
            $this->version, ['document' => $document],
            static fn (self $row) => KitchenVersion::keep($row, $what, $now, $moved),
        );
    }

    /** @return array<string, string> what things of all the household's kitchens are called, by id */
    public static function names(): array
    {
        $names = [];
        foreach (self::query()->get() as $one) {
            $has = $one->read()->equipment;
            foreach ([$has->pots, $has->rings, $has->plates, $one->read()->pantry->bags] as $things) {
                $names += array_map(static fn (object $thing): string => $thing->name, $things);
            }
        }

        return $names;
    }
}
