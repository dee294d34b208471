<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\Cards;
use App\Models\Cook;
use Illuminate\Contracts\View\View;

final class NotebookController
{
    private const A_PAGE = 10;

    public function __invoke(Cards $cards): View
    {
        $pages = Cook::query()->latest('started_at')->latest('id')->simplePaginate(self::A_PAGE);

        return view('notebook.index', [
            'pages' => $pages,
            'cooks' => $pages->getCollection()->map(static fn (Cook $cook): array => [$cook, $cards->ofCook($cook)]),
        ]);
    }
}
