<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;

/** What an archive brings, part by part. */
final readonly class ArchivePage
{
    private const WORDS = [
        'kitchens' => 'kitchens', 'dishes' => 'dishes', 'meals' => 'meals', 'meal-cooks' => 'times at the stove',
        'cooks' => 'cooks', 'lot-tests' => 'tests of a bag', 'stove-tests' => 'boil tests',
        'drill-answers' => 'grains read in the Drill', 'meters' => 'things that measure',
        'readings' => 'what they measured', 'photographs' => 'photographs',
    ];

    public function compose(View $view): void
    {
        /** @var array{found: array<string, array{new: int}>} $given */
        $given = $view->getData();
        $view->with([
            'words' => self::WORDS,
            'new' => array_sum(array_column($given['found'], 'new')),
        ]);
    }
}
