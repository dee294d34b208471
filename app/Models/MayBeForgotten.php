<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * A cook that is neither served nor given up goes on, as long as somebody sees to it: long after its table, with
 * nothing heard of it since, it is asked about.
 *
 * @property Carbon $started_at
 * @property Carbon|null $table_at
 * @property Carbon|null $served_at
 * @property Carbon|null $given_up_at
 */
trait MayBeForgotten
{
    private const FORGOTTEN_AFTER_H = 8;

    private const FORGOTTEN_SHOWN = 4;

    /** When something last happened to it, UTC as the database has it; null where nothing did. */
    abstract private function lastHeardOf(): ?string;

    /** @param  Builder<self>  $query */
    #[Scope]
    protected function open(Builder $query): void
    {
        $query->whereNull('served_at')->whereNull('given_up_at');
    }

    /** @return list<self> the last few that are */
    public static function forgotten(DateTimeImmutable $now): array
    {
        return array_slice(array_values(self::query()->open()->latest('started_at')->get()
            ->filter(static fn (self $one): bool => $one->isForgotten($now))->all()), 0, self::FORGOTTEN_SHOWN);
    }

    public function isForgotten(DateTimeImmutable $now): bool
    {
        $before = CarbonImmutable::instance($now)->subHours(self::FORGOTTEN_AFTER_H);
        $isOver = $this->served_at !== null || $this->given_up_at !== null;
        if ($isOver || ($this->table_at ?? $this->started_at) > $before) {
            return false;
        }
        $heard = $this->lastHeardOf();

        return $this->started_at < $before && ($heard === null || CarbonImmutable::parse($heard, 'UTC') < $before);
    }
}
