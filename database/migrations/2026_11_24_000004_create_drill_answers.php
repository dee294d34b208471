<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drill_answers', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('round');
            $table->string('asked');
            $table->string('answered')->nullable();
            // How far off: stages for a name, doneness for a lift.
            $table->float('off');
            $table->dateTime('answered_at');
            $table->index(['household_id', 'round', 'answered_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('drill_answers');
    }
};
