<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A meal on the clock: words, a task pinned, the table moved, a mend taken, two windows. */
final class MealTest extends BrowserTestCase
{
    public function test_a_meal_of_two_dishes_is_built_and_moved_about(): void
    {
        $this->visit('/shelf');
        $this->browser->executeScript(
            '[...document.querySelectorAll(".meals-ahead a")].find((meal) => meal.textContent.includes("Lentil")).click()',
        );
        $this->waitForText('.meal-name', 'Lentil polo on a weekday');
        $this->waitFor(fn (): bool => ! $this->find('.bettering')->isDisplayed(), 'it has looked for a shorter plan');
        $this->assertAccessible('a meal');
        $this->waitForText('#meal-says', 'in the kitchen, from');
        $was = $this->text('#meal-says .strong-figure');

        // What is short is told, and one tap mends it.
        $this->waitForText('#meal-says', '2 of you cook');
        $this->browser->executeScript('document.querySelector("#meal-says [data-path=hands]").click()');
        $this->waitFor(fn (): bool => $this->value('[data-path=hands].word') === '2', 'two cook');
        $this->waitForText('.drawing.meal', 'Hands 2');

        $this->browser->executeScript('document.querySelector("#meal-says details.adding").open = true');
        $this->browser->executeScript(
            '[...document.querySelectorAll("[data-path=\'dishes:add\']")].find((dish) => dish.textContent.includes("Jackfruit")).click()',
        );
        $this->waitForText('.meal-sentence', 'Jackfruit and cashew biryani');
        self::assertNotSame($was, $this->text('#meal-says .strong-figure'));

        // A side, pinned by the keyboard, stays where it was put.
        $this->browser->executeScript('document.querySelectorAll("#meal-says details.adding")[1].open = true');
        $this->find('[data-add=sides] [name=name]')->sendKeys('salad');
        $this->find('[data-add=sides] button')->click();
        $this->waitForText('.meal-sentence', 'salad');
        $start = (int) $this->start('side/1');
        $this->browser->executeScript('document.querySelector("[data-task=\'side/1\'][tabindex]").focus()');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_UP);
        $this->waitFor(fn (): bool => (int) $this->start('side/1') === $start - 1, 'a minute earlier');
        self::assertStringContainsString('pinned', (string) $this->find('[data-task="side/1"][tabindex]')->getAttribute('aria-label'));
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::DELETE);
        $this->waitFor(fn (): bool => ! str_contains((string) $this->find('[data-task="side/1"][tabindex]')->getAttribute('aria-label'), 'pinned'), 'let go');

        // The table moves, and all of it with it.
        $this->browser->executeScript('document.querySelector("[data-table]").focus()');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_DOWN);
        $this->waitFor(fn (): bool => $this->value('[data-part=time]') === '19:05', 'the table is five minutes later');

        // Another window changed it: told here, nothing written over.
        $this->browser->executeScript('document.getElementById("body").dataset.version = "1"');
        $this->change('[data-path=eaters]', '5');
        $this->waitForText('.message', 'changed');
    }

    private function start(string $task): string
    {
        return (string) $this->find("[data-task=\"{$task}\"][tabindex]")->getAttribute('data-start');
    }
}
