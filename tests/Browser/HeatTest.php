<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Under the lid: the heat line taken in hand, plans found, and a closed pot that is talked to. */
final class HeatTest extends BrowserTestCase
{
    public function test_a_heat_block_is_dragged_and_changed_by_keyboard(): void
    {
        $this->lentil();
        $this->assertAccessible('the Pot at Heat');
        $this->firstHeatSmall();
        $before = $this->setting(0);

        $stretch = $this->find('[data-block="0"] .touch');
        (
            new WebDriverActions($this->browser)
        )->clickAndHold($stretch)->moveByOffset(0, -8)->moveByOffset(0, -8)->release()->perform();
        $this->waitFor(fn (): bool => $this->setting(0) > $before + 10, 'the first heat went up');

        $minutes = $this->minutes(1);
        $grip = $this->find('[data-block="1"] .grip');
        (
            new WebDriverActions($this->browser)
        )->clickAndHold($grip)->moveByOffset(-20, 0)->moveByOffset(-20, 0)->release()->perform();
        $this->waitFor(fn (): bool => $this->minutes(1) < $minutes - 2, 'the low heat got shorter');

        $hot = $this->setting(0);
        $this->browser->executeScript('document.querySelector("[data-block=\\"0\\"]").focus()');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_DOWN);
        $this->waitFor(fn (): bool => $this->setting(0) < $hot, 'the next mark down');
        $this->waitFor(
            fn (): bool => $this->browser->executeScript('return document.activeElement.dataset.block') === '0',
            'it keeps the focus',
        );
        $first = $this->minutes(0);
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->waitFor(
            fn (): bool => $this->minutes(0) === $first + 1,
            'a minute more',
        );

