<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\OpenFile;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
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
     * Changes the document that was seen as a whole.
     *
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change
     *
     * @throws Refused when the kitchen cannot be so
     * @throws Overtaken when another window changed it meanwhile
     */
    public static function change(int $seen, Closure $change): self
    {
        $kitchen = self::inUse()->isStill($seen);
        $document = $change($kitchen->document);
        OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

        return $kitchen->write($seen, ['document' => $document]);
    }

    /** @return array<string, string> what things of all the household's kitchens are called, by id */
    public static function names(): array
    {
        $names = [];
        foreach (self::query()->get() as $one) {
            foreach ([$one->read()->pots, $one->read()->burners, $one->read()->plates, $one->read()->lots] as $things) {
                $names += array_map(static fn (object $thing): string => $thing->name, $things);
            }
        }

        return $names;
    }
}
