<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A cook for practice: what its simulated kitchen hides. It stands in no list and teaches nothing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->json('practice')->nullable();
            $table->double('used_g')->virtualAs("json_extract(summary, '$.used.g')")->nullable();
        });
        // What the paces of all bags are read off, without a look at any cook.
        Schema::table(
            'cooks',
            static fn (Blueprint $table) => $table->index(
                ['household_id', 'practice', 'started_at', 'lot', 'used_g'], 'cooks_paces_index',
            ),
        );
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropIndex('cooks_paces_index');
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropColumn(['practice', 'used_g']);
        });
    }
};
