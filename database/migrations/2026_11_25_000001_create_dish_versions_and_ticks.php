<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('dish_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('dish_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->json('document');
            $table->timestamp('replaced_at');
            $table->unique(['dish_id', 'version']);
        });
        Schema::create('list_ticks', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('dish_id')->constrained()->cascadeOnDelete();
            $table->string('entry', 300);
            $table->unique(['dish_id', 'entry']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('list_ticks');
        Schema::dropIfExists('dish_versions');
    }
};
