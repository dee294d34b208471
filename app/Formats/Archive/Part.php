<?php

declare(strict_types=1);

namespace App\Formats\Archive;

/** A kind of entry of an archive: a folder of JSON files, one a row, with the rows that belong to it inside. */
enum Part: string
{
    case Kitchens = 'kitchens';
    case Dishes = 'dishes';
    case Meals = 'meals';
    case MealCooks = 'meal-cooks';
    case Cooks = 'cooks';
    case LotTests = 'lot-tests';
    case StoveTests = 'stove-tests';
    case DrillAnswers = 'drill-answers';

    public function table(): string
    {
        return str_replace('-', '_', $this->value);
    }

    /** @return list<string> columns besides the id */
    public function columns(): array
    {
        return match ($this) {
            self::Kitchens => ['document', 'version', 'in_use', 'created_at', 'updated_at'],
            self::Dishes => [
                'name', 'school', 'words', 'document', 'version', 'created_at', 'updated_at', 'deleted_at',
            ],
            self::Meals => ['name', 'serve_at', 'document', 'version', 'created_at', 'updated_at'],
            self::MealCooks => [
                'meal_id', 'name', 'meal', 'kitchen', 'knowledge', 'given', 'laid', 'started_at', 'served_at',
                'given_up_at', 'folded',
                'created_at', 'updated_at',
            ],
            self::Cooks => [
                'dish_id', 'name', 'lot', 'dish', 'kitchen', 'knowledge', 'summary', 'started_at', 'table_at',
                'served_at', 'given_up_at',
                'eat_by', 'folded', 'stove_taken_back', 'lot_taken_back', 'meal_cook_id', 'place', 'created_at',
                'updated_at',
            ],
            self::LotTests => ['lot', 'document', 'likelihood', 'tested_at'],
            self::StoveTests => ['pot', 'burner', 'document', 'likelihood', 'tested_at'],
            self::DrillAnswers => ['round', 'asked', 'answered', 'off', 'answered_at'],
        };
    }

    /**
     * Rows that belong to one of it.
     *
     * @return array<string, array{table: string, of: string, columns: list<string>}> by the name they stand under
     */
    public function children(): array
    {
        $versions = static fn (string $of): array => [
            'versions' => [
                'table' => "{$of}_versions", 'of' => "{$of}_id", 'columns' => ['version', 'document', 'replaced_at'],
            ],
        ];
        $events = static fn (string $table, string $of): array => [
            'events' => ['table' => $table, 'of' => $of, 'columns' => ['type', 'document', 'received_at']],
        ];

        return match ($this) {
            self::Dishes => $versions('dish') + [
                'ticks' => ['table' => 'list_ticks', 'of' => 'dish_id', 'columns' => ['entry']],
            ],
            self::Meals => $versions('meal'),
            self::MealCooks => $events('meal_cook_events', 'meal_cook_id'),
            self::Cooks => $events('cook_events', 'cook_id') + ['photographs' => [
                'table' => 'photographs', 'of' => 'cook_id', 'columns' => ['shows', 'width', 'height', 'taken_at'],
            ]],
            default => [],
        };
    }

    /** Columns that hold documents. */
    public static function isJson(string $column): bool
    {
        return in_array(
            $column, ['document', 'dish', 'kitchen', 'knowledge', 'summary', 'meal', 'given', 'laid', 'likelihood'],
            true,
        );
    }
}
