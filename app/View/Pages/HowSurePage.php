<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Lid\CrustColour;

/** How sure a plan's heat is, drawn as a band of browning over the minutes. */
final readonly class HowSurePage
{
    private const LEFT = 4.0;

    private const WIDE = 438.0;

    public function compose(View $view): void
    {
        /** @var array{sure: HowSure|null} $given */
        $given = $view->getData();
        $minutes = array_column($given['sure']->browning ?? [], 'minute');
        $end = max([1.0, ...$minutes]);
        $view->with([
            'x' => static fn (float $minute): float => round(self::LEFT + self::WIDE * $minute / $end, 1),
            // Browning by its logarithm, from what nobody sees to far past burnt.
            'y' => static fn (float $browning): float => round(58 - 10 * min(
                log(CrustColour::Burnt->middle() / CrustColour::WHITE) + 0.6,
                max(0.0, log($browning / CrustColour::WHITE)),
            ), 1),
            'lines' => [
                'golden' => CrustColour::Golden->begins(), 'dark' => CrustColour::Dark->begins(),
            ],
        ]);
    }
}
