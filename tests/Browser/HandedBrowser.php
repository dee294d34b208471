<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A browser whose elements are tapped by a Hand. */
final class HandedBrowser extends RemoteWebDriver
{
    protected function newElement($id): Hand
    {
        return new Hand($this->getExecuteMethod(), $id, $this->isW3cCompliant);
    }
}
