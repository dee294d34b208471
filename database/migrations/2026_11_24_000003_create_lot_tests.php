<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lot_tests', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('lot');
            $table->json('document');
            $table->json('likelihood');
            $table->dateTime('tested_at');
            $table->index(['household_id', 'lot']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('lot_tests');
    }
};
