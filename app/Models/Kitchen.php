<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\OpenFile;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Refused;

/**
 * @property string $id
 * @property array<string, mixed> $document
 * @property int $version
 */
final class Kitchen extends Model
{
    use BelongsToHousehold;
    use WritesByVersion;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }

    /** The household's kitchen. */
    public static function core(): CoreKitchen
    {
        return self::query()->firstOrFail()->read();
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
        $kitchen = self::query()->firstOrFail()->isStill($seen);
        $document = $change($kitchen->document);
        OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

        return $kitchen->write($seen, ['document' => $document]);
    }
}
