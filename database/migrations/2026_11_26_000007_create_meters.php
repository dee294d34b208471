<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Things that measure, each with a token to speak with, and what they have read. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('meters', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('kind');
            // Only its sum is kept: who reads the database cannot speak with it.
            $table->string('token_sum')->unique();
            $table->timestamp('made_at');
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('meter_id')->constrained()->cascadeOnDelete();
            $table->double('value');
            $table->timestamp('read_at');
            $table->index(['meter_id', 'read_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('readings');
        Schema::dropIfExists('meters');
    }
};
