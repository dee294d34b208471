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
    case Meters = 'meters';
    case Readings = 'readings';

    /** Columns of a photograph. */
    public const PHOTOGRAPH = ['shows', 'width', 'height', 'taken_at', 'reading'];

    /** Columns that archives of an earlier edition have not got. */
    public const LATER = [
        'cooked_at', 'of_demo', 'practice', 'form', 'seed', 'doneness', 'said', 'session', 'who', 'words',
        'reading', 'heats', 'table_at',
    ];

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
            self::Meals => [
                'name', 'serve_at', 'document', 'version', 'cooked_at', 'of_demo', 'created_at', 'updated_at',
            ],
            self::MealCooks => [
                'meal_id', 'name', 'meal', 'kitchen', 'knowledge', 'given', 'laid', 'heats', 'started_at', 'table_at',
                'served_at', 'given_up_at', 'folded', 'practice',
                'created_at', 'updated_at',
            ],
            self::Cooks => [
                'dish_id', 'name', 'lot', 'dish', 'kitchen', 'knowledge', 'summary', 'started_at',
                'served_at', 'given_up_at',
                'eat_by', 'folded', 'stove_taken_back', 'lot_taken_back', 'notes_taken_back', 'meal_cook_id',
                'place', 'practice',
                'created_at', 'updated_at',
            ],
            self::LotTests => ['lot', 'document', 'likelihood', 'tested_at'],
            self::StoveTests => ['pot', 'burner', 'document', 'likelihood', 'tested_at'],
            self::DrillAnswers => [
                'round', 'asked', 'answered', 'off', 'form', 'seed', 'doneness', 'said', 'session', 'who',
                'answered_at',
            ],
            self::Meters => ['name', 'kind', 'token_sum', 'made_at'],
            self::Readings => ['meter_id', 'value', 'read_at'],
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

        return match ($this) {
            self::Kitchens => ['versions' => [
                'table' => 'kitchen_versions', 'of' => 'kitchen_id',
                'columns' => ['version', 'document', 'what', 'replaced_at'],
            ]],
            self::Dishes => $versions('dish') + [
                'ticks' => ['table' => 'list_ticks', 'of' => 'dish_id', 'columns' => ['entry']],
            ],
            self::Meals => $versions('meal'),
            self::MealCooks => ['events' => [
                'table' => 'cook_events', 'of' => 'meal_cook_id',
                'columns' => ['dish', 'type', 'document', 'received_at'],
            ]],
            self::Cooks => ['photographs' => [
                'table' => 'photographs', 'of' => 'cook_id', 'columns' => self::PHOTOGRAPH,
            ]],
            self::LotTests => ['photographs' => [
                'table' => 'photographs', 'of' => 'lot_test_id', 'columns' => self::PHOTOGRAPH,
            ]],
            default => [],
        };
    }

    /** Columns that hold documents; of an event `dish` is a place, and read beside them. */
    public static function isJson(string $column): bool
    {
        return in_array(
            $column,
            [
                'document', 'dish', 'kitchen', 'knowledge', 'summary', 'meal', 'given', 'laid', 'heats', 'likelihood',
                'practice', 'reading',
            ],
            true,
        );
    }

    public static function isTime(string $column): bool
    {
        // A meal's own table is local to its kitchen, and is reckoned from its document.
        return (str_ends_with($column, '_at') && $column !== 'serve_at') || $column === 'eat_by';
    }

    public static function isCount(string $column): bool
    {
        return in_array($column, ['version', 'folded', 'place', 'width', 'height', 'seed'], true);
    }

    public static function isFlag(string $column): bool
    {
        return in_array($column, ['in_use', 'of_demo', 'stove_taken_back', 'lot_taken_back', 'notes_taken_back'], true);
    }

    public static function isId(string $column): bool
    {
        return in_array($column, ['dish_id', 'meal_id', 'meal_cook_id', 'meter_id', 'session'], true);
    }

    public static function isNumber(string $column): bool
    {
        return in_array($column, ['off', 'doneness', 'said', 'value'], true);
    }

    /** Texts that are reckoned from a document and may be as long as that. */
    public static function isLong(string $column): bool
    {
        return $column === 'words';
    }

    public static function mayBeNone(string $column): bool
    {
        return in_array($column, [
            'dish_id', 'meal_id', 'meal_cook_id', 'place', 'practice', 'summary', 'knowledge', 'served_at',
            'given_up_at', 'table_at', 'eat_by', 'cooked_at', 'of_demo', 'deleted_at', 'created_at', 'updated_at',
            'answered', 'form', 'seed', 'doneness', 'meal', 'given', 'laid', 'heats', 'said', 'session', 'who', 'words',
            'reading',
        ], true);
    }

    /** What stands in a column of which an earlier edition knew nothing. */
    public static function otherwise(string $column): int|string|null
    {
        return match ($column) {
            'of_demo' => 0,
            'who', 'words' => '',
            default => null,
        };
    }
}
