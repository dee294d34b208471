<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The Stove at arm's length, 390 px wide. */
final class StoveOnThePhoneTest extends BrowserTestCase
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;

    public function test_it_goes_on_without_its_server_and_sends_later(): void
    {
        $this->begin();
        $this->stack->pauseServer(true);
        try {
            // A stopped server neither answers nor refuses: the browser's own time-out stands for it.
            $this->browser->executeScript('const real = window.fetch; window.fetch = () => Promise.reject(new TypeError("gone")); window.giveBack = () => { window.fetch = real; };');
            $this->find('.act.main')->click();
            $this->waitForText('.unsent', 'The server does not answer. 1 noted here');
            self::assertSame('Rinsed, soaking', $this->text('.act.main'));
            $this->find('.act.main')->click();
            $this->waitForText('.unsent', '2 noted here');
        } finally {
            $this->stack->pauseServer(false);
        }
        // Reloaded, the queue is still there and goes out by itself.
        $this->browser->navigate()->refresh();
        $this->waitForText('.waiting', 'Rice soaks');
        $this->waitFor(fn (): bool => ! $this->find('.unsent')->isDisplayed(), 'nothing is unsent');
    }

    public function test_keys_do_what_fingers_do(): void
    {
        $this->begin();
        $this->browser->getKeyboard()->sendKeys(' ');
        $this->waitForText('.act.main', 'Rinsed, soaking');
        $until = (int) $this->find('.count')->getAttribute('data-until');
        $this->browser->getKeyboard()->sendKeys('+');
        $this->waitFor(fn (): bool => (int) $this->find('.count')->getAttribute('data-until') === $until + 60, 'a minute more');
        $this->browser->getKeyboard()->sendKeys('-');
        $this->waitFor(fn (): bool => (int) $this->find('.count')->getAttribute('data-until') === $until, 'a minute less');
        $this->browser->getKeyboard()->sendKeys(' ');
        $this->waitForText('.waiting', 'Rice soaks');
        $this->browser->getKeyboard()->sendKeys('z');
        $this->waitForText('.act.main', 'Rinsed, soaking');
    }

    public function test_a_double_tap_is_one_tap(): void
    {
        $this->begin();
        $this->browser->executeScript('const button = document.querySelector(".act.main"); button.click(); button.click(); button.click();');
        $this->waitForText('.act.main', 'Rinsed, soaking');
        usleep(500_000);
        self::assertSame('Rinsed, soaking', $this->text('.act.main'));
    }

    public function test_targets_are_wide_enough_for_a_wet_knuckle(): void
    {
        $this->begin();
        $this->find('.act.main')->click();
        $this->waitForText('.act.main', 'Rinsed, soaking');
        $buttons = $this->browser->findElements(WebDriverBy::cssSelector('.now button, .waiting button'));
        self::assertGreaterThanOrEqual(3, count($buttons));
        foreach ($buttons as $button) {
            self::assertGreaterThanOrEqual(56, $button->getSize()->getHeight(), $button->getText());
        }
        self::assertGreaterThanOrEqual(64, (int) $this->find('.count')->getCSSValue('font-size'));
        self::assertLessThanOrEqual(390, (int) $this->browser->executeScript('return document.documentElement.scrollWidth'));
    }

    private function begin(): void
    {
        $this->visit('/pot');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse and soak');
    }
}
