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
final class MeterReading extends Model
{
    use BelongsToHousehold;

    /** Points of a course that are drawn: more are one line anyway. */
    private const MOST = 120;

    protected $table = 'readings';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'float', 'read_at' => 'datetime'];
    }

    /**
     * What each probe has read from a time on, thinned out evenly.
     *
     * @return array<string, list<array{float, float}>> minutes since then and °C, by the probe's name
     */
    public static function temperatures(DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $read = [];
        $probes = Meter::query()->where('kind', MeterKind::Temperature)->orderBy('name')->orderBy('id')->get();
        foreach ($probes as $probe) {
            $all = self::query()->where('meter_id', $probe->id)->whereBetween('read_at', [$since, $until])
                ->orderBy('read_at')->get()->all();
            $every = max(1, (int) ceil(count($all) / self::MOST));
            $points = array_values(array_map(
                static fn (self $one): array => [
                    ($one->read_at->getTimestamp() - $since->getTimestamp()) / 60, round($one->value, 1),
                ],
                array_filter(
                    $all, static fn (int $index): bool => $index % $every === 0 || $index === count($all) - 1,
                    ARRAY_FILTER_USE_KEY,
                ),
            ));
            if ($points !== []) {
                // Two of one name are still two.
                $read[isset($read[$probe->name]) ? $probe->name.' '.(count($read) + 1) : $probe->name] = $points;
            }
        }

        return $read;
    }
}
