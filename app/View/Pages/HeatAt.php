<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Pot\Matter;

/** A closed pot at one minute. */
final readonly class HeatAt
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{moment: Moment} $given */
        $given = $view->getData();
        $said = array_map(fn (LayerState $state): string => match ($state->matter) {
            Matter::Rice => $this->say->say('pages/heat.rice-done', percent: (int) round(100 * $state->doneness)),
            Matter::Filling => $this->say->say('pages/heat.filling-at', core: $this->say->degrees($state->coreC)),
            default => '',
        }, $given['moment']->layers);
        $view->with([
            'said' => implode($this->say->say('units.apart'), array_filter($said)),
        ]);
    }
}
