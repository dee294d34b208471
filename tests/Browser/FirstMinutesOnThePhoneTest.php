<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The same by touch, at the width of a phone. */
final class FirstMinutesOnThePhoneTest extends FirstMinutesTest
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;

    protected function press(string $selector): void
    {
        $this->browser->executeScript(
            'document.querySelector(arguments[0]).scrollIntoView({block: "center"})', [$selector],
        );
        $this->find($selector)->click();
    }
}
