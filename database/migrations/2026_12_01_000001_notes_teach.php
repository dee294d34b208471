<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->boolean('notes_taken_back')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropColumn('notes_taken_back');
        });
    }
};
