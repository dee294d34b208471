<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Orbek\Core\Dish\Editions;
use Orbek\Core\Meal\Meal;

/**
 * A dish keeps a usual size, and no date: tables that lie ahead, and guests, go into meals of their own. A cook of one
 * dish keeps when it was to be on the table.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cooks', static fn (Blueprint $table) => $table->timestamp('table_at')->nullable());
        $this->cooks();
        $this->dishes();
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->dropIndex(['household_id', 'deleted_at', 'serve_at']);
            $table->dropColumn('serve_at');
            $table->index(['household_id', 'deleted_at', 'updated_at']);
        });
    }

    public function down(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->dropIndex(['household_id', 'deleted_at', 'updated_at']);
            $table->string('serve_at')->default('');
            $table->index(['household_id', 'deleted_at', 'serve_at']);
        });
        Schema::table('cooks', static fn (Blueprint $table) => $table->dropColumn('table_at'));
    }

    private function cooks(): void
    {
        foreach (DB::table('cooks')->lazyById(200) as $cook) {
            $at = Editions::servedAt($this->read($cook->dish));
            $zone = $this->read($cook->kitchen)['timezone'] ?? 'UTC';
            if ($at !== null) {
                DB::table('cooks')->where('id', $cook->id)->update([
                    'table_at' => (new DateTimeImmutable($at, new DateTimeZone(is_string($zone) ? $zone : 'UTC')))
                        ->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
                ]);
            }
        }
    }

    private function dishes(): void
    {
        $now = now()->format('Y-m-d\TH:i');
        foreach (DB::table('dishes')->lazyById(200) as $dish) {
            $document = $this->read($dish->document);
            $at = Editions::servedAt($document) ?? '';
            $guests = Editions::guests($document);
            $latest = Editions::latest($document);
            if (
                $dish->deleted_at === null && ($at >= $now || ($guests !== [] && $at !== ''))
                    && ! $this->isInMeal($dish, $at)
            ) {
                $this->meal($dish, $latest, $at, $guests);
            }
            DB::table('dishes')->where('id', $dish->id)->update([
                'document' => json_encode($latest, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            ]);
        }
    }

    private function isInMeal(stdClass $dish, string $at): bool
    {
        return DB::table('meals')->where('household_id', $dish->household_id)->where('serve_at', $at)
            ->whereLike('document', '%'.$dish->id.'%')->exists();
    }

    /**
     * @param  array<array-key, mixed>  $latest
     * @param  array<array-key, mixed>  $guests
     */
    private function meal(stdClass $dish, array $latest, string $at, array $guests): void
    {
        $usual = is_array($latest['usual'] ?? null) ? $latest['usual'] : [];
        $document = [
            'format' => Meal::FORMAT, 'name' => $dish->name, 'serve_at' => $at,
        ] + array_intersect_key($usual, ['eaters' => 0, 'children' => 0, 'plates' => 0, 'leftovers' => 0]) + [
            'dishes' => [['dish' => $dish->id]],
        ] + ($guests === [] ? [] : ['guests' => $guests]);
        DB::table('meals')->insert([
            'id' => strtolower((string) Str::ulid()), 'household_id' => $dish->household_id, 'name' => $dish->name,
            'serve_at' => $at, 'document' => json_encode($document, JSON_THROW_ON_ERROR), 'version' => 1,
            'created_at' => now(), 'updated_at' => now(),
        ]);
    }

    /** @return array<array-key, mixed> */
    private function read(mixed $json): array
    {
        $document = is_string($json) ? json_decode($json, true) : null;

        return is_array($document) ? $document : [];
    }
};
