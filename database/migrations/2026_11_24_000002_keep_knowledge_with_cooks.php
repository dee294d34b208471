<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was believed of the bags when the cook began: the plan is computed with it again.
        Schema::table('cooks', static fn (Blueprint $table) => $table->json('knowledge')->nullable());
    }

    public function down(): void
    {
        Schema::table('cooks', static fn (Blueprint $table) => $table->dropColumn('knowledge'));
    }
};
