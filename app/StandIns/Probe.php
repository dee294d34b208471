<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Models\Cook;
use Orbek\Core\Cook\UnderTheLid;

/** A thermometer in the pot; its driver says what it has read. */
interface Probe
{
    /**
     * Readings since the lid was closed, one a minute.
     *
     * @return list<array{float, float}> minute and °C
     */
    public function readings(Cook $cook, UnderTheLid $lid): array;
}
