<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The Stove at arm's length, 390 px wide. */
final class StoveOnThePhoneTest extends BrowserTestCase
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;

    public function test_it_goes_on_without_its_server_and_sends_later(): void
    {
        $this->begin();
        $this->untilItCanGoOnAlone();
        $this->stack->pauseServer(true);
        try {
            // A stopped server neither answers nor refuses: the request gives up after eight seconds and says so.
            $this->find('.act.main')->click();
            self::assertFalse($this->find('.act.main')->isEnabled(), 'a tap under way is not tapped again');
            $this->waitForText('.stove .unsent', 'The server does not answer. 1 noted here');
            $this->waitFor(fn (): bool => $this->isSeen('#alone'), 'it goes on alone');
            self::assertSame('Rinsed, soaking', $this->text('#alone .running [data-event=done]'));
            $this->find('#alone .running [data-event=done]')->click();
            $this->waitForText('.stove .unsent', '2 noted here');
        } finally {
            $this->stack->pauseServer(false);
        }
        // Reloaded, the queue is still there and goes out by itself.
        $this->browser->navigate()->refresh();
        $this->waitForText('.waiting', 'Rice soaks');
        $this->waitFor(fn (): bool => $this->isHidden('.stove .unsent'), 'nothing is unsent');
    }

    public function test_keys_do_what_fingers_do(): void
    {
        $this->begin();
        $this->browser->getKeyboard()->sendKeys(' ');
        $this->waitForText('.act.main', 'Rinsed, soaking');
        $until = (int) $this->find('.count')->getAttribute('data-until');
        $this->browser->getKeyboard()->sendKeys('+');
        $this->waitFor(
            fn (): bool => (int) $this->find('.count')->getAttribute('data-until') === $until + 60,
            'a minute more',
        );
        $this->browser->getKeyboard()->sendKeys('-');
        $this->waitFor(
            fn (): bool => (int) $this->find('.count')->getAttribute('data-until') === $until,
            'a minute less',
        );
        $this->browser->getKeyboard()->sendKeys(' ');
        $this->waitForText('.waiting', 'Rice soaks');
        $this->browser->getKeyboard()->sendKeys('z');
        $this->waitForText('.act.main', 'Rinsed, soaking');
    }

    public function test_a_double_tap_is_one_tap(): void
    {
        $this->begin();
        $this->browser->executeScript(
            'const button = document.querySelector(".act.main"); button.click(); button.click(); button.click();',
        );
        $this->waitForText('.act.main', 'Rinsed, soaking');
        usleep(500_000);
        self::assertSame('Rinsed, soaking', $this->text('.act.main'));
    }

    public function test_targets_are_wide_enough_for_a_wet_knuckle(): void
    {
        $this->begin();
        $this->find('.act.main')->click();
        $this->waitForText('.act.main', 'Rinsed, soaking');
        $buttons = $this->browser->findElements(WebDriverBy::cssSelector('.now button:not([hidden]), .waiting button'));
        self::assertGreaterThanOrEqual(3, count($buttons));
        foreach ($buttons as $button) {
            self::assertGreaterThanOrEqual(56, $button->getSize()->getHeight(), $button->getText());
        }
        self::assertGreaterThanOrEqual(64, (int) $this->find('.count')->getCSSValue('font-size'));
        self::assertLessThanOrEqual(
            390,
            (int) $this->browser->executeScript('return document.documentElement.scrollWidth'),
        );
    }

    public function test_a_live_boil_with_two_touched_stages_a_weighing_and_an_undo(): void
    {
        $this->begin();

        $this->browser->executeScript(
            'Alpine.$data(document.querySelector(".stove")).happen("started", {subject: "boil"})',
        );
        $this->waitForText('.now h1', 'Test a grain, then lift');
        $first = $this->liftAt();

        $this->turn(290);
        $this->find('[data-stage=half]')->click();
        $this->waitForText('.lifts', sprintf('before the tests %d min %d s', intdiv($first, 60), $first % 60));
        $once = $this->liftAt();
        self::assertGreaterThan($first, $once, 'a hard heart at 4:50 is behind the forecast');
        $this->turn(50);
        $this->find('[data-stage=half]')->click();
        $this->waitFor(fn (): bool => $this->liftAt() > $once, 'a second one puts it off further');
        $twice = $this->liftAt();
        self::assertCount(2, $this->browser->findElements(WebDriverBy::cssSelector('.boil .notch')));
        self::assertCount(1, $this->browser->findElements(WebDriverBy::cssSelector('.boil .hill.before')));
        $this->assertAccessible('the boil with tests');

        $this->browser->executeScript('document.querySelector(".weigh summary").click()');
        $this->browser->executeScript('document.querySelector(".weigh form").scrollIntoView({ block: "center" })');
        $this->find('.weigh [name=drained_g]')->sendKeys('60');
        $this->find('.weigh form button')->click();
        $this->waitForText('.message', '10 g of raw rice cannot weigh 60 g: give at most 35 g.');
        $this->change('.weigh [name=drained_g]', '9');
        $this->find('.weigh form button')->click();
        $this->waitForText('.message', 'Drained, 10 g of raw rice cannot weigh 9 g: give more than 10 g.');
        self::assertSame(
            0,
            (int) $this->browser->executeScript('return Alpine.$data(document.querySelector(".stove")).waiting'),
            'nothing was queued',
        );
        self::assertSame($twice, $this->liftAt());

        $this->find('[data-event=undone]')->click();
        $this->waitFor(fn (): bool => $this->liftAt() === $once, 'the undo takes the second test back');

        // By keyboard alone: t goes to the stages, Enter touches one.
        $this->find('.now h1')->click();
        $this->browser->getKeyboard()->sendKeys('t');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor(fn (): bool => $this->liftAt() > $once, 'a grain that snaps puts it off');
    }

    public function test_a_two_stage_lift_shows_its_second_window_after_the_first_scoop(): void
    {
        $this->openDish('Turkey');
        $this->waitForText('h1', 'Turkey and plum biryani');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Fried onion');
        $this->browser->executeScript(
            'Alpine.$data(document.querySelector(".stove")).happen("started", {subject: "boil"})',
        );
        $this->waitForText('.now h1', 'lift a first scoop');
        $this->waitForText('.now', 'First scoop, 35 % of the rice');
        $first = $this->liftAt();

        $this->turn(45);
        self::assertSame('First scoop lifted', $this->text('.act.main'));
        $this->find('.act.main')->click();
        $this->waitForText('.now h1', 'lift the rest');
        self::assertGreaterThan($first + 120, $this->liftAt());
        self::assertSame('Lifted, draining', $this->text('.act.main'));

        $this->find('[data-event=undone]')->click();
        $this->waitForText('.now h1', 'lift a first scoop');
        self::assertSame($first, $this->liftAt());
    }

    public function test_rice_gone_too_far_is_told_what_to_do_with_it(): void
    {
        $this->begin();
        $this->browser->executeScript(
            'Alpine.$data(document.querySelector(".stove")).happen("started", {subject: "boil"})',
        );
        $this->waitForText('.now h1', 'Test a grain, then lift');
        self::assertCount(0, $this->browser->findElements(WebDriverBy::cssSelector('.now .clash')));
        $this->turn(720);
        $this->waitForText('.now .clash', 'Rinse it cold at once');
        $this->waitForText('.now .clash', 'less under the lid');
    }

    private function liftAt(): int
    {
        preg_match('/Lift at (\d+) min(?: (\d+) s)?/', $this->text('.now'), $found);

        return 60 * (int) ($found[1] ?? 0) + (int) ($found[2] ?? 0);
    }

    /** The practice clock, turned at the stove. */
    private function turn(int $seconds): void
    {
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; Alpine.$data(document.querySelector(".stove")).turn({forward_s: arguments[0]}).then(done);',
            [$seconds],
        );
    }

    public function test_layering_is_led_by_the_picture_and_its_act_stays_in_sight(): void
    {
        $this->begin();
        for ($step = 0; $step < 30 && $this->browser->executeScript(
            'return document.querySelector(".layering") === null',
        ) === true; $step++) {
            $this->goOn();
        }
        $rows = $this->browser->executeScript(
            'return [...document.querySelectorAll(".layering .what")].map((row) => row.firstChild.textContent.trim())',
        );
        self::assertSame(
            ['Plain rice', 'Rice', 'Chicken, cherries', 'Rice, saffron', '5 holes down to the base; butter for the holes into each',
                'Cloth and lid'], $rows, 'from the base up',
        );
        $this->waitForText('.now', 'The rice has waited since');
        $this->assertAccessible('layering');
        // The picture fills with the ticks, and remembers them over a load.
        $filled = 'return [...document.querySelectorAll(".filling-up [data-in]")].map((layer) => layer.matches(".in"))';
        self::assertSame([false, false, false, false], $this->browser->executeScript($filled));
        $this->browser->executeScript(
            '[0, 1].forEach((row) => document.querySelectorAll(".layering input")[row].click())',
        );
        self::assertSame([true, true, false, false], $this->browser->executeScript($filled));
        $this->browser->navigate()->refresh();
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'return document.querySelectorAll(".filling-up .in").length',
        ) === 2, 'and still after a load');
        // Hours before its time its act is small; begun, it stays in sight.
        self::assertTrue($this->browser->executeScript('return document.querySelector(".act.main").matches(".far")'));
        $this->waitForText('.now', 'Not yet: from');
        $this->browser->executeScript('document.querySelector(".act.main").click()');
        $this->waitForText('.act.main', 'Closed');
        self::assertTrue($this->browser->executeScript(
            'const act = document.querySelector(".act.main").getBoundingClientRect();'
                .'return act.top > 0 && act.bottom <= innerHeight && act.height >= 48',
        ), 'what closes it is in sight');
    }

    public function test_it_speaks_what_is_called_the_step_at_hand_and_again(): void
    {
        (
            new ChromeDevToolsDriver($this->browser)
        )->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            window.said = [];
            window.hushed = 0;
            Object.defineProperty(window, 'speechSynthesis', { value: {
                getVoices: () => [{ name: 'stand-in' }], cancel() { window.hushed++; },
                speak(one) { window.said.push(`${one.lang}: ${one.text}`); }, addEventListener() {},
            } });
        JS]);
        $this->begin();
        $said = fn (): array => (array) $this->browser->executeScript('return window.said');
        $this->waitFor(fn (): bool => $said() === ['en: Start: Rinse and soak'], 'what is due is called by its act');
        $this->browser->executeScript('document.querySelector("[data-say-step]").click()');
        self::assertStringStartsWith('en: Rinse and soak', $said()[1]);
        self::assertStringContainsString('g salt for the soak', $said()[1], 'with its amounts');
        $this->browser->executeScript('document.querySelector(".now .count").click()');
        self::assertSame($said()[1], $said()[2], 'a tap on the figure says it again');
        self::assertGreaterThan(3, $this->browser->executeScript('return window.hushed'), 'a tap ends what is being said');
        $this->browser->executeScript('document.querySelector("[data-call=voice]").click()');
        $this->browser->executeScript('document.querySelector("[data-try-call]").click()');
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'return /Called by|Nothing is on/.test(document.querySelector(".calls [role=status]").textContent)',
        ) === true, 'it was tried');
        self::assertCount(3, $said(), 'switched off it is silent');

        // From two metres off there is one figure, one verb and one ring.
        $this->browser->executeScript('document.querySelector("[data-from-afar]").click()');
        $this->waitFor(fn (): bool => $this->isHidden('.now .goes-in'), 'the rest is away');
        $this->assertAccessible('the Stove from afar');
        self::assertTrue($this->browser->executeScript(
            'return parseFloat(getComputedStyle(document.querySelector(".now .count")).fontSize) >= 80',
        ));
        $this->browser->navigate()->refresh();
        $this->waitFor(fn (): bool => $this->isHidden('.now .goes-in'), 'and so it stays on this phone');
    }

    public function test_herbs_are_called_within_the_boil(): void
    {
        (
            new ChromeDevToolsDriver($this->browser)
        )->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            window.said = [];
            Object.defineProperty(window, 'speechSynthesis', { value: {
                getVoices: () => [{}], cancel() {}, speak(one) { window.said.push(one.text); }, addEventListener() {},
            } });
        JS]);
        $this->openDish('Broad-bean');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse');
        for ($step = 0; $step < 30 && $this->browser->executeScript('return document.querySelector(".boil-now") === null') === true; $step++) {
            $this->goOn();
        }
        $this->waitForText('.in-later', 'in at');
        $said = fn (): string => implode('; ', (array) $this->browser->executeScript('return window.said'));
        self::assertStringNotContainsString('in now', $said());
        $at = (int) $this->find('.in-later')->getAttribute('data-call-at');
        $this->forward($at - (int) $this->browser->executeScript('return Alpine.$data(document.querySelector(".stove")).now()') + 1);
        $this->waitFor(fn (): bool => str_contains($said(), 'in now'), 'the herbs are called');
        $this->waitForText('.in-later.due', 'in at');
    }

    /** The act of the moment, taken in by the server. */
    private function goOn(): void
    {
        $seen = $this->browser->executeScript(
            'const seen = Alpine.$data(document.querySelector(".stove")).seen; document.querySelector(".act.main").click(); return seen;',
        );
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'const stove = Alpine.$data(document.querySelector(".stove")); return stove.seen !== arguments[0] && stove.waiting === 0',
            [$seen],
        ) === true, 'the stove goes on');
    }

    private function begin(): void
    {
        $this->visit('/pot');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse and soak');
    }
}
