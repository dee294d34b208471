<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Drawings\HeatDrawing;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Plan;

/** A closed pot for a page that goes on without its server. */
final readonly class LidAlone
{
    /** As wide as a phone's page, px. */
    private const WIDE = 350;

    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{sealed: Plan} $given */
        $given = $view->getData();
        $load = $given['sealed']->potted->first();
        $view->with([
            'drawing' => new HeatDrawing(
                $given['sealed']->course(), $load->heat(), $this->say, $given['sealed']->kitchen,
                $load->place->ring->id, self::WIDE,
            ),
            'wide' => self::WIDE,
        ]);
    }
}
