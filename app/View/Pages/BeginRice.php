<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;

/** The bags that are asked for in the first minutes. */
final readonly class BeginRice
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{said: array<array-key, mixed>} $given */
        $given = $view->getData();
        $view->with([
            'rows' => FormRow::all($given['said'], 'bags', $this->say),
        ]);
    }
}
