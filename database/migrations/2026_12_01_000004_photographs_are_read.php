<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A photograph of grains under glass keeps what was read in it; one of a bag's test boil is of no cook. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->ulid('cook_id')->nullable()->change();
            $table->foreignUlid('lot_test_id')->nullable()->constrained()->cascadeOnDelete();
            $table->json('reading')->nullable();
        });
    }
};
