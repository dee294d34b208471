<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tables with several dishes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('meals', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('serve_at');
            $table->json('document');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['household_id', 'serve_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('meals');
    }
};
