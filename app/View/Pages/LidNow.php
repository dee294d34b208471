<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\UnderTheLid;

/** What goes on under a closed lid now. */
final readonly class LidNow
{
    public function compose(View $view): void
    {
        /** @var array{lid: UnderTheLid} $given */
        $given = $view->getData();
        $view->with([
            'faults' => $given['lid']->ahead(), 'moment' => $given['lid']->course->at($given['lid']->nowMin),
        ]);
    }
}
