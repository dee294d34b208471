<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Remote\RemoteWebElement;

/** What a hand taps: where the page moved on under the finger it taps again, as a hand does. */
final class Hand extends RemoteWebElement
{
    private const TRIES = 5;

    public function click(): static
    {
        for ($try = 1; $try < self::TRIES; $try++) {
            try {
                return parent::click();
            } catch (ElementClickInterceptedException) {
                usleep(200_000);
            }
        }

        return parent::click();
    }
}
