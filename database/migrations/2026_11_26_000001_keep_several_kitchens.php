<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Orbek\Core\Kitchen\Editions;

/** Kitchen documents of the second edition; a household may have several, and the demo may be left for one's own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('households', function (Blueprint $table): void {
            $table->boolean('in_use')->default(false);
            $table->boolean('is_demo')->default(false);
            // The first minutes, half filled.
            $table->json('begun')->nullable();
        });
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->boolean('in_use')->default(false);
        });
        DB::table('kitchens')->update(['in_use' => true]);
        DB::table('households')->where('id', DB::table('households')->min('id'))->update(['in_use' => true]);
        DB::table('households')->where('name', 'Boathouse')->update(['is_demo' => true]);
        foreach (DB::table('kitchens')->get(['id', 'document']) as $kitchen) {
            $document = json_decode((string) $kitchen->document, true);
            DB::table('kitchens')->where('id', $kitchen->id)->update([
                'document' => json_encode(Editions::latest(is_array($document) ? $document : [])),
            ]);
        }
    }

    public function down(): void
    {
        Schema::table('households', fn (Blueprint $table) => $table->dropColumn(['in_use', 'is_demo', 'begun']));
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn('in_use'));
    }
};
