<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Cook;
use App\Models\LotTest;
use App\Models\Photograph;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Orbek\Core\Kitchen\Bag;
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
            'beside' => self::beside($given['cooks']),
        ]);
    }

    /**
     * What glass and scale said of the same spoonfuls, over all cooks that are shown; null where there are none.
     *
     * @param  Collection<int, Cook>  $cooks
     * @return array{pairs: int, apart: int, isMore: bool, isSame: bool, scatter: int}|null
     */
    private static function beside(Collection $cooks): ?array
    {
        $apart = [];
        foreach ($cooks as $cook) {
            foreach ($cook->summary['glass'] ?? [] as $pair) {
                $apart[] = 100 * ($pair['by_glass'] - $pair['by_scale']);
            }
        }
        if ($apart === []) {
            return null;
        }
        $mean = array_sum($apart) / count($apart);
        $square = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $apart));

        return [
            'pairs' => count($apart), 'apart' => (int) round(abs($mean)), 'isMore' => $mean > 0,
            'isSame' => round(abs($mean)) < 1,
            'scatter' => (int) round(sqrt($square / count($apart))),
        ];
    }
}
