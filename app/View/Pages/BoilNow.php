<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Plan\Work\Stations\Boil;

/** Rice in the boil: what is known of it now. */
final readonly class BoilNow
{
    public function compose(View $view): void
    {
        /** @var array{fold: Cook} $given */
        $given = $view->getData();
        $fold = $given['fold'];
        [$boil, $forecast] = [$fold->plan()->boil(), $fold->forecast()];
        $view->with([
            'later' => $forecast === null ? [] : Boil::later($fold->plan()->dish, $forecast->liftAt() / 60),
            'boil' => $boil, 'forecast' => $forecast, 'lift' => $fold->lift(),
            'seen' => $fold->state->observations !== [] || $forecast?->boil !== $boil?->forecast->boil,
        ]);
    }
}
