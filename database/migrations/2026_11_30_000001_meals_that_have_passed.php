<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A meal whose time has passed is asked about once and then lies in the Notebook; the demo's own move ahead with the
 * weeks. A meal at the stove knows when it was to be on the table, so that a forgotten one is told from one going on.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('meals', static function (Blueprint $table): void {
            $table->dateTime('cooked_at')->nullable();
            $table->boolean('of_demo')->default(false);
        });
        // The demo's meals were made with its household.
        DB::update(
            "update meals set of_demo = 1 where exists (select 1 from households h where h.id = meals.household_id
            and h.is_demo = 1 and meals.created_at <= datetime(h.created_at, '+5 minutes'))",
        );
        Schema::table('meal_cooks', static fn (Blueprint $table) => $table->timestamp('table_at')->nullable());
        foreach (DB::table('meal_cooks')->lazyById(200) as $cook) {
            $meal = self::read($cook->meal);
            $kitchen = self::read($cook->kitchen);
            if (is_string($meal['serve_at'] ?? null)) {
                DB::table('meal_cooks')->where('id', $cook->id)->update([
                    'table_at' => (
                        new DateTimeImmutable($meal['serve_at'], new DateTimeZone(self::zone($kitchen)))
                    )->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
                ]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('meals', static fn (Blueprint $table) => $table->dropColumn(['cooked_at', 'of_demo']));
        Schema::table('meal_cooks', static fn (Blueprint $table) => $table->dropColumn('table_at'));
    }

    /** @return array<array-key, mixed> */
    private static function read(mixed $json): array
    {
        $read = is_string($json) ? json_decode($json, true) : null;

        return is_array($read) ? $read : [];
    }

    /** @param  array<array-key, mixed>  $kitchen */
    private static function zone(array $kitchen): string
    {
        return is_string($kitchen['timezone'] ?? null) ? $kitchen['timezone'] : 'UTC';
    }
};
