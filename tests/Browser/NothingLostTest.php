<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** What a cook taps reaches the server once, whatever the server, the session and other tabs do meanwhile. */
final class NothingLostTest extends BrowserTestCase
{
    private const ADD_A_BAD_ONE = <<<'JS'
        const done = arguments[arguments.length - 1];
        const stove = Alpine.$data(document.querySelector('.stove'));
        stove.happen('heat-set', {subject: 'heat-1', setting: 400}).then(done);
    JS;

    public function test_a_killed_server_gets_the_good_taps_when_it_is_back_and_names_the_bad_one(): void
    {
        $this->begin();
        $this->untilItCanGoOnAlone();
        $this->stack->killServer();
        $this->tap('.act.main');
        $this->waitForText('.stove .unsent', '1 noted here');
        $this->waitFor(fn (): bool => $this->isSeen('#alone'), 'it goes on alone');
        $this->tap('#alone [data-step=rinse] [data-event=done]');
        $this->browser->executeAsyncScript(self::ADD_A_BAD_ONE);
        $this->browser->executeScript(
            'Alpine.$data(document.querySelector(".stove")).happen("started", {subject: "heat-water"})',
        );
        $this->waitForText('.stove .unsent', '4 noted here');

        $this->stack->startServer();
        $this->browser->executeScript('Alpine.$data(document.querySelector(".stove")).deliver()');
        $this->waitForText('.message', 'setting: 400 is out of range; give 0 to 100 %.');
        $this->waitFor(fn (): bool => $this->isHidden('.stove .unsent'), 'nothing is unsent');
        self::assertSame(['started rinse', 'done rinse', 'started heat-water'], $this->stack->eventsTaken());
    }

    public function test_an_ended_session_loses_no_tap(): void
    {
        $this->begin();
        $this->withoutServer(function (): void {
            foreach (['rinse', 'soak', 'heat-water', 'boil'] as $task) {
                $this->browser->executeScript(
                    'Alpine.$data(document.querySelector(".stove")).happen("started", {subject: arguments[0]})',
                    [$task],
                );
            }
            $this->waitForText('.stove .unsent', '4 noted here');
        });
        $this->browser->manage()->deleteAllCookies();
        $this->browser->executeScript('Alpine.$data(document.querySelector(".stove")).deliver()');
        $this->waitFor(fn (): bool => $this->isHidden('.stove .unsent'), 'nothing is unsent');

        self::assertSame(
            ['started rinse', 'started soak', 'started heat-water', 'started boil'],
            $this->stack->eventsTaken(),
        );
    }

