<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Measure\Note;

/** What is short in a meal, and what would free it: each was laid and told with its gain. */
final readonly class MealClash
{
    /**
     * @param  list<MealMend>  $mends
     * @param  bool  $isWrong or only worth knowing
     */
    public function __construct(public Note $says, public array $mends = [], public bool $isWrong = true)
    {
    }
}
