<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Sense;

/** What a look at a closed pot can tell. */
final readonly class SteerPage
{
    public function compose(View $view): void
    {
        /** @var array{lid: UnderTheLid} $given */
        $given = $view->getData();
        $all = $given['lid']->plan->dish->craft->cues->all;
        $view->with([
            /** @return list<Cue> */
            'cues' => static fn (Sense $sense): array => array_values(
                array_filter($all, static fn (Cue $cue): bool => $cue->isOffered && $cue->sense === $sense),
            ),
        ]);
    }
}
