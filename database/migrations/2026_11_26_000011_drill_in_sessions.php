<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Readings know what was shown and said, so that a session can be looked at again and an eye learned from it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('drill_answers', static function (Blueprint $table): void {
            $table->string('form')->nullable();
            $table->unsignedInteger('seed')->nullable();
            $table->double('doneness')->nullable();
            $table->double('said')->nullable();
            $table->string('session')->nullable();
            $table->string('who')->default('');
            $table->index(['household_id', 'session']);
        });
    }

    public function down(): void
    {
        Schema::table('drill_answers', static function (Blueprint $table): void {
            $table->dropIndex(['household_id', 'session']);
            $table->dropColumn(['form', 'seed', 'doneness', 'said', 'session', 'who']);
        });
    }
};
