<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('households', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('kitchens', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->json('document');
            $table->timestamps();
        });
        Schema::create('dishes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('school');
            $table->json('document');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['household_id', 'name']);
        });
        Schema::create('cooks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('dish_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name');
            // What was planned with, kept as it was: dish and kitchen change after the cook.
            $table->json('dish');
            $table->json('kitchen');
            $table->dateTime('started_at');
            $table->dateTime('served_at')->nullable();
            $table->json('summary')->nullable();
            $table->timestamps();
            $table->index(['household_id', 'started_at']);
        });
        Schema::create('cook_events', function (Blueprint $table): void {
            // Made by the cook's own device: an event sent twice is one event.
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('cook_id')->constrained()->cascadeOnDelete();
            $table->string('type');
            $table->json('document');
            $table->timestamp('received_at');
            $table->index('cook_id');
        });
    }

    public function down(): void
    {
        foreach (['cook_events', 'cooks', 'dishes', 'kitchens', 'households'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
