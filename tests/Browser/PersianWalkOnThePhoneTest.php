<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Every page in Persian, on a phone. */
final class PersianWalkOnThePhoneTest extends PersianWalkTest
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;
}
