<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\PictureFile;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use PDO;

/**
 * A photograph of a cook or of a bag's test boil, kept as Orbek made it: small, upright, without what the camera wrote
 * beside it.
 *
 * @property string $id
 * @property string|null $cook_id
 * @property string|null $lot_test_id
 * @property Shows $shows
 * @property int $width
 * @property int $height
 * @property Carbon $taken_at
 * @property array<string, mixed>|null $reading of grains under glass
 */
final class Photograph extends Model
{
    use BelongsToHousehold;

    /** A cook has so many at most. */
    private const MOST = 24;

    public $timestamps = false;

    protected $guarded = [];

    /** Its light, some 150 KB, is asked for by itself. */
    public const KNOWN = [
        'id', 'household_id', 'cook_id', 'lot_test_id', 'shows', 'width', 'height', 'taken_at', 'reading',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'shows' => Shows::class, 'taken_at' => 'datetime', 'width' => 'integer', 'height' => 'integer',
            'reading' => 'array',
        ];
    }

    /**
     * Sent twice under one id it is one.
     *
     * @param  Reading|null  $reading of grains under glass
     *
     * @throws Refused when there are enough of them, or the id is another's
     */
    public static function keep(
        string $id, Cook|LotTest $of, Shows $shows, PictureFile $picture, DateTimeImmutable $takenAt,
        ?Reading $reading = null,
    ): self {
        return DB::transaction(static function () use ($id, $of, $shows, $picture, $takenAt, $reading): self {
            $column = $of instanceof Cook ? 'cook_id' : 'lot_test_id';
            $known = self::known($id);
            if ($known !== null) {
                return $known->{$column} === $of->id
                    ? $known
                    : throw Refused::because('id', 'refused.anothers-photograph', id: $id);
            }
            if (self::query()->where($column, $of->id)->count() >= self::MOST) {
                throw Refused::because('picture', 'refused.has-enough-photographs', most: self::MOST);
            }
            $photograph = self::query()->create([
                'id' => $id, $column => $of->id, 'shows' => $shows, 'width' => $picture->width,
                'height' => $picture->height, 'taken_at' => $takenAt, 'jpeg' => '', 'reading' => $reading?->toArray(),
            ]);
            self::putJpeg($photograph->id, $picture->jpeg);

            return $photograph;
        });
    }

    /** Whatever household it is of; without its light. */
    public static function known(string $id): ?self
    {
        return self::query()->withoutGlobalScopes()->find($id, self::KNOWN);
    }

    /** What was read in it; null where it is of something else. */
    public function read(): ?Reading
    {
        return $this->reading === null ? null : Reading::fromFields(Fields::of($this->reading));
    }

    /** @return Collection<int, self> a cook's, oldest first, without their light */
    public static function of(Cook $cook): Collection
    {
        return self::query()->where('cook_id', $cook->id)->oldest('taken_at')->oldest('id')->get(self::KNOWN);
    }

    public function jpeg(): string
    {
        $jpeg = self::query()->whereKey($this->id)->toBase()->value('jpeg');

        return is_string($jpeg) ? $jpeg : '';
    }

    /** Bound as what it is: as text it would end at its first zero for some of what reads the file. */
    public static function putJpeg(string $id, string $jpeg): void
    {
        $write = DB::connection()->getPdo()->prepare('update photographs set jpeg = ? where id = ?');
        $write->bindValue(1, $jpeg, PDO::PARAM_LOB);
        $write->bindValue(2, $id);
        $write->execute();
    }
}
