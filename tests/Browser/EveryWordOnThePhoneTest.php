<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Every page in the made-up language, on a phone. */
final class EveryWordOnThePhoneTest extends EveryWord
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;
}
