<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** Heat lines that were found before: the same pot, aim and stove give the same line, so none is looked for twice. */
interface FoundLines
{
    /**
     * @param  string  $of what a line is looked for, as a key
     * @param  string  $ring that its pot is closed on
     * @param  callable(): FoundLine  $find
     */
    public function line(string $of, string $ring, callable $find): FoundLine;
}
