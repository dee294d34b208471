<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The Notebook finds cooks by pot, ring and how they came out; what one taught of its bag can be taken back too. */
return new class extends Migration
{
    private const FOUND_BY = [
        'pot' => "coalesce(json_extract(summary, '$.pot'), json_extract(dish, '$.lid.pot'))",
        'ring' => "coalesce(json_extract(summary, '$.burner'), json_extract(dish, '$.lid.burner'))",
        'rice' => "json_extract(summary, '$.rice')",
        'crust' => "json_extract(summary, '$.crust')",
        'filling' => "json_extract(summary, '$.filling')",
        'late_min' => "json_extract(summary, '$.late_min')",
    ];

    public function up(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->boolean('lot_taken_back')->default(false);
            foreach (self::FOUND_BY as $name => $is) {
                ($name === 'late_min' ? $table->integer($name) : $table->string($name))->virtualAs($is)->nullable();
            }
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            foreach (array_keys(self::FOUND_BY) as $name) {
                $table->index(['household_id', $name, 'started_at']);
            }
            $table->index(['household_id', 'name', 'started_at']);
        });
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            foreach (['name', ...array_keys(self::FOUND_BY)] as $name) {
                $table->dropIndex(['household_id', $name, 'started_at']);
            }
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropColumn(['lot_taken_back', ...array_keys(self::FOUND_BY)]);
        });
    }
};
