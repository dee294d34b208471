<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A dish by itself is a meal of one: each cook is a dish of something that is cooked, and one table has what happened.
 * What was of one dish alone gets a meal of its own with the same id, so that every address stays.
 */
return new class extends Migration
{
    /** What is of all that is cooked; the rest was of the dish. */
    private const OF_ALL = ['late', 'served', 'eaters', 'left-out', 'ring-failed', 'undone'];

    public function up(): void
    {
        Schema::table('meal_cooks', static function (Blueprint $table): void {
            // A dish by itself has none of these: it is laid as the dish is.
            $table->json('meal')->nullable()->change();
            $table->json('given')->nullable()->change();
            $table->json('laid')->nullable()->change();
            $table->json('practice')->nullable();
        });
        DB::statement(<<<'SQL'
            insert into meal_cooks (id, household_id, meal_id, name, meal, kitchen, knowledge, given, laid, started_at,
                table_at, served_at, given_up_at, folded, practice, created_at, updated_at)
            select id, household_id, null, name, null, kitchen, coalesce(knowledge, '[]'), null, null, started_at,
                table_at, served_at, given_up_at, folded, practice, created_at, updated_at
            from cooks where meal_cook_id is null
            SQL);
        DB::table('cooks')->whereNull('meal_cook_id')->update(['meal_cook_id' => DB::raw('id'), 'place' => 0]);
        Schema::table('cook_events', static fn (Blueprint $table) => $table->dropIndex(['cook_id']));
        Schema::rename('cook_events', 'cook_events_of_dishes');
        Schema::create('cook_events', static function (Blueprint $table): void {
            // Made by the cook's own device: an event sent twice is one event.
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('meal_cook_id')->constrained()->cascadeOnDelete();
            // The place of the dish; none where it is of all of them, or of a side.
            $table->unsignedSmallInteger('dish')->nullable();
            $table->string('type');
            $table->json('document');
            $table->timestamp('received_at');
            $table->index('meal_cook_id');
        });
        $ofAll = implode(', ', array_map(static fn (string $type): string => "'{$type}'", self::OF_ALL));
        DB::statement(<<<SQL
            insert into cook_events (id, household_id, meal_cook_id, dish, type, document, received_at)
            select of.id, of.household_id, cooks.meal_cook_id,
                case when cooks.id = cooks.meal_cook_id and of.type in ({$ofAll}) then null else cooks.place end,
                of.type, of.document, of.received_at
            from cook_events_of_dishes as of join cooks on cooks.id = of.cook_id
            SQL);
        DB::statement(<<<'SQL'
            insert into cook_events (id, household_id, meal_cook_id, dish, type, document, received_at)
            select id, household_id, meal_cook_id, null, type, document, received_at from meal_cook_events
            SQL);
        Schema::drop('cook_events_of_dishes');
        Schema::drop('meal_cook_events');
        Schema::table('cooks', static fn (Blueprint $table) => $table->dropColumn('table_at'));
    }

    public function down(): void
    {
        // Two ways to cook are not brought back: a copy from before is restored instead (./orbek restore).
    }
};
