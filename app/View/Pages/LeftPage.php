<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Kitchen;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Leftovers;

/** What is left of a cook. */
final readonly class LeftPage
{
    public function compose(View $view): void
    {
        /** @var array{left: Leftovers, now: DateTimeImmutable} $given */
        $given = $view->getData();
        $zone = Kitchen::core()->site->timezone;
        $view->with([
            'by' => $given['left']->eatBy()->setTimezone($zone),
            'since' => $given['left']->chilledAt->setTimezone($zone),
            'isPast' => $given['left']->isPast($given['now']),
        ]);
    }
}