        $this->change('#heatminutes1', '30');
        $this->waitFor(fn (): bool => $this->minutes(1) === 30.0, 'typed minutes are taken');
        foreach (['#heatminutes0' => '400', '#heatminutes1' => '0'] as $word => $bad) {
            $this->change($word, $bad);
            $this->waitForText('.message', 'Give ');
            $this->find('.message button')->click();
        }
    }

    public function test_a_plan_is_found_and_taken_and_the_pot_slid_through(): void
    {
        $this->lentil();
        self::assertStringContainsString('golden', $this->text('#station-heat .crust-word'), 'the first answer works');
        $this->waitForText('[data-right]', 'kitchens like yours');
        // A line of one's own that burns is kept, judged, and mended with one tap.
        $this->choose('#heatsetting1', '100');
        $this->waitForText('#station-heat .clash', 'The base burns from minute');
        $this->waitForText('#pot-fails', 'Not right as planned');
        self::assertSame('burnt', $this->text('#station-heat .crust-word'));
        $this->assertAccessible('a fault and its mends');
        $this->button('[data-mends] .mend', 'Take the heat found');
        $this->waitFor(
            fn (): bool => $this->text('#station-heat .crust-word') === 'golden',
            'the crust comes out golden',
        );
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('#station-heat .clash')));
        $this->button('.asks button', 'Other heats');
        $this->waitForText('[data-answer]', 'As planned now');
        $this->assertAccessible('heats found');
        $this->find('[data-answer] [aria-label="Take it: The school’s own heat"]')->click();
        $this->waitForText('#station-heat .origin', 'Your own heat');
        $this->button('.asks button', 'Other heats');
        $this->waitForText('[data-answer]', 'Most likely right');
        $this->find('[data-answer] [aria-label="Take it: Most likely right"]')->click();
        $this->waitForText('#station-heat .origin', 'Found for this pot');

        $this->browser->executeScript(
            'const slider = document.getElementById("minute"); slider.value = 3; slider.dispatchEvent(new Event("input", {bubbles: true}));',
        );
        $this->waitForText('[data-slid]', 'Minute 3: base face');
        $this->button('.asks button', 'How sure is this');
        $this->waitForText('[data-answer]', 'eight of ten pots');
        $this->button('.asks button', 'What if');
        $this->waitForText('[data-answer]', 'Nothing differs');
        $this->choose('[data-answer] [name=seal]', 'loose-lid');
        $this->find('[data-answer] form button')->click();
        $this->waitForText('[data-answer]', 'steam lost');
        $this->waitFor(fn (): bool => $this->isSeen('[data-answer] .differs'), 'what differs is marked');
        $this->assertAccessible('what if');
    }

    public function test_a_closed_pot_is_asked_told_and_rescued(): void
    {
        $this->lentil();
        $this->firstHeatSmall();
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse and soak');
        for ($step = 0; $step < 25 && $this->browser->findElements(WebDriverBy::cssSelector('.lid')) === []; $step++) {
            $this->forward(20);
            $before = $this->text('.now');
            $this->browser->executeScript('document.querySelector(".act.main")?.click()');
            $this->waitFor(fn (): bool => $this->text('.now') !== $before, 'the stove goes on');
        }
        $this->waitForText('.turned', 'I turned it to');
        $this->forward(480);
        $this->browser->navigate()->refresh();
        $this->waitForText('.lid .cues', 'Steam meets the lid');
        $this->assertAccessible('the closed pot');
        $this->button('.lid .cues button', 'Steam meets');
        $this->waitForText('.lid .change', 'Steam meets the lid:');

        $this->browser->getKeyboard()->sendKeys('h');
        $this->waitFor(
            fn (): bool => $this->browser->executeScript('return document.activeElement.name') === 'setting',
            'h goes to the heat',
        );
        $this->choose('#setting0', '100');
        $this->find('.turned button')->click();
        $this->waitForText('.lid .change', 'Turned to full');
        $this->waitFor(
            fn (): bool => preg_match(
                '/(burns|is past golden) from minute/', $this->text('.lid .ahead'),
            ) === 1, 'it is too dark ahead',
        );
        $this->button('.tools button', 'Undo');
        $this->waitForText('.lid .change', 'Steam meets the lid:');

        $late = $this->text('.table-at');
        $this->button('.waiting .tools button', 'We are 10 min late');
        $this->waitFor(fn (): bool => $this->text('.table-at') !== $late, 'the table moves');
        $this->find('.rescue summary')->click();
        $this->button('.rescue button', 'Top hard and dry');
        $this->waitForText('.rescued', 'hot water');
        $this->button('.lid .cues button', 'Put the probe in');
        $this->waitForText('.lid', 'Probe (simulated)');
        $this->assertAccessible('a rescue with the probe in');
    }

    public function test_a_boil_test_teaches_a_pot_on_its_ring(): void
    {
        $this->visit('/kitchen/stoves');
        $this->assertAccessible('pots on rings');
        $this->find('[name=minutes]')->sendKeys('12');
        $this->find('.plain .act')->click();
        $this->waitForText('.taught', 'Boil test of');
        $this->find('.taught .small-button')->click();
        $this->waitFor(fn (): bool => ! str_contains($this->text('.taught'), 'Boil test of'), 'it is taken back');
        $this->visit('/notebook');
        $this->find('.entry .small a')->click();
        $this->waitForText('main', 'Likeliest causes');
        $this->assertAccessible('causes');
    }

    public function test_a_knob_of_marks_is_set_up_told_and_the_pot_moves_to_the_small_ring(): void
    {
        $this->visit('/kitchen/things');
        $this->assertAccessible('pots, rings and plates');
        foreach (
            ['ring-1' => 'one 25, two 45, three 100', 'ring-2' => 'low 55, middle 75, high 100'] as $ring => $marks
        ) {
            $this->browser->executeScript(
                'const form = document.querySelector(`form[action$="/ring/${arguments[0]}"]`); form.elements.marks.value = arguments[1]; form.submit();',
                [$ring, $marks],
            );
            $this->waitForText('main', $marks);
        }
        $this->lentil();
        $this->waitFor(
            fn (): bool => preg_match(
                '/ at (low|middle|high)( till steam|,)/', $this->text('#station-heat .sentence'),
            ) === 1,
            'the first heat is told in the knob\'s marks',
        );
        self::assertMatchesRegularExpression(
            '/ at (one|two|three)( on the tava)?, on Ring 1/', $this->text('#station-heat .sentence'),
            'the low heat moves to the small ring',
        );
        $this->visit('/clock');
        $this->waitForText('main', 'on Ring 1');
    }

    /** Whatever was found: a first heat at the mark small. */
    private function firstHeatSmall(): void
    {
        if ($this->setting(0) !== 40) {
            $this->choose('#heatsetting0', '40');
            $this->waitFor(fn (): bool => $this->setting(0) === 40, 'the first heat is small');
        }
    }

    private function lentil(): void
    {
        $this->openDish('Lentil');
        $this->find('[data-open=heat]')->click();
        $this->waitForText('#station-heat .more', 'Crust wanted');
    }

    private function button(string $selector, string $says): void
    {
        $this->waitFor(function () use ($selector, $says): bool {
            foreach ($this->browser->findElements(WebDriverBy::cssSelector($selector)) as $button) {
                if (str_contains($button->getText(), $says)) {
                    $this->browser->executeScript('arguments[0].click()', [$button]);

                    return true;
                }
            }

            return false;
        }, "a button says \"{$says}\"");
    }

    private function setting(int $stretch): int
    {
        return (int) $this->find("[data-block=\"{$stretch}\"]")->getAttribute('data-setting');
    }

    private function minutes(int $stretch): float
    {
        return (float) $this->find("[data-block=\"{$stretch}\"]")->getAttribute('data-minutes');
    }
}
