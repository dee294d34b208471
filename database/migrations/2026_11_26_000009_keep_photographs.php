<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Photographs of cooks, in the database itself: one file to back up, and none that belongs to nothing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photographs', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('cook_id')->constrained()->cascadeOnDelete();
            $table->string('shows');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->timestamp('taken_at');
            $table->binary('jpeg');
            $table->index(['cook_id', 'taken_at']);
        });
    }

    public function down(): void
    {
        Schema::drop('photographs');
    }
};
