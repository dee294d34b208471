<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Orbek\Core\Rice\Stage;

/**
 * One answer in the Drill.
 *
 * @property string $round stage or lift
 * @property string $asked
 * @property string|null $answered
 * @property float $off
 * @property Carbon $answered_at
 */
final class DrillAnswer extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['off' => 'float', 'answered_at' => 'datetime'];
    }

    /**
     * The stages named so far.
     *
     * @param  Collection<int, self>  $answers
     * @return list<array{asked: Stage, answered: Stage}>
     */
    public static function named(Collection $answers): array
    {
        $named = [];
        foreach ($answers as $answer) {
            if ($answer->round === 'stage' && $answer->answered !== null) {
                $named[] = ['asked' => Stage::from($answer->asked), 'answered' => Stage::from($answer->answered)];
            }
        }

        return $named;
    }
}
