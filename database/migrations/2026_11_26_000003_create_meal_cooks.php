<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Meals being cooked: a cook for each dish, and what concerns all of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('meal_cooks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            // The meal may go; what was cooked stays.
            $table->ulid('meal_id')->nullable();
            $table->string('name');
            $table->json('meal');
            $table->json('kitchen');
            $table->json('knowledge');
            $table->json('given');
            $table->json('laid');
            $table->timestamp('started_at');
            $table->timestamp('served_at')->nullable();
            $table->timestamp('given_up_at')->nullable();
            $table->unsignedInteger('folded')->default(0);
            $table->timestamps();
            $table->index(['household_id', 'started_at']);
        });
        Schema::create('meal_cook_events', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('meal_cook_id')->constrained()->cascadeOnDelete();
            $table->string('type');
            $table->json('document');
            $table->timestamp('received_at');
            $table->index('meal_cook_id');
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->ulid('meal_cook_id')->nullable()->index();
            $table->unsignedSmallInteger('place')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropIndex(['meal_cook_id']);
            $table->dropColumn(['meal_cook_id', 'place']);
        });
        Schema::dropIfExists('meal_cook_events');
        Schema::dropIfExists('meal_cooks');
    }
};
