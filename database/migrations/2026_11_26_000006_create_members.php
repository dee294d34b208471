<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Those who sign in where Orbek serves a home network, their invitations and the devices they are signed in on. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('members', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('name')->unique();
            $table->string('role');
            $table->string('passphrase');
            $table->timestamps();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            // Only its sum is kept: who reads the database cannot join with it.
            $table->string('token_sum')->unique();
            $table->string('role');
            $table->timestamp('ends_at');
            $table->timestamp('used_at')->nullable();
        });
        // The framework's own table of sessions: one a device.
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sessions');
        Schema::dropIfExists('invitations');
        Schema::dropIfExists('members');
    }
};
