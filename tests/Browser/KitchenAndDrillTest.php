<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What the rice teaches: the shelf's bags, and the Drill. */
final class KitchenAndDrillTest extends BrowserTestCase
{
    public function test_a_new_bag_learns_from_a_test_boil(): void
    {
        $this->visit('/kitchen');
        $this->assertAccessible('the Kitchen');
        $this->find('input[name=name]')->sendKeys('Small grain, market');
        $this->choose('select[name=kind]', 'small-grain');
        $this->find('input[name=bought_g]')->sendKeys('1000');
        $this->find('.plain .act')->click();
        $this->waitForText('h1', 'Small grain, market');
        $this->waitForText('.lead', 'Nothing learned of this bag yet');
        $this->assertAccessible('a bag');

        $this->find('input[name="tests[0][minutes]"]')->sendKeys('5');
        $this->choose('select[name="tests[0][stage]"]', 'half');
        $this->find('input[name="tests[1][minutes]"]')->sendKeys('7.5');
        $this->choose('select[name="tests[1][stage]"]', 'breaks');
        $this->find('form[action$="/tests"] .act')->click();
        $this->waitForText('.lead', 'slower than its kind');
        $this->find('.taken button')->click();
        $this->waitForText('.lead', 'Nothing learned of this bag yet');
    }

    public function test_a_pot_that_is_refused_keeps_what_was_typed(): void
    {
        $this->visit('/kitchen/things');
        $this->browser->executeScript(<<<'JS'
            const form = document.querySelector('form[action$="/thing/pot"], form[action$="/things/pot"], form[action$="/pot"]');
            form.id = 'another';
            form.closest('details')?.setAttribute('open', '');
            const { elements } = form;
            elements.name.value = 'Fish kettle';
            elements.diameter_cm.value = '30';
            elements.litres.value = '2000';
            form.noValidate = true;
            form.requestSubmit();
        JS);
        $this->waitForText('#another [role=alert]', 'litres: 2000 is out of range; give 0.5 to 60 L.');
        self::assertSame('Fish kettle', $this->value('#another [name=name]'));
        self::assertSame('2000', $this->value('#another [name=litres]'));
        self::assertTrue($this->browser->executeScript(
            'return document.activeElement === document.querySelector("#another [name=litres]")',
        ));
        $this->assertAccessible('a refused pot');
        $this->browser->executeScript(<<<'JS'
            window.stillHere = true;
            const form = document.getElementById('another');
            form.elements.litres.value = '8';
            form.requestSubmit();
            form.requestSubmit();
        JS);
        $this->waitFor(fn (): bool => str_contains($this->text('main'), 'Fish kettle: changed'), 'taken');
        self::assertSame(1, substr_count($this->text('.things'), 'Fish kettle'), 'once');
    }

    public function test_water_by_absorption_follows_its_words(): void
    {
        $this->visit('/kitchen/absorption');
        $this->assertAccessible('absorption');
        $before = $this->text('.strong-figure summary');
        $this->change('#raw_g', '600');
        $this->waitFor(fn (): bool => $this->text('.strong-figure summary') !== $before, 'the water follows the rice');
        self::assertSame('600', $this->value('#raw_g'));
    }

    public function test_the_scale_of_doneness_is_read_and_aimed_by(): void
    {
        $this->visit('/pot');
        $this->find('.scale summary')->click();
        $this->waitForText('.stages-scale', 'times its raw weight');
        $this->assertAccessible('the scale');
        $before = $this->text('#station-water .result summary');
        $this->browser->findElements(WebDriverBy::cssSelector('.stages-scale button'))[4]->click();
        $this->waitFor(
            fn (): bool => $this->text('#station-water .result summary') > $before,
            'a later stage is lifted later',
        );
        self::assertSame('thread', $this->value('#waterstage'));
    }

    public function test_a_round_of_the_drill_by_keyboard_and_by_touch(): void
    {
        $this->visit('/drill');
        $this->assertAccessible('the Drill');
        // One that is told on a scale is answered first: this round is of names.
        for ($asked = 0; $asked < 12 && $this->browser->findElements(WebDriverBy::cssSelector('.answers button')) === []; $asked++) {
            $this->find('.far button')->sendKeys(WebDriverKeys::ENTER);
            $this->waitForText('.said', '% cooked');
        }
        $this->find('.answers button')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('.said', '% cooked');
        $this->waitForText('.scores', 'of 1 right');

        $this->find('.drill-page section:nth-of-type(2) .act')->click();
        $this->waitFor(fn (): bool => $this->text('.drill-page .count') > '0:10', 'the clock runs');
        $this->find('.drill-page .test')->click();
        $this->waitForText('.felt', 'a grain snaps');
        $this->browser->findElements(WebDriverBy::cssSelector('.drill-page section:nth-of-type(2) .act'))[2]->click();
        $this->waitForText('.said', 'short of its stage');
        self::assertMatchesRegularExpression('/1\s+\d+ points/', $this->text('.scores'));
    }
}
