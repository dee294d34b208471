<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Cook as Row;
use App\Models\Taught;
use App\Wording\Wording;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Plan\Plan;

/** The record of a cook. */
final readonly class RecordPage
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /**
         * @var array{
         *     cook: Row, plan: Plan, fold: Cook,
         *     learned: list<array{what: Taught, with: FactorBelief, without: FactorBelief}>
         * } $given
         */
        $given = $view->getData();
        $zone = $given['plan']->kitchen->site->timezone;
        $told = static function (FactorBelief $belief): string {
            $percent = round(100 * ($belief->likely() - 1));

            return ($percent > 0 ? '+' : '')."{$percent} %";
        };
        $view->with([
            'noted' => $given['cook']->summary ?? [], 'zone' => $zone, 'left' => $given['fold']->leftovers(),
            'local' => fn (DateTimeInterface $time): string => $this->say->time(
                DateTimeImmutable::createFromInterface($time)->setTimezone($zone),
            ),
            'learned' => array_map(static fn (array $one): array => $one + [
                'isStove' => $one['what'] === Taught::Stove, 'toldWith' => $told($one['with']),
                'toldWithout' => $told($one['without']),
            ], $given['learned']),
        ]);
    }
}