    public function test_a_browser_that_keeps_nothing_sends_each_tap_and_says_what_it_cannot_promise(): void
    {
        $this->begin();
        (new ChromeDevToolsDriver($this->browser))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            for (const name of ['indexedDB', 'localStorage', 'sessionStorage']) {
                Object.defineProperty(window, name, { get() { throw new DOMException('Denied.', 'SecurityError'); } });
            }
        JS]);
        $this->browser->navigate()->refresh();
        $this->waitForText('.now h1', 'Rinse and soak');
        $this->tap('.act.main');
        $this->waitForText('.now .act.main', 'Rinsed, soaking');
        $this->waitForText('.stove .keeps-nothing', 'This browser keeps nothing here');
        $this->assertAccessible('a browser that keeps nothing');
        self::assertSame(['started rinse'], $this->stack->eventsTaken());
        $this->withoutServer(function (): void {
            $this->tap('.act.main');
            $this->waitForText('.stove .unsent:not(.keeps-nothing)', '1 noted here');
        });
        $this->browser->executeScript('Alpine.$data(document.querySelector(".stove")).deliver()');
        $this->waitFor(fn (): bool => $this->stack->eventsTaken() === ['started rinse', 'done rinse'], 'it is sent from memory');
    }

    public function test_a_tap_before_the_scripts_are_there_is_kept_for_them(): void
    {
        $this->begin();
        // Before the page's own scripts run: the finger is there as soon as the button is.
        (
            new ChromeDevToolsDriver($this->browser)
        )->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            new MutationObserver((seen, observer) => {
                const button = document.querySelector('.act.main');
                if (!button) return;
                observer.disconnect();
                window.tappedBefore = window.Alpine === undefined;
                button.click();
            }).observe(document, {childList: true, subtree: true});
        JS]);
        $this->browser->navigate()->refresh();
        $this->waitForText('.now .act.main', 'Rinsed, soaking');
        self::assertTrue($this->browser->executeScript('return window.tappedBefore'));
        self::assertSame(['started rinse'], $this->stack->eventsTaken());
    }

    public function test_a_tap_while_the_page_still_reads_what_it_kept_is_one_tap(): void
    {
        $this->begin();
        (
            new ChromeDevToolsDriver($this->browser)
        )->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            window.fetch = () => Promise.reject(new TypeError('gone'));
            Object.defineProperty(IDBOpenDBRequest.prototype, 'onsuccess', { set(then) {
                this.addEventListener('success', (event) => setTimeout(() => then.call(this, event), 300));
            } });
            const looking = setInterval(() => {
                if (!document.querySelector('.stove')?._x_dataStack) return;
                clearInterval(looking);
                document.querySelector('.act.main').click();
                setTimeout(() => { window.isRead = true; }, 1500);
            }, 1);
        JS]);
        $this->browser->navigate()->refresh();
        $this->waitFor(fn (): bool => (bool) $this->browser->executeScript('return window.isRead === true'), 'all is read');
        self::assertSame(
            ['started rinse'],
            $this->browser->executeScript(
                'return Alpine.$data(document.querySelector(".stove")).happened.map(({type, subject}) => `${type} ${subject}`)',
            ),
        );
        $this->waitForText('.stove .unsent', '1 noted here');
    }

    public function test_two_tabs_do_not_overwrite_each_others_taps(): void
    {
        $this->begin();
        $first = $this->browser->getWindowHandle();
        $cook = $this->browser->getCurrentURL();
        $this->browser->switchTo()->newWindow();
        $this->browser->get($cook);
        $second = $this->browser->getWindowHandle();
        $this->stack->killServer();
        foreach ([[$first, 'rinse'], [$second, 'soak'], [$first, 'heat-water'], [$second, 'boil']] as [$tab, $task]) {
            $this->browser->switchTo()->window($tab);
            $this->browser->executeAsyncScript(
                'const done = arguments[arguments.length - 1]; Alpine.$data(document.querySelector(".stove")).happen("started", {subject: arguments[0]}).then(done)',
                [$task],
            );
        }
        $this->stack->startServer();
        foreach ([$first, $second] as $tab) {
            $this->browser->switchTo()->window($tab);
            $this->browser->executeScript('Alpine.$data(document.querySelector(".stove")).deliver()');
        }
        $this->waitFor(fn (): bool => count($this->stack->eventsTaken()) === 4, 'all four are there');
        usleep(300_000);

        self::assertEqualsCanonicalizing(
            ['started rinse', 'started soak', 'started heat-water', 'started boil'],
            $this->stack->eventsTaken(),
            'each once',
        );
    }

    public function test_taps_go_out_from_another_page(): void
    {
        $this->begin();
        $this->withoutServer(function (): void {
            $this->tap('.act.main');
            $this->waitForText('.stove .unsent', '1 noted here');
        });
        $this->visit('/kitchen');
        $this->waitFor(fn (): bool => $this->stack->eventsTaken() === ['started rinse'], 'sent from the Kitchen');
    }

    public function test_a_dish_begun_again_after_it_changed_offers_the_older_cook(): void
    {
        $this->begin();
        $this->visit('/pot#table');
        $this->change('#usualeaters', '6');
        $this->waitForText('.begin-cook', 'on the table at');
        $this->waitFor(
            fn (): bool => $this->browser->executeScript(
                'return document.getElementById("body").dataset.version',
            ) === '2',
            'saved',
        );
        $this->tap('.begin-cook .act');
        $this->waitForText('h1', 'An older cook of it is open');
        $this->assertAccessible('the older cook');
        $this->tap('main form .quiet');
        $this->waitForText('.now h1', 'Rinse');
        $this->visit('/notebook');
        self::assertStringContainsString('Given up', $this->text('.notebook'));
    }

    private function begin(): void
    {
        $this->visit('/pot');
        $this->tap('.begin-cook .act');
        $this->waitForText('.now h1', 'Rinse');
    }

    private function tap(string $selector): void
    {
        $this->browser->executeScript('document.querySelector(arguments[0]).click()', [$selector]);
    }

    /** As long as this goes on nothing is reached. */
    private function withoutServer(callable $meanwhile): void
    {
        $this->browser->executeScript(
            'window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError("gone"));',
        );
        $meanwhile();
        $this->browser->executeScript('window.fetch = window.realFetch;');
    }
}
