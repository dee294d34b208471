<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** What cooking fat is: ghee, butter and oil do not differ by more than a kitchen weighs. */
final class Fat
{
    /** Density (0.91 to 0.93 for oils and ghee, CRC Handbook of Chemistry and Physics). */
    public const KG_PER_L = 0.92;

    public const J_PER_KG_K = 2000.0;
}
