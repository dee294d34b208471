<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Cook;
use App\Models\LotTest;
use App\Models\Photograph;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Orbek\Core\Kitchen\Bag;
use Orbek\Core\Learning\GlassBesideScale;
use Orbek\Core\Learning\Knowledge;

/** A bag on the rice shelf: what it has taught, what is left. */
final readonly class BagPage
{
    /** So many photographs of its test boils are shown. */
    private const GLASSES = 6;

    public function compose(View $view): void
    {
        /**
         * @var array{bag: Bag, knowledge: Knowledge, tests: Collection<int, LotTest>, cooks: Collection<int, Cook>}
         * $given
         */
        $given = $view->getData();
        $view->with([
            'belief' => $given['knowledge']->bag($given['bag']->id),
            'left' => $given['bag']->leftG($given['knowledge']),
            'glasses' => Photograph::query()->whereIn('lot_test_id', $given['tests']->modelKeys())->latest('taken_at')
                ->limit(self::GLASSES)->get(Photograph::KNOWN),
            'beside' => GlassBesideScale::of(array_merge(...array_values(
                $given['cooks']->map(static fn (Cook $cook): array => $cook->summary['glass'] ?? [])->all(),
            ))),
        ]);
    }
}
