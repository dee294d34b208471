<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Kitchen\Bag;
use Orbek\Core\Learning\Knowledge;

/** A bag on the rice shelf: what it has taught, what is left. */
final readonly class BagPage
{
    public function compose(View $view): void
    {
        /** @var array{bag: Bag, knowledge: Knowledge} $given */
        $given = $view->getData();
        $view->with([
            'belief' => $given['knowledge']->bag($given['bag']->id),
            'left' => $given['bag']->leftG($given['knowledge']),
        ]);
    }
}
