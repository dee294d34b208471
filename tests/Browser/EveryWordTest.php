<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Every page in the made-up language, on a laptop. */
final class EveryWordTest extends EveryWord
{
}
