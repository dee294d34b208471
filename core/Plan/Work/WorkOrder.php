<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Clock\After;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Work\Stations\Boil;
use Orbek\Core\Plan\Work\Stations\Extras;
use Orbek\Core\Plan\Work\Stations\Fill;
use Orbek\Core\Plan\Work\Stations\Heat;
use Orbek\Core\Plan\Work\Stations\Layer;
use Orbek\Core\Plan\Work\Stations\Measured;
use Orbek\Core\Plan\Work\Stations\Rinse;
use Orbek\Core\Plan\Work\Stations\Serve;

/** The tasks of a dish, station by station, with what each must follow and what it holds. */
final class WorkOrder
{
    /** @return list<DishTask> */
    public static function of(Potted $potted, Kitchen $kitchen): array
    {
        $bench = new Bench($potted, $kitchen);
        $rice = $potted->rice;
        $rinsed = Rinse::put($bench);
        $beforeLayers = $rice instanceof BoilPlan ? Layer::base($bench, Boil::put($bench, $rice, $rinsed)) : [];
        [$filled, $served] = Fill::put($bench);
        if ($rice instanceof MeasuredPlan) {
            $beforeLayers[] = Measured::put($bench, $rice, $rinsed, $filled);
        }
        foreach ($potted->dish->grain->cooking->isWithFilling() ? [] : $filled as $last) {
            $beforeLayers[] = After::within($last, $bench->waits(WorkKind::Filling));
        }
        [$beforeLid, $beforeOpening] = Extras::put($bench);
        Layer::put($bench, [...$beforeLayers, ...$beforeLid]);
        $opening = [...Serve::smoke($bench, Heat::put($bench)), ...Serve::sides($bench), ...$beforeOpening, ...$served];
        Serve::put($bench, $opening);

        return $bench->work;
    }
}
