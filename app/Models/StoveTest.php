<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Water boiled in a pot on a ring to learn what heat it gets.
 *
 * @property string $id
 * @property string $pot
 * @property string $burner
 * @property array{litres: float, from_c: float, to_c: float, minutes: float, setting: float, net_w: float} $document
 * @property list<float> $likelihood of the factor on heat, on the grid of FactorBelief
 * @property Carbon $tested_at
 */
final class StoveTest extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];

    /**
     * @return array{stove: array{pot: string, burner: string, likelihood: list<float>}} what it teaches of its pot on
     *     its ring
     */
    public function lesson(): array
    {
        return ['stove' => ['pot' => $this->pot, 'burner' => $this->burner, 'likelihood' => $this->likelihood]];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'likelihood' => 'array', 'tested_at' => 'datetime'];
    }
}
