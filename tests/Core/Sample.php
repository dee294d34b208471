<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/** The sample kitchen's documents, as the core reads them. */
final class Sample
{
    public const NOW = '2026-11-24 10:00';

    /** @param  array<string, mixed>  $changes top-level fields that differ */
    public static function kitchen(array $changes = []): Kitchen
    {
        return Kitchen::fromArray($changes + self::json('kitchen'));
    }

    public static function polo(): Dish
    {
        return Dish::fromArray(self::json('sour-cherry-polo'));
    }

    public static function plan(?Dish $dish = null, ?Kitchen $kitchen = null, string $now = self::NOW): Plan
    {
        return Planner::in($kitchen ?? self::kitchen(), Knowledge::none(), new DateTimeImmutable($now))->plan($dish ?? self::polo());
    }

    /** @return array<string, mixed> */
    public static function json(string $name): array
    {
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/database/demo/{$name}.json"), true);

        return is_array($document) ? $document : [];
    }
}
