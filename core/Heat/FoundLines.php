<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** Heat lines that were found before: the same pot, aim and stove give the same line, so none is looked for twice. */
interface FoundLines
{
    /**
     * @param  string  $of what a line is looked for, as a key
     * @param  callable(): FoundLine  $find
     */
    public function line(string $of, callable $find): FoundLine;
}
