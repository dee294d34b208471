<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Orbek\Core\Learning\Knowledge;

return new class extends Migration
{
    public function up(): void
    {
        // Every write of a document names the version it was made to.
        Schema::table('kitchens', static fn (Blueprint $table) => $table->unsignedInteger('version')->default(1));
        // What all cooks and tests have taught, as a running result.
        Schema::table('households', static fn (Blueprint $table) => $table->json('knowledge')->nullable());
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dateTime('given_up_at')->nullable();
            // How many events the summary was made of: an older one never replaces a newer.
            $table->unsignedInteger('folded')->default(0);
            $table->string('lot')->default('');
            $table->index(['household_id', 'served_at']);
            $table->index(['household_id', 'lot', 'started_at']);
        });
        Schema::table('dishes', static function (Blueprint $table): void {
            // What the Shelf sorts by and is searched for.
            $table->string('serve_at')->default('');
            $table->text('words')->default('');
            $table->index(['household_id', 'deleted_at', 'serve_at']);
        });
        foreach (DB::table('dishes')->lazyById(200) as $dish) {
            $document = (array) json_decode((string) $dish->document, true);
            DB::table('dishes')->where('id', $dish->id)->update([
                'serve_at' => $document['table']['serve_at'] ?? '',
                'words' => self::words($document),
            ]);
        }
        foreach (DB::table('cooks')->lazyById(200) as $cook) {
            DB::table('cooks')->where('id', $cook->id)->update([
                'lot' => ((array) json_decode((string) $cook->dish, true))['rice']['lot'] ?? '',
            ]);
        }
        foreach (DB::table('households')->pluck('id') as $household) {
            DB::table('households')->where('id', $household)->update([
                'knowledge' => json_encode(self::fold((string) $household)->toArray()),
            ]);
        }
    }

    public function down(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->dropIndex(['household_id', 'deleted_at', 'serve_at']);
            $table->dropColumn(['serve_at', 'words']);
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dropIndex(['household_id', 'served_at']);
            $table->dropIndex(['household_id', 'lot', 'started_at']);
            $table->dropColumn(['given_up_at', 'folded', 'lot']);
        });
        Schema::table('households', static fn (Blueprint $table) => $table->dropColumn('knowledge'));
        Schema::table('kitchens', static fn (Blueprint $table) => $table->dropColumn('version'));
    }

    /** @param  array<array-key, mixed>  $document */
    private static function words(array $document): string
    {
        $words = [(string) ($document['school'] ?? '')];
        array_walk_recursive($document, static function (mixed $value, int|string $key) use (&$words): void {
            if ($key === 'name' && is_string($value)) {
                $words[] = $value;
            }
        });

        return mb_strtolower(implode(' ', array_unique($words)));
    }

    /** As the rows stood at this edition: the models may have moved on. */
    private static function fold(string $household): Knowledge
    {
        $knowledge = Knowledge::none();
        $read = static fn (?string $json): array => (array) json_decode($json ?? '[]', true);
        foreach (DB::table('cooks')->where('household_id', $household)->get(['summary', 'stove_taken_back']) as $cook) {
            $lesson = array_intersect_key(
                $read($cook->summary),
                ['taught' => 0, 'used' => 0] + ($cook->stove_taken_back ? [] : ['stove' => 0]),
            );
            $knowledge = $knowledge->with($lesson);
        }
        foreach (DB::table('lot_tests')->where('household_id', $household)->get() as $test) {
            $knowledge = $knowledge->with([
                'taught' => [
                    'lot' => (string) $test->lot,
                    'likelihood' => array_map(floatval(...), array_values($read($test->likelihood))),
                ],
            ]);
        }
        foreach (DB::table('stove_tests')->where('household_id', $household)->get() as $test) {
            $knowledge = $knowledge->with([
                'stove' => [
                    'pot' => (string) $test->pot,
                    'burner' => (string) $test->burner,
                    'likelihood' => array_map(floatval(...), array_values($read($test->likelihood))),
                ],
            ]);
        }

        return $knowledge;
    }
};
