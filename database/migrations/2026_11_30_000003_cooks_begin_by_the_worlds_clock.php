<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Cooks of the demo and of a table that was read in began by the local clock where the world's was meant: hours after
 * their own first tap in zones east of Greenwich. Such a cook begins with its first tap.
 */
return new class extends Migration
{
    private const MOST_BEFORE_S = 3600;

    private const FARTHEST_ZONE_S = 14 * 3600;

    public function up(): void
    {
        $firsts = DB::table('cooks')->join('cook_events', 'cook_events.cook_id', '=', 'cooks.id')
            ->whereNull('cooks.meal_cook_id')->whereNotNull('cooks.served_at')
            ->groupBy('cooks.id', 'cooks.started_at')->select('cooks.id', 'cooks.started_at')
            ->selectRaw("min(json_extract(cook_events.document, '$.at')) as first")->get();
        foreach ($firsts as $cook) {
            $late = strtotime("{$cook->started_at} UTC") - (int) $cook->first;
            if ($late > self::MOST_BEFORE_S && $late <= self::FARTHEST_ZONE_S) {
                DB::table('cooks')->where('id', $cook->id)
                    ->update(['started_at' => gmdate('Y-m-d H:i:s', (int) $cook->first)]);
            }
        }
    }

    public function down(): void
    {
        // What was wrong is not brought back.
    }
};
