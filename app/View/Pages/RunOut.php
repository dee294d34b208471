<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Kitchen\Pace;
use Orbek\Core\Learning\Knowledge;

/** Bags that run out soon at the pace they are used. */
final readonly class RunOut
{
    public function compose(View $view): void
    {
        /** @var array{home: Kitchen, knowledge: Knowledge, paces: array<string, Pace|null>} $given */
        $given = $view->getData();
        $empty = [];
        foreach ($given['home']->pantry->bags as $bag) {
            $left = $bag->leftG($given['knowledge']);
            $pace = $given['paces'][$bag->id] ?? null;
            if ($left !== null && $pace?->isSoon($left) === true) {
                $empty["bag:{$bag->id}"] = [$bag, $left, $pace];
            }
        }
        $view->with([
            'empty' => $empty,
        ]);
    }
}
