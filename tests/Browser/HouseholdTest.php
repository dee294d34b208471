<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/** A household together: an owner invites, a phone joins and takes a task, a stranger gets nowhere. */
final class HouseholdTest extends BrowserTestCase
{
    private const HOME = ['ORBEK_SIGN_IN' => 'true', 'SESSION_DRIVER' => 'database'];

    private const PASSPHRASE = 'rice over low heat';

    protected function setUp(): void
    {
        parent::setUp();
        $this->stack->artisan(['ORBEK_PASSPHRASE' => self::PASSPHRASE], 'orbek:owner', 'Ada');
        $this->stack->killServer();
        $this->stack->startServer(self::HOME);
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        $this->stack->killServer();
        $this->stack->startServer();
    }

    public function test_a_phone_joins_by_invitation_and_takes_a_task_and_a_stranger_gets_nowhere(): void
    {
        $this->visit('/shelf');
        $this->waitForText('h1', 'Sign in');
        $this->assertAccessible('signing in');
        $this->visit('/phone');
        $this->assertAccessible('how a phone gets here');
        $this->visit('/shelf');
        $this->signIn('Ada', self::PASSPHRASE);
        $this->waitForText('.masthead', 'Ada');
        $this->visit('/shelf');
        $this->browser->executeScript(
            '[...document.querySelectorAll(".meals-ahead a.table")].find((one) => one.textContent.includes("Two biryanis")).click()'
        );
        $this->waitForText('h1, .meal-name', 'Two biryanis');
        $this->beginMeal();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
        $stove = $this->browser->getCurrentURL();

        $this->visit('/people');
        $this->find('form[action$="/people/invite"] button')->click();
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('.qr svg')) !== [],
            'the picture for a camera',
        );
        $this->assertAccessible('an invitation');
        $link = (string) $this->find('.invited a')->getAttribute('href');
        $path = (string) parse_url($link, PHP_URL_PATH);

        $phone = $this->stack->browser(390, 844);
        try {
            $phone->get($stove);
            self::assertStringContainsString('/sign-in', $phone->getCurrentURL(), 'a stranger gets nowhere');
            self::assertStringNotContainsString('biryani', $phone->getPageSource());
            $phone->get($this->stack->url.$path);
            $this->fill($phone, ['name' => 'Ben', 'passphrase' => self::PASSPHRASE, 'again' => self::PASSPHRASE]);
            $this->waitFor(static fn (): bool => str_contains($phone->getCurrentURL(), '/shelf'), 'Ben is in');
            $phone->get($this->stack->url.'/kitchen/things');
            $phone->get($stove);
            $this->waitFor(
                static fn (): bool => $phone->executeScript(
                    'return document.querySelector("[data-who=\'2\']") !== null'
                ) === true,
                'at the stove',
            );
            $phone->executeScript('document.querySelector("[data-who=\'2\']").click()');
            $this->waitFor(
                static fn (): bool => $phone->executeScript(
                    'return document.querySelector("[data-who=\'2\']").getAttribute("aria-pressed")'
                ) === 'true',
                'he is hands 2',
            );
            $phone->executeScript('document.querySelector(".act.main").click()');
            $this->browser->get($stove);
            $this->waitFor(fn (): bool => str_contains($this->text('.now'), 'Now ·'), 'Ada sees what he has begun');

            // Once used, the invitation opens to nobody else.
            $other = $this->stack->browser(390, 844);
            $other->get($this->stack->url.$path);
            self::assertStringContainsString('This invitation is used up', $other->getPageSource());
            $other->quit();

            // Signed out, nothing of Ben stays on the phone.
            $phone->get($this->stack->url.'/people');
            $this->waitFor(static fn (): bool => str_contains($phone->getPageSource(), 'Sign out here'), 'his devices');
            $phone->executeScript('document.querySelector("form[data-signs-out]").requestSubmit()');
            $this->waitFor(static fn (): bool => str_contains($phone->getCurrentURL(), '/sign-in'), 'signed out');
            self::assertSame(0, $phone->executeAsyncScript(
                'const done = arguments[0]; caches.open("orbek-pages").then((kept) => kept.keys()).then((keys) => done(keys.filter((one) => !one.url.endsWith("/sign-in")).length))',
            ));
            $phone->get($stove);
            self::assertStringContainsString('/sign-in', $phone->getCurrentURL());
        } finally {
            $phone->quit();
        }
    }

    private function signIn(string $name, string $passphrase): void
    {
        $this->fill($this->browser, ['name' => $name, 'passphrase' => $passphrase]);
    }

    /** @param  array<string, string>  $said */
    private function fill(RemoteWebDriver $on, array $said): void
    {
        foreach ($said as $field => $value) {
            $on->findElement(WebDriverBy::name($field))->sendKeys($value);
        }
        $on->findElement(WebDriverBy::cssSelector('.sign-in button'))->click();
    }
}
