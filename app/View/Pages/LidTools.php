<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\UnderTheLid;

/** What a cook may have turned under a closed pot. */
final readonly class LidTools
{
    public function compose(View $view): void
    {
        /** @var array{lid: UnderTheLid} $given */
        $given = $view->getData();
        $lid = $given['lid'];
        $under = $lid->plan->kitchen->equipment->rings[$lid->flame()->ring] ?? $lid->plan->potted->first()->place->ring;
        $marks = [];
        foreach ($under->knob->marks as $mark) {
            $marks[(string) round(100 * $mark->share)] = $mark->name;
        }
        $view->with([
            'marks' => $marks === [] ? [] : ['0' => 'off'] + $marks,
        ]);
    }
}
