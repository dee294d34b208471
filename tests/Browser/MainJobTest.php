<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The main job as a cook does it: from the shelf to the table and into the notebook. */
final class MainJobTest extends BrowserTestCase
{
    /** When to lift, as the Pot foretold it. */
    private string $lift = '';

    public function test_from_the_shelf_to_the_notebook(): void
    {
        $this->visit('/');
        self::assertSame('What is next', $this->text('h1'));
        $this->assertAccessible('the Shelf');
        $this->browser->executeScript(
            '[...document.querySelectorAll(".shelf .dish")].find((dish) => dish.textContent.includes("Sour-cherry")).click()',
        );

        // Nine become five: rice, water, layers, drawing and clock follow.
        $this->waitForText('#station-table .result', '797 g');
        $this->assertAccessible('the Pot');
        $before = $this->followers();
        $this->change('#usualeaters', '5');
        $this->waitForText('#station-table .result', '450 g');
        // What is out of sight is drawn after what is in sight.
        foreach ($before as $what => $shown) {
            $this->waitFor(fn (): bool => $this->followers()[$what] !== $shown, "{$what} follows");
        }
        $this->lift = $this->followers()['lift'];
        self::assertSame(2.7, self::number($this->text('#station-water .sentence details')));

        $this->visit((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH).'/clock');
        $this->waitForText('.ropes h1', 'for 5');
        self::assertStringContainsString('2.7 L to the boil', $this->drawn('.drawing.clock'));
        $this->assertAccessible('the Clock');

        $this->browser->navigate()->back();
        $this->waitForText('#station-table .result', '450 g');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse and soak');
        $this->assertAccessible('the Stove');

        $this->cookToTheTable();

        $this->waitForText('.now h1', 'How did it come out?');
        foreach (['rice' => 'right', 'crust' => 'golden', 'filling' => 'right'] as $name => $value) {
            $this->find("input[name={$name}][value={$value}]")->click();
        }
        $this->assertAccessible('the note');
        $this->find('#line0')->sendKeys('The lake froze; the crust did not.');
        $this->find('.note .main')->click();
        $this->waitForText('.now h1', 'Noted');
        $this->find('a[href$="/notebook"][data-place]')->click();
        $this->waitForText('.notebook li', 'The lake froze; the crust did not.');
        self::assertStringContainsString('for 5, 450 g of rice', $this->text('.notebook li'));
        self::assertMatchesRegularExpression(
            '/lifted at\s+5 min \d+ s of '.$this->lift.' foretold/',
            $this->text('.notebook li'),
        );
        $this->assertAccessible('the Notebook');
    }

