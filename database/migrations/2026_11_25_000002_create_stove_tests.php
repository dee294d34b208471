<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stove_tests', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('pot');
            $table->string('burner');
            $table->json('document');
            $table->json('likelihood');
            $table->dateTime('tested_at');
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            // What it taught of its stove is taken back: the cook stays, the lesson goes.
            $table->boolean('stove_taken_back')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropColumn('stove_taken_back');
        });
        Schema::dropIfExists('stove_tests');
    }
};
