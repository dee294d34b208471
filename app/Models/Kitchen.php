<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;

/**
 * @property array<string, mixed> $document
 */
final class Kitchen extends Model
{
    use BelongsToHousehold;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array'];
    }

    /** The household's kitchen. */
    public static function core(): CoreKitchen
    {
        return CoreKitchen::fromArray(self::query()->firstOrFail()->document);
    }
}
