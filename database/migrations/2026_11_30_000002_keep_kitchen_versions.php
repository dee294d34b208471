<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Kitchens keep what they were, as dishes and meals do. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kitchen_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->json('document');
            // What was changed in it: a thing's name.
            $table->string('what', 120);
            $table->timestamp('replaced_at');
            $table->index(['kitchen_id', 'version']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kitchen_versions');
    }
};
