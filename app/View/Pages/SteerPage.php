<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\UnderTheLid;

/** What a look at a closed pot can tell. */
final readonly class SteerPage
{
    public function compose(View $view): void
    {
        /** @var array{lid: UnderTheLid} $given */
        $given = $view->getData();
        $view->with(['cues' => $given['lid']->plan->dish->craft->told(...)]);
    }
}
