<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What meals were before they were changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('meal_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('meal_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->json('document');
            $table->timestamp('replaced_at');
            $table->unique(['meal_id', 'version']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('meal_versions');
    }
};
