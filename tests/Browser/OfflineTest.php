<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\StandIns\Camera;
use Facebook\WebDriver\WebDriverBy;

/** The stove when the laptop is gone: kept pages, every step, every tap once. */
final class OfflineTest extends BrowserTestCase
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;

    private string $photograph = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->photograph = sys_get_temp_dir().'/orbek-boil-'.getmypid().'.jpg';
    }

    protected function tearDown(): void
    {
        @unlink($this->photograph);
        parent::tearDown();
    }

    public function test_from_the_boil_to_the_table_without_the_server_with_two_reloads(): void
    {
        $this->begun('squash curry');
        $cook = (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
        $this->find('.act.main')->click();
        $this->waitFor(
            fn (): bool => $this->isHidden('.stove .unsent') && $this->stack->eventsTaken() !== [],
            'the first is sent',
        );
        $this->waitFor(fn (): bool => $this->isKept($cook), 'the page is kept');
        $this->waitFor(fn (): bool => $this->browser->executeAsyncScript(
            'const done = arguments[0]; caches.open("orbek-pages").then((kept) => kept.match("/shelf")).then((page) => done(page !== undefined));',
        ) === true, 'and the shelf', 30);
        self::assertTrue($this->browser->executeAsyncScript(
            'const done = arguments[0]; caches.open("orbek-shell").then((kept) => kept.match("/offline")).then((page) => done(page !== undefined));',
        ), 'what says that a page is not kept came before the pages');

        $this->stack->killServer();
        $taken = 0;
        try {
            $this->browser->navigate()->refresh();
            $this->waitFor(fn (): bool => $this->isSeen('#alone'), 'it goes on alone');
            self::assertStringContainsString('Without the network', $this->text('#alone'));
            $this->waitFor(
                fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('#alone li.running'))) === 1,
                'what was begun runs on',
            );
            self::assertMatchesRegularExpression('/\d+ g /', $this->text('#alone'), 'amounts stand at their steps');
            self::assertStringContainsString('74 °C', $this->text('#alone'), 'cautions too');
            $this->assertAccessible('the stove without its server');
            for ($step = 0; $step < 30; $step++) {
                $button = 'const open = [...document.querySelectorAll("#alone li.running [data-event=done], #alone li.comes [data-event=started]")].find((one) => !one.hidden);';
                if ($this->browser->executeScript("{$button} open?.click(); return open === undefined;") === true) {
                    break;
                }
                $taken++;
                $this->waitForText('.stove .unsent', "{$taken} noted here");
                if ($step === 3 || $step === 8) {
                    // Opened again by the Stove's own address: what was tapped is still there.
                    $step === 3 ? $this->browser->navigate()->refresh() : $this->visit('/stove');
                    $this->waitFor(fn (): bool => $this->isSeen('#alone'), 'it goes on alone again');
                    $this->waitForText('.stove .unsent', "{$taken} noted here");
                }
            }
            self::assertGreaterThan(10, $taken);
            self::assertSame(
                [], $this->browser->findElements(WebDriverBy::cssSelector('#alone li:not(.done)')), 'all is done',
            );
            $this->visit('/shelf');
            $this->waitForText('main', 'Winter supper');
            $this->visit('/notebook');
            $this->waitForText('main', 'This page is not kept');
        } finally {
            $this->stack->startServer();
        }
        $this->visit($cook);
        $this->waitFor(
            fn (): bool => $this->isHidden('.stove .unsent') && $this->isHidden('#alone'),
            'it is back',
        );
        $this->waitForText('.now', 'On the table');
        $events = $this->stack->eventsTaken();
        self::assertCount($taken + 1, $events);
        self::assertCount($taken + 1, array_unique($events), 'each once');
    }

    public function test_the_grain_and_the_closed_pot_are_drawn_from_courses_computed_before(): void
    {
        $this->begun('Sour-cherry');
        $this->untilItCanGoOnAlone();
        $this->stack->killServer();
        try {
            // By the page itself: it may have seen that the server is gone, and have put the button away.
            $this->browser->executeScript('document.querySelector(".act.main").click()');
            $this->waitFor(fn (): bool => $this->isSeen('#alone'), 'it goes on alone');
            $tap = fn (string $step, string $event) => $this->browser->executeScript(
                'document.querySelector(`#alone [data-step="${arguments[0]}"] [data-event="${arguments[1]}"]`).click()',
                [$step, $event],
            );
            $tap('boil', 'started');
            $this->waitForText('#alone [data-step=boil]', 'lift at');
            $core = fn (): float => (float) $this->browser->executeScript(
                'return document.querySelector("#alone .boil-alone .core").getAttribute("transform").match(/[\d.]+/)[0]',
            );
            $this->waitForText('#alone [data-step=boil]', 'By the model a grain now');
            $before = $core();
            // Five minutes on: the page's own clock is put back by as much.
            $this->browser->executeScript('Alpine.$data(document.querySelector(".stove")).offset.at -= 300000');
            $this->waitFor(static fn (): bool => $core() < $before - 0.1, 'the heart of the grain has grown smaller');
            file_put_contents($this->photograph, (new Camera)->crust(0.5));
            $this->find('#alone [data-step=boil] input[type=file]')->sendKeys($this->photograph);
            $this->waitForText('#alone [data-step=boil] .photograph-form output', 'Kept here');
            $this->browser->executeScript(
                'document.querySelector("#alone [data-step=boil] [data-stage=half]").click()'
            );
            $this->waitForText('.stove .unsent', '3 noted here');
            $tap('boil', 'done');
            $this->waitFor(
                fn (): bool => $this->browser->findElements(
                    WebDriverBy::cssSelector('#alone [data-step=boil].done')
                ) !== [],
                'the boil is done',
            );
            $this->browser->executeScript('document.querySelector("[data-undo-last]").click()');
            $this->waitFor(
                fn (): bool => $this->browser->findElements(
                    WebDriverBy::cssSelector('#alone [data-step=boil].running')
                ) !== [],
                'and is not, after all',
            );
            $tap('boil', 'done');
            $tap('layer', 'started');
            $tap('layer', 'done');
            $tap('heat-1', 'started');
            $this->waitForText('#alone [data-step=heat-1] .lid-alone', 'you are here');
            $here = fn (): string => (string) $this->browser->executeScript(
                'return document.querySelector("#alone .lid-alone .here").getAttribute("transform")'
            );
            $first = $here();
            $this->browser->executeScript(
                'Alpine.$data(document.querySelector(".stove")).offset.at -= 300000; Alpine.$data(document.querySelector(".stove")).layOver()'
            );
            self::assertNotSame($first, $here());
        } finally {
            $this->stack->startServer();
        }
        $this->waitFor(
            fn (): bool => $this->stack->value('select shows from photographs where id != ?', '') === 'boil',
            'the photograph goes out when the server is back',
        );
    }

    public function test_an_updated_server_is_told_and_the_page_goes_on(): void
    {
        $this->openDish('squash curry');
        $this->find('.begin-cook button')->click();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
        $this->browser->executeScript('document.querySelector("meta[name=build]").content = "an older one"');
        // Told by the next poll; the line moves the page down, so a tap comes after it.
        $this->waitFor(fn (): bool => $this->isSeen('#updated'), 'it is told');
        $this->waitForText('#updated', 'Orbek was updated');
        $this->find('.act.main')->click();
        $this->waitForText('.act.main', 'Rinsed');
        self::assertCount(1, $this->stack->eventsTaken());
    }

    public function test_steps_kept_from_before_do_not_stand_for_those_of_a_server_that_is_slow(): void
    {
        $this->begun('squash curry');
        $this->untilItCanGoOnAlone();
        $this->stack->pauseServer(true);
        try {
            // What the page has is a moment later than what is kept: it stays, and is asked for again all the same.
            $this->browser->executeScript(
                'const stove = Alpine.$data(document.querySelector(".stove")); stove.stepsFrom += 1; stove.fetchSteps()',
            );
            $this->waitFor(fn (): bool => $this->browser->executeScript(
                'return Alpine.$data(document.querySelector(".stove")).areStepsKept',
            ) === true, 'it has what was kept, and knows that it was');
        } finally {
            $this->stack->pauseServer(false);
        }
        $this->untilItCanGoOnAlone();
    }

    /** At the stove with a dish, the worker at hand. */
    private function begun(string $dish): void
    {
        $this->openDish($dish);
        $this->controlled();
        $this->find('.begin-cook button')->click();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
    }

    /** The worker has the page in hand: it keeps what it is asked to. */
    private function controlled(): void
    {
        $this->waitFor(
            fn (): bool => $this->browser->executeScript('return navigator.serviceWorker.controller !== null') === true,
            'the worker is there', 45,
        );
        $this->browser->navigate()->refresh();
        $this->waitForText('.picture h1', '');
    }

    private function isKept(string $path): bool
    {
        return $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
            caches.open("orbek-pages").then(async (kept) => { const page = await kept.match(arguments[0]); const steps = await kept.match(arguments[0] + "/alone"); done(page !== undefined && steps !== undefined && (await page.text()).includes("Rinsed")); });',
            [$path],
        ) === true;
    }
}
