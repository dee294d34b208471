<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\FillingOutcome;
use Orbek\Core\Cook\RiceOutcome;
use Orbek\Core\Cook\TasteSaid;
use Orbek\Core\Dish\Tasting;
use Orbek\Core\Lid\CrustColour;

/** The note of a cook: it asks for what its dish can tell, and nothing else. */
final readonly class NoteForm
{
    public function compose(View $view): void
    {
        /** @var array{fold: Cook} $given */
        $given = $view->getData();
        $dish = $given['fold']->plan()->dish;
        $ask = static fn (array $cases, bool $isWanted = true): array => [
            'cases' => $cases, 'isWanted' => $isWanted,
        ];
        $view->with('asks', array_filter([
            'rice' => $ask(RiceOutcome::cases()),
            'crust' => $dish->build->base->kind->isLaid ? $ask(CrustColour::cases()) : null,
            'filling' => $dish->fillings->isNone() ? null : $ask(FillingOutcome::cases()),
            'salt' => $ask(TasteSaid::sayOf(Tasting::RiceWater), false),
        ]));
    }
}
