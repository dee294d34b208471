<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** A meal on the clock: words, a task pinned, the table moved, a mend taken, two windows. */
final class MealTest extends BrowserTestCase
{
    use CooksThrough;

    public function test_a_meal_of_two_dishes_is_built_and_moved_about(): void
    {
        $this->openMeal('Lentil polo on a weekday');
        $this->assertAccessible('a meal');
        $this->waitForText('#meal-says', 'in the kitchen, from');
        $was = $this->text('#meal-says .strong-figure');

        // What is short is told, and one tap mends it.
        $this->waitForText('#meal-says', '2 of you cook');
        $this->browser->executeScript('document.querySelector("#meal-says [data-path=hands]").click()');
        $this->waitFor(fn (): bool => $this->value('[data-path=hands].word') === '2', 'two cook');
        $this->waitForText('.drawing.meal', 'Hands 2');

        $this->browser->executeScript(
            'document.querySelector("[data-path=\'dishes:add\']").closest("details").open = true'
        );
        $this->browser->executeScript(
            '[...document.querySelectorAll("[data-path=\'dishes:add\']")].find((dish) => dish.textContent.includes("Jackfruit")).click()',
        );
        $this->waitForText('.meal-sentence', 'Jackfruit and cashew biryani');
        $this->waitFor(fn (): bool => $this->text('#meal-says .strong-figure') !== $was, 'it is another plan');

        $this->waitTillBettered();
        // A side, pinned by the keyboard, stays where it was put.
        $this->browser->executeScript('document.querySelector("form[data-add=sides]").closest("details").open = true');
        $this->find('[data-add=sides] [name=name]')->sendKeys('salad');
        // A better plan that comes in meanwhile takes nothing of what is half typed.
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; Alpine.$data(document.querySelector("[data-better]")).better().then(() => done());'
        );
        self::assertSame('salad', $this->value('[data-add=sides] [name=name]'));
        $this->waitTillBettered();
        $this->find('[data-add=sides] button')->click();
        $this->waitForText('.meal-sentence', 'salad');
        $start = (int) $this->start('side/1');
        $this->browser->executeScript('document.querySelector("[data-task=\'side/1\'][tabindex]").focus()');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_UP);
        $this->waitFor(fn (): bool => (int) $this->start('side/1') === $start - 1, 'a minute earlier');
        self::assertStringContainsString(
            'fixed', (string) $this->find('[data-task="side/1"][tabindex]')->getAttribute('aria-label'),
        );
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::DELETE);
        $this->waitFor(
            fn (): bool => ! str_contains(
                (string) $this->find('[data-task="side/1"][tabindex]')->getAttribute('aria-label'), 'pinned',
            ),
            'let go',
        );

        $this->waitTillBettered();
        // The table moves, and all of it with it.
        $this->browser->executeScript('document.querySelector("[data-table]").focus()');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_DOWN);
        $this->waitFor(fn (): bool => $this->value('[data-part=time]') === '19:05', 'the table is five minutes later');

        // Another window changed it: told here, nothing written over.
        $this->browser->executeScript('document.getElementById("body").dataset.version = "1"');
        $this->change('[data-path=eaters]', '5');
        $this->waitForText('.message', 'changed');
    }

    /**
     * @return iterable<string, array{string, string, string|null}> a demo meal, its hour, the task that is begun late
     */
    public static function meals(): iterable
    {
        yield 'the winter supper, its polo twelve minutes late' => ['Winter supper', '19:30', 'd1/heat-water'];
        yield 'a weekday' => ['Lentil polo on a weekday', '19:00', null];
        yield 'two biryanis' => ['Two biryanis', '13:00', null];
    }

    #[DataProvider('meals')]
    public function test_each_demo_meal_is_cooked_through(string $name, string $hour, ?string $late): void
    {
        $this->openMeal($name);
        $list = $this->listed();
        $this->beginMeal();
        $this->waitForText('.now', 'To its start');
        $this->assertAccessible('a meal at the stove');
        $tables = $this->cookThrough($late);
        $this->assertAllWasTold($list);
        self::assertStringContainsString($hour, $tables[0]);
        self::assertCount($late === null ? 1 : 2, $tables);
        if (isset($tables[1])) {
            self::assertStringNotContainsString('on time', $tables[1], 'the table moved when it was late');
        }
        $this->find('.act.main')->click();
        $this->waitForText('.now', 'How did it come out?');
        $dishes = count($this->browser->findElements(WebDriverBy::cssSelector('.noted')));
        for ($dish = 0; $dish < $dishes; $dish++) {
            $this->browser->executeScript(
                'document.querySelectorAll(`[data-dish="${arguments[0]}"] form.note fieldset:not(.where) .taps label:nth-child(3) input`).forEach((tap) => { tap.checked = true; });
                document.querySelector(`[data-dish="${arguments[0]}"] form.note`).requestSubmit();', [$dish],
            );
            $this->waitForText(
                $this->find('.noting')->findElements(WebDriverBy::cssSelector('.came')) === []
                    ? '.noting h1' : ".noted[data-dish='{$dish}'] .came", 'Noted',
            );
        }
        $this->assertAccessible('a meal noted');
        $this->visit('/notebook');
        $this->waitForText('.notebook', 'rice separate, tender');
    }

    /** @return iterable<string, array{string}> all of them where ORBEK_WHOLE is set, else one of each kind of boil */
    public static function dishes(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/database/demo/*.json') ?: [] as $file) {
            $document = json_decode((string) file_get_contents($file), true);
            $isSome = in_array(basename($file, '.json'), ['chickpea-spinach-one-pot', 'turkey-plum-biryani'], true);
            if (is_array($document) && isset($document['school']) && ($isSome || getenv('ORBEK_WHOLE') !== false)) {
                yield basename($file, '.json') => [$document['name']];
            }
        }
    }

    #[DataProvider('dishes')]
    public function test_a_dish_by_itself_is_cooked_through_as_a_meal_of_one(string $name): void
    {
        $this->openDish($name);
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now', 'Next to do');
        $this->waitForText('.now .count', 'now');
        [$table] = $this->cookThrough(null);
        self::assertStringNotContainsString('late', $table);
        $this->find('.act.main')->click();
        $this->waitForText('.now h1', 'How did it come out?');
    }

    public function test_two_phones_share_a_dish_with_another_pair_of_hands(): void
    {
        $this->visit('/pot');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse and soak');
        $other = $this->stack->browser(390, 800);
        try {
            $other->get($this->browser->getCurrentURL());
            $this->browser->executeScript('document.querySelector("[data-hands=\'2\']").click()');
            $this->waitForText('.changed', '2 pairs of hands cook from now on.');
            $this->browser->executeScript('document.querySelector("[data-who=\'1\']").click()');
            $this->waitFor(static fn (): bool => $other->executeScript(
                'const two = document.querySelector("[data-who=\'2\']"); two?.click(); return two?.getAttribute("aria-pressed") === "true"',
            ) === true, 'the other is hands 2');
            $this->waitFor(
                fn (): bool => $this->find('[data-who="1"]')->getAttribute('aria-pressed') === 'true', 'this one is hands 1',
            );
            $this->tapMain();
            $this->waitFor(static fn (): bool => $other->executeScript(
                'return document.querySelector(".waiting").innerText.includes("hands 1") && document.querySelector(".now").dataset.task !== "d1/rinse"',
            ) === true, 'the other sees whose it is, and is told something else');
        } finally {
            $other->quit();
        }
    }

    public function test_two_phones_share_one_cook(): void
    {
        $this->openMeal('Two biryanis');
        $this->beginMeal();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
        $other = $this->stack->browser(390, 800);
        try {
            $other->get($this->browser->getCurrentURL());
            $this->browser->executeScript('document.querySelector("[data-who=\'1\']").click()');
            $this->waitFor(
                fn (): bool => $this->find('[data-who="1"]')->getAttribute('aria-pressed') === 'true', 'hands 1',
            );
            $other->executeScript('document.querySelector("[data-who=\'2\']").click()');
            $this->waitFor(static fn (): bool => $other->executeScript(
                'return document.querySelector("[data-who=\'2\']").getAttribute("aria-pressed")',
            ) === 'true', 'hands 2');
            $task = (string) $this->find('.now')->getAttribute('data-task');
            self::assertSame($task, $other->executeScript('return document.querySelector(".now").dataset.task'));

            // The one begins it: the other sees whose it is, and is asked for something else.
            $this->tapMain();
            $this->waitFor(static fn (): bool => $other->executeScript(
                'return document.querySelector(".now").dataset.task !== arguments[0] && document.querySelector(".waiting").innerText.includes("hands 1")',
                [$task],
            ) === true, 'the other phone sees it');

            // The other takes what comes next, and both tap it: it ends as one.
            $next = $other->executeScript(
                'const take = document.querySelector(".next [data-event=taken]"); take.click(); return take.closest(".row").innerText'
            );
            $this->waitFor(
                fn (): bool => str_contains($this->text('.waiting'), 'hands 1') || str_contains((string) $next, 'at'),
                'taken',
            );
            foreach ([$this->browser, $other] as $phone) {
                $phone->executeScript('document.querySelector("[data-event=late]").click()');
            }
            $this->waitForText('.table-at', '20 min late');
            $this->waitFor(static fn (): bool => str_contains((string) $other->executeScript(
                'return document.querySelector(".table-at").innerText',
            ), '20 min late'), 'both see both');
        } finally {
            $other->quit();
        }
    }

    /** @return array<string, string> what is to be put ready for each task, by the meal's list */
    private function listed(): array
    {
        return $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
            fetch(`${location.pathname}/list`).then((page) => page.text()).then((html) => {
                const list = new DOMParser().parseFromString(html, "text/html");
                done(Object.fromEntries([...list.querySelectorAll("[id^=ready-]")].map((one) => [one.id.slice(6),
                    one.textContent.replace(/\\s+/g, " ").split(": ").slice(1).join(": ")])));
            });',
        );
    }

    /** @param  array<string, string>  $list */
    private function assertAllWasTold(array $list): void
    {
        self::assertNotSame([], $list);
        foreach ($list as $task => $things) {
            self::assertArrayHasKey($task, $this->told, "{$task} was read");
            if ($this->told[$task] === null) {
                continue;
            }
            foreach ($this->told[$task] as $one) {
                $one = (string) preg_replace('/\s+in at \d+:\d+$/u', '', str_replace("\n", ' ', $one));
                $amount = (string) preg_replace('/ fat to cook.*$/u', '', $one);
                $pattern = $amount === $one ? preg_quote($one, '/') : preg_quote($amount, '/').' fat for “[^”]*”';
                $left = (string) preg_replace("/{$pattern}/u", '', $things, 1);
                self::assertNotSame($things, $left, "{$one} is on the list of {$task}, once");
                $things = $left;
            }
            self::assertMatchesRegularExpression('/^[, ]*$/', $things, "{$task}: all of it was told");
        }
    }

    private function start(string $task): string
    {
        return (string) $this->find("[data-task=\"{$task}\"][tabindex]")->getAttribute('data-start');
    }

    /** Nothing is under way that would move the page under a click. */
    private function waitTillBettered(): void
    {
        $this->waitFor(
            fn (): bool => $this->browser->executeScript(
                'return Alpine.$data(document.querySelector("[data-better]")).looking;'
            ) === false, 'no plan is being bettered', 30,
        );
    }
}
