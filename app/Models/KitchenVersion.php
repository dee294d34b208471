<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;

/**
 * A kitchen as it was before it was changed.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property int $version
 * @property array<string, mixed> $document
 * @property string $what was changed then: a thing's name
 * @property array<string, int>|null $moved the version of each dish that changed with it, by dish
 * @property Carbon $replaced_at
 */
final class KitchenVersion extends Model
{
    use BelongsToHousehold;

    /** Older ones are let go. */
    private const KEPT = 60;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'moved' => 'array', 'version' => 'integer', 'replaced_at' => 'datetime'];
    }

    public function core(): CoreKitchen
    {
        return CoreKitchen::fromArray($this->document);
    }

    /**
     * Keeps a kitchen as it is before it changes.
     *
     * @param  array<array-key, int>  $moved the version of each dish that changed with it, by dish
     */
    public static function keep(Kitchen $kitchen, string $what, DateTimeImmutable $now, array $moved = []): void
    {
        self::query()->create([
            'kitchen_id' => $kitchen->id, 'version' => $kitchen->version, 'document' => $kitchen->document,
            'what' => mb_substr($what, 0, 120), 'replaced_at' => $now, 'moved' => $moved === [] ? null : $moved,
        ]);
        self::query()->where('kitchen_id', $kitchen->id)->where('version', '<=', $kitchen->version - self::KEPT)
            ->delete();
    }

    /** @return array<string, list<int>> the versions dishes got by changes of the kitchen from here on, newest first */
    public function movedSince(): array
    {
        $moved = [];
        $since = self::query()->where('kitchen_id', $this->kitchen_id)->where('version', '>=', $this->version)
            ->whereNotNull('moved')->orderByDesc('version')->get();
        foreach ($since as $one) {
            foreach ($one->moved ?? [] as $dish => $version) {
                $moved[$dish][] = $version;
            }
        }

        return $moved;
    }

    /** What a kitchen was before its last change; null where nothing is kept of it. */
    public static function before(Kitchen $kitchen): ?self
    {
        return self::query()->where('kitchen_id', $kitchen->id)->where('version', $kitchen->version - 1)->first();
    }

    /** When it was left for another, by the clock of a kitchen. */
    public function at(DateTimeZone $zone): DateTimeImmutable
    {
        return $this->replaced_at->toDateTimeImmutable()->setTimezone($zone);
    }
}
