<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Kitchen\FirstMinutes;

/** A step of the first minutes. */
final readonly class BeginPage
{
    private const ASKED = [
        'place' => 'Where does it cook?', 'pots' => 'Which pots are there?', 'rings' => 'What do they stand on?',
        'plates' => 'Is there a plate to put under a pot?', 'oven' => 'Is there an oven, a rice cooker?',
        'rice' => 'Which rice is in the cupboard?', 'units' => 'How do you measure?',
        'people' => 'Who eats, who cooks?',
    ];

    public function compose(View $view): void
    {
        /** @var array{at: int, step: string, said: array<array-key, mixed>} $given */
        $given = $view->getData();
        $view->with([
            'next' => $given['at'] === count(FirstMinutes::STEPS) - 1 ? 'That is our kitchen' : 'Next',
            'asked' => self::ASKED[$given['step']],
            'of' => (new FormRow('', '', $given['said']))->of(...),
        ]);
    }
}
