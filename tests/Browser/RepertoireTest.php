<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** What goes past its school: rice alone with a stew beside it, and a smoke at the end. */
final class RepertoireTest extends BrowserTestCase
{
    public function test_rice_alone_with_a_stew_beside_it_on_a_platter(): void
    {
        $this->visit('/shelf');
        $this->browser->executeScript('document.querySelector(".schools button[value=drained-and-steamed]").click()');
        $this->waitForText('.picture h1', 'A new dish');
        $this->open('filling');
        $this->waitForText('#station-filling .more', 'Remove');
        $this->browser->executeScript('document.querySelector("[data-path=\'fillings:remove:0\']").click()');
        $this->waitForText('#station-filling', 'rice alone');
        $this->waitFor(
            fn (): bool => ! str_contains($this->drawn('.picture .pot .labels'), 'filling'), 'no filling is drawn',
        );

        $this->browser->executeScript(
            '[...document.querySelectorAll("#station-filling details.adding")].find((more) => more.querySelector("form[data-add=fillings]")).open = true',
        );
        $this->find('form[data-add=fillings] [name=name]')->sendKeys('quince stew');
        $this->choose('form[data-add=fillings] [name=kind]', 'lamb-cubes');
        $this->find('form[data-add=fillings] [name=beside]')->click();
        $this->find('form[data-add=fillings] button')->click();
        $this->waitForText('#station-filling', 'Cooked beside the pot');
        $this->browser->executeScript('document.querySelector("[data-path=\'fillings/0/gravy\']").click()');
        $this->waitForText('#station-filling', 'are kept for the table');
        $this->waitFor(
            fn (): bool => ! str_contains($this->drawn('.picture .pot .labels'), 'quince'), 'no quince is drawn',
        );

        $this->open('serve');
        $this->choose('#serve', 'platter');
        $this->waitForText('#station-serve', 'on a platter');
        $this->waitFor(
            fn (): bool => str_contains(
                $this->drawn('#station-serve .platter'), 'quince stew',
            ), 'the platter is drawn with it',
        );
        $this->open('lid');
        $this->browser->executeScript('document.querySelector("#station-lid details.adding").open = true');
        $this->find('form[data-add=poured] [name=name]')->sendKeys('saffron in hot water');
        $this->find('form[data-add=poured] button')->click();
        $this->waitForText('#station-lid .parts', 'saffron in hot water');
        self::assertCount(1, $this->browser->findElements(WebDriverBy::cssSelector('.picture .pot .poured')));
        $this->assertAccessible('rice alone, a stew on a platter');
    }

    public function test_a_smoke_at_the_stove_has_its_caution_at_that_step_only(): void
    {
        $this->openDish('squash curry');
        $this->open('serve');
        $this->browser->executeScript('document.querySelector("[data-path=smoke_min]").click()');
        $this->waitForText('#station-serve', 'A coal smokes under the lid');
        $this->find('.begin-cook button')->click();
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('.now h1')) !== [], 'at the stove',
        );
        $minded = [];
        for ($step = 0; $step < 40 && ! str_contains($this->text('.now'), 'On the table'); $step++) {
            $task = $this->text('.now h1');
            if (str_contains($this->text('.now'), 'carbon monoxide')) {
                $minded[$task] = true;
            }
            if (str_contains($task, 'coal')) {
                $this->assertAccessible('a coal under the lid');
            }
            $this->forward(300);
            $before = $this->text('.now');
            if (
                $this->browser->executeScript(
                    'const act = document.querySelector(".act.main"); act?.click(); return act !== null;'
                ) === true
            ) {
                $this->waitFor(fn (): bool => $this->text('.now') !== $before, 'the stove goes on');
            } else {
                $this->browser->navigate()->refresh();
            }
        }
        self::assertSame(['A glowing coal under the lid'], array_keys($minded));
    }
}
