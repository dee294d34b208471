<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a meter has read, in °C, g or %.
 *
 * @property string $id
 * @property string $meter_id
 * @property float $value
 * @property Carbon $read_at
 */
final class Reading extends Model
{
    use BelongsToHousehold;

    /** Points of a course that are drawn: more are one line anyway. */
    private const MOST = 120;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'float', 'read_at' => 'datetime'];
    }

    /**
     * What probes have read from a time on, thinned out evenly.
     *
     * @return list<array{float, float}> minutes since then and °C
     */
    public static function temperatures(DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $probes = Meter::query()->where('kind', MeterKind::Temperature)->pluck('id')->all();
        $all = $probes === []
            ? []
            : self::query()->whereIn('meter_id', $probes)->whereBetween('read_at', [$since, $until])
                ->orderBy('read_at')->get()->all();
        $every = max(1, (int) ceil(count($all) / self::MOST));

        return array_values(array_map(
            static fn (self $one): array => [
                ($one->read_at->getTimestamp() - $since->getTimestamp()) / 60, round($one->value, 1),
            ],
            array_filter(
                $all, static fn (int $index): bool => $index % $every === 0 || $index === count($all) - 1,
                ARRAY_FILTER_USE_KEY,
            ),
        ));
    }
}
