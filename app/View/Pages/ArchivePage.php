<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;

/** What an archive brings, part by part. */
final readonly class ArchivePage
{
    public function compose(View $view): void
    {
        /** @var array{found: array<string, array{new: int}>} $given */
        $given = $view->getData();
        $view->with([
            'new' => array_sum(array_column($given['found'], 'new')),
        ]);
    }
}