    public function test_a_pot_too_small_is_mended_with_a_button(): void
    {
        $this->visit('/pot');
        $this->choose('#lidpot', 'steel-24');
        $this->waitForText('#station-layers .clash', '24 cm steel, 5.5 L is too small');
        $this->assertAccessible('the Pot with a clash');
        $this->find('#station-layers .mend')->click();
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('#station-layers .clash')) === [],
            'the clash is gone',
        );
        self::assertSame('aluminium-28', $this->value('#lidpot'));
    }

    public function test_nobody_and_four_hundred_are_answered_in_the_page(): void
    {
        $this->visit('/pot');
        foreach (['0', '400', ''] as $eaters) {
            $this->change('#usualeaters', $eaters === '' ? WebDriverKeys::DELETE : $eaters);
            $this->waitForText('.message', 'Give 1 to 60.');
            self::assertSame('9', $this->value('#usualeaters'));
            $this->find('.message button')->click();
        }
    }

    public function test_a_layer_is_moved_and_halved_by_keyboard_and_the_drawing_follows(): void
    {
        $this->visit('/pot#layers');
        $this->waitForText('.layer-list li', 'Rice, saffron');
        $this->assertAccessible('the layers');
        $before = $this->drawn('.picture .pot .labels');
        $this->find('[data-path="layers:down:2"]')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('.layer-list li', 'Chicken, cherries');
        $this->waitFor(fn (): bool => $this->drawn('.picture .pot .labels') !== $before, 'the drawing follows');
        $this->find('[data-path="layers:halve:2"]')->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor(
            fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('.layer-list li'))) === 4,
            'four layers',
        );
        $this->change('[data-path="layers:share:3"]', '30');
        $this->waitFor(
            fn (): bool => $this->value('[data-path="layers:share:2"]') === '70',
            'the other half takes the rest',
        );
    }

    public function test_what_is_drawn_in_place_is_what_a_page_loaded_anew_shows(): void
    {
        $this->visit('/pot');
        $this->browser->executeScript('document.querySelector(".picture .pot [data-layer]").focus()');
        foreach (['#usualeaters' => '8', '#fillings0salt-g-per-kg' => '14', '#ricerinses' => '2'] as $word => $value) {
            $this->redrawnBy($word, $value);
        }
        $focus = $this->browser->executeScript('return document.activeElement.dataset.layer');
        self::assertSame('0', $focus, 'the layer in hand is still');
        // More stretches, another pot, another station in hand: pictures of other shapes.
        $this->redrawnBy('#lidpot', 'steel-24');
        $this->redrawnBy('#usualeaters', '3');
        $this->open('heat');
        $this->redrawnBy('#heatminutes1', '20');
        $this->redrawnBy('#lidseal', 'cloth');
        // One chosen by hand and not sent goes back, though nothing else of its line changes.
        $this->browser->executeScript('document.querySelector("#waterdrain").value = "rinse"');
        $this->redrawnBy('#usualchildren', '1');
        self::assertSame('heap', $this->value('#waterdrain'));

        $drawn = $this->body();
        $this->visit('/pot#heat');
        $this->waitFor(fn (): bool => $this->isSeen('#station-heat .more table'), 'it is open as it was');
        self::assertSame($this->body(), $drawn);
    }

    /** The pot and its stations as they stand, but for what is filled later and the id of a cook to begin. */
    private function body(): string
    {
        return (string) $this->browser->executeScript(
            'const body = document.getElementById("body").cloneNode(true);
            body.querySelectorAll("[data-kept], .begin-cook input, svg .slid, .more[hidden]").forEach((one) => one.remove());
            const own = (one) => [...one.childNodes].filter((node) => node.nodeType === 3).map((node) => node.nodeValue.trim()).join("|");
            const named = (one) => [...one.attributes].map((each) => `${each.name}=${each.value}`).sort().join(" ");
            return [...body.querySelectorAll("*")].map((one) => `${one.tagName} ${named(one)} ${own(one)}`).join("\n");',
        );
    }

    private function redrawnBy(string $word, string $value): void
    {
        $this->browser->executeAsyncScript(
            'const [selector, value, done] = arguments; const word = document.querySelector(selector); document.addEventListener("orbek:drawn", () => done(), { once: true }); word.value = value; word.dispatchEvent(new Event("change", { bubbles: true }));',
            [$word, $value],
        );
    }

    public function test_a_time_that_has_passed_is_mended(): void
    {
        $this->openMeal('Winter supper');
        $this->browser->executeScript(
            'const day = document.querySelector("[data-path=serve_at][data-part=day]"); day.add(new Option("long ago", "2026-01-03")); day.value = "2026-01-03"; day.dispatchEvent(new Event("change", {bubbles: true}));',
        );
        $this->waitForText('#meal-says .clash', 'has passed');
        // By the page itself: a driver whose click was taken and redrawn by looks for it anew in vain.
        $this->browser->executeScript('document.querySelector("#meal-says .clash .mend").click()');
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('#meal-says .clash')) === [],
            'the clash is gone',
        );
        $this->change('[data-part=time]', '25:99');
        $this->waitForText('.message', 'Give a time such as 19:30.');
        $this->change('[data-part=time]', '7:05');
        $this->waitFor(fn (): bool => $this->value('[data-part=time]') === '07:05', 'the time is taken');
        $this->change('[data-part=time]', '۱۹:۴۵');
        $this->waitFor(fn (): bool => $this->value('[data-part=time]') === '19:45', 'typed in Persian it is taken too');
    }

    public function test_two_windows_on_one_dish(): void
    {
        $this->visit('/pot');
        $second = $this->stack->browser(1280, 800);
        try {
            $second->get($this->browser->getCurrentURL());
            $this->change('#usualeaters', '5');
            $this->waitForText('#station-table .result', '450 g');
            $word = $second->findElement(WebDriverBy::cssSelector('#watersalt-g-per-l'));
            $word->click();
            $word->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $word->sendKeys('20'.WebDriverKeys::TAB);
            $this->waitFor(
                fn (): bool => str_contains(
                    $this->text('.message', $second),
                    'another window',
                ),
                'the second window is told',
            );
            $this->waitFor(
                fn (): bool => $this->value('#usualeaters', $second) === '5',
                'it shows what the first one made of it',
            );
            $second->executeScript(
                '[...document.querySelectorAll(".message button")].find((button) => button.textContent.includes("Make my change now")).click()',
            );
            $this->waitFor(
                fn (): bool => str_contains(
                    $this->text('#station-water .sentence', $second),
                    '54 g',
                ),
                'and its own change is not lost',
            );
        } finally {
            $second->quit();
        }
    }

    public function test_figures_open_to_their_reasons_by_keyboard(): void
    {
        $this->visit('/pot');
        $figure = $this->find('#station-table .result summary');
        $figure->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('#station-table .result .why', '8.85 shares of 90 g');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->waitFor(fn (): bool => ! $this->isSeen('#station-table .result .why'), 'closed');
        $this->find('h1')->click();
        $this->browser->getKeyboard()->sendKeys(']');
        $this->waitFor(
            fn (): bool => $this->isSeen('#station-filling .more') && ! $this->isSeen('#station-water .more'),
            'the next station is open',
        );
        $this->browser->getKeyboard()->sendKeys('?');
        $this->waitForText('#keys', 'places, left to right');
    }

    /** Does each step when it is due, reloading in the middle of the boil. */
    private function cookToTheTable(): void
    {
        $reloaded = false;
        for ($step = 0; $step < 60; $step++) {
            if ($this->browser->findElements(WebDriverBy::cssSelector('.noting')) !== []) {
                self::assertTrue($reloaded, 'the boil was seen');

                return;
            }
            $task = $this->find('.now')->getAttribute('data-task');
            $button = $this->find('.act.main');
            if ($task === 'd1/boil' && $button->getAttribute('data-event') === 'done') {
                $core = $this->coreScale();
                $this->forward(340);
                $this->browser->navigate()->refresh();
                $this->waitFor(
                    fn (): bool => $this->coreScale() < $core - 0.2,
                    'after the reload the grain is drawn as it stands',
                );
                self::assertMatchesRegularExpression('/^(5:4|5:5|6:)/', $this->text('.count'));
                self::assertStringContainsString('Lift at '.$this->lift, $this->text('.lifts'));
                $this->assertAccessible('the boil');
                $reloaded = true;
                $button = $this->find('.act.main');
            } elseif ($this->browser->findElements(WebDriverBy::cssSelector('.now .count')) !== []) {
                $left = (int) $this->browser->executeScript(
                    'const at = document.querySelector(".now .count").dataset.until; return at ? Math.ceil(at - Alpine.$data(document.querySelector(".stove")).now()) : 0;',
                );
                if ($left > 0) {
                    $this->forward($left);
                    $this->browser->navigate()->refresh();

                }
            }
            // Not the page as a whole, whose count changes every second.
            $shown = fn (): mixed => $this->browser->executeScript(
                'return `${document.querySelector(".now")?.dataset.task} ${document.querySelector(".act.main")?.dataset.event}`',
            );
            $before = $shown();
            $this->browser->executeScript('document.querySelector(".act.main").click()');
            $this->waitFor(
                fn (): bool => $shown() !== $before
                    && $this->browser->executeScript(
                        'return Alpine.$data(document.querySelector(".stove")).waiting',
                    ) === 0,
                "step {$step} ({$task}) is taken",
            );
        }
        self::fail('Sixty steps and not at the table: '.$this->text('body'));
    }

    private function coreScale(): float
    {
        return (float) preg_replace(
            '/[^0-9.]/',
            '',
            (string) $this->browser->executeScript(
                'return document.querySelector("[data-live-grain] .core").getAttribute("transform")',
            ),
        );
    }

    /** @return array<string, string> what must follow when the table changes */
    private function followers(): array
    {
        return [
            'rice' => $this->text('#station-table .result summary'),
            'water' => $this->text('#station-water .sentence details'),
            'salt' => $this->text('#station-water .sentence details:nth-of-type(2)'),
            'filling' => $this->text('#station-filling .result summary'),
            'weight' => $this->text('#station-serve .sentence details'),
            'layers in the drawing' => $this->drawn('.picture .pot .labels'),
            'the mound' => (string) $this->find('.picture .pot .matter .hatched')->getAttribute('d'),
            'lift' => $this->text('#station-water .result summary'),
        ];
    }
}
