<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Leftovers that are still in the fridge, found without folding a cook. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->timestamp('eat_by')->nullable();
            $table->index(['household_id', 'eat_by']);
        });
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropIndex(['household_id', 'eat_by']);
            $table->dropColumn('eat_by');
        });
    }
};
