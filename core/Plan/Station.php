<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

/** The stations of the work, in its order. */
enum Station: string
{
    case Table = 'table';
    case Rice = 'rice';
    case Water = 'water';
    case Filling = 'filling';
    case Layers = 'layers';
    case Lid = 'lid';
    case Heat = 'heat';
    case Serve = 'serve';
}
