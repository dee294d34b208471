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
        });
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropColumn('practice');
        });
    }
};
