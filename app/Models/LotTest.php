<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A spoonful of a bag boiled to learn from it.
 *
 * @property string $id
 * @property string $lot
 * @property array{soak_min: float, soak_c: float, tests: list<array{seconds: float, stage: string}>} $document
 * @property list<float> $likelihood of the day's factor, on the grid of FactorBelief
 * @property Carbon $tested_at
 */
final class LotTest extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array{taught: array{lot: string, likelihood: list<float>}} what it teaches of its bag */
    public function lesson(): array
    {
        return ['taught' => ['lot' => $this->lot, 'likelihood' => $this->likelihood]];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'likelihood' => 'array', 'tested_at' => 'datetime'];
    }
}
