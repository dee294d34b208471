<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\PictureFile;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Measure\Refused;
use PDO;

/**
 * A photograph of a cook, kept as Orbek made it: small, upright, without what the camera wrote beside it.
 *
 * @property string $id
 * @property string $cook_id
 * @property Shows $shows
 * @property int $width
 * @property int $height
 * @property Carbon $taken_at
 */
final class Photograph extends Model
{
    use BelongsToHousehold;

    /** A cook has so many at most. */
    private const MOST = 24;

    public $timestamps = false;

    protected $guarded = [];

    /** Its light, some 150 KB, is asked for by itself. */
    private const KNOWN = ['id', 'household_id', 'cook_id', 'shows', 'width', 'height', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shows' => Shows::class, 'taken_at' => 'datetime', 'width' => 'integer', 'height' => 'integer'];
    }

    /**
     * Sent twice under one id it is one.
     *
     * @throws Refused when the cook has enough of them, or the id is another cook's
     */
    public static function keep(
        string $id, Cook $cook, Shows $shows, PictureFile $picture, DateTimeImmutable $takenAt,
    ): self {
        return DB::transaction(static function () use ($id, $cook, $shows, $picture, $takenAt): self {
            $known = self::query()->withoutGlobalScopes()->find($id, self::KNOWN);
            if ($known !== null) {
                return $known->cook_id === $cook->id
                    ? $known
                    : throw Refused::because('id', 'refused.anothers-photograph', id: $id);
            }
            if (self::query()->where('cook_id', $cook->id)->count() >= self::MOST) {
                throw Refused::because('picture', 'refused.has-enough-photographs', most: self::MOST);
            }
            $photograph = self::query()->create([
                'id' => $id, 'cook_id' => $cook->id, 'shows' => $shows, 'width' => $picture->width,
                'height' => $picture->height, 'taken_at' => $takenAt, 'jpeg' => '',
            ]);
            self::putJpeg($photograph->id, $picture->jpeg);

            return $photograph;
        });
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
