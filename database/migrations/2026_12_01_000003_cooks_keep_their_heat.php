<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A cook keeps the heats that it began with, and a household knows under which laws of the closed pot its lessons were
 * made: those that are here were made under the second edition's.
 */
return new class extends Migration
{
    private const SECOND = 2;

    public function up(): void
    {
        Schema::table('meal_cooks', static function (Blueprint $table): void {
            $table->json('heats')->nullable();
        });
        Schema::table('households', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('laws')->default(self::SECOND);
            $table->json('retold')->nullable();
        });
        // Where nothing was cooked there is nothing to read again.
        DB::table('households')->whereNotIn('id', DB::table('cooks')->select('household_id'))->update(['laws' => 3]);
    }
};
