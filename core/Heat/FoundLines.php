<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\HeatBlock;

/** Heat lines that were found before: the same pot, aim and stove give the same line, so none is looked for twice. */
interface FoundLines
{
    /**
     * @param  string  $of what a line is looked for, as a key
     * @param  callable(): non-empty-list<HeatBlock>  $find
     * @return non-empty-list<HeatBlock>
     */
    public function line(string $of, callable $find): array;
}
