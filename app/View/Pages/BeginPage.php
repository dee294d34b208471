<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Kitchen\FirstMinutes;

/** A step of the first minutes. */
final readonly class BeginPage
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{at: int, step: string, said: array<array-key, mixed>} $given */
        $given = $view->getData();
        $view->with([
            'next' => $this->say->say(
                'pages/begin.next-step', isLast: $given['at'] === count(FirstMinutes::STEPS) - 1,
            ),
            'asked' => $this->say->say('pages/begin.asked-at-step', step: $given['step']),
            'of' => (new FormRow('', '', $given['said']))->of(...),
        ]);
    }
}
