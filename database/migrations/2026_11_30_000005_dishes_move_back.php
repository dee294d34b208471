<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which dishes a change of the kitchen moved to another pot, ring or plate: what takes it back moves them back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchen_versions', static fn (Blueprint $table) => $table->json('moved')->nullable());
    }

    public function down(): void
    {
        Schema::table('kitchen_versions', static fn (Blueprint $table) => $table->dropColumn('moved'));
    }
};
