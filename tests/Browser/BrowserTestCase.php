<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** A browser on the demo kitchen. */
abstract class BrowserTestCase extends TestCase
{
    protected const WIDTH = 1280;

    protected const HEIGHT = 800;

    private const WAIT_S = 60;

    private const TAP_AGAIN_S = 4.0;

    protected RemoteWebDriver $browser;

    protected Stack $stack;

    protected function setUp(): void
    {
        $this->stack = Stack::get();
        $this->stack->fresh();
        $this->browser = $this->stack->keptBrowser(static::WIDTH, static::HEIGHT);
    }

    protected function tearDown(): void
    {
        $this->stack->clear($this->browser);
    }

    protected function visit(string $path): void
    {
        $this->browser->get($this->stack->url.$path);
    }

    /** Opens a dish from the shelf; the shelf once more where a request of the test before was still under way. */
    protected function openDish(string $name): void
    {
        $this->waitFor(function () use ($name): bool {
            // Found by its name: eleven dishes are more than the first page of the shelf holds.
            $this->visit('/shelf?find='.rawurlencode($name));

            return (bool) $this->browser->executeScript(
                'const dish = [...document.querySelectorAll(".shelf .dish")].find((one) => one.textContent.includes(arguments[0])); dish?.click(); return dish !== undefined;',
                [$name],
            );
        }, "{$name} is on the shelf");
        $this->waitForText('.picture h1', $name);
    }

    /** Opens a meal of the Shelf by its name, whichever comes first, and lets it look for a shorter plan. */
    protected function openMeal(string $name): void
    {
        $this->visit('/shelf');
        $this->browser->executeScript(
            '[...document.querySelectorAll(".meals-ahead a")].find((meal) => meal.textContent.includes(arguments[0])).click()',
            [$name],
        );
        $this->waitForText('.meal-name', $name);
        $this->waitFor(fn (): bool => $this->isHidden('.bettering'), 'it has looked for a shorter plan');
    }

    protected function open(string $station): void
    {
        // A page on a loaded machine may not listen yet: what has not opened is tapped again, as a hand does.
        $tapped = 0.0;
        $this->waitFor(function () use ($station, &$tapped): bool {
            $opener = $this->find("[data-open={$station}]");
            if ($opener->getAttribute('aria-expanded') !== 'true' && microtime(true) > $tapped + self::TAP_AGAIN_S) {
                $opener->click();
                $tapped = microtime(true);
            }

            return $this->browser->findElements(
                WebDriverBy::cssSelector("#station-{$station} .more:not([data-lazy])"),
            ) !== [];
        }, "{$station} is open");
        $this->waitFor(fn (): bool => $this->isSeen("#station-{$station} .more"), "{$station} is open");
    }

    /** What stands there, waited for: a page may still be on its way, or draw itself anew. */
    protected function find(string $selector): RemoteWebElement
    {
        $look = fn (): ?RemoteWebElement => $this->browser->findElements(WebDriverBy::cssSelector($selector))[0] ?? null;
        for ($looks = 0; $looks < 100 && $look() === null; $looks++) {
            usleep(100_000);
        }
        $there = $this->browser->findElement(WebDriverBy::cssSelector($selector));

        return $there instanceof Hand ? $there->at(static fn (): ?string => $look()?->getID()) : $there;
    }

    /**
     * What is read there, nothing where it is not shown; as the page itself has it, since asking the driver takes it
     * five times the work.
     */
    protected function text(string $selector, ?RemoteWebDriver $browser = null): string
    {
        return trim((string) ($browser ?? $this->browser)->executeScript(
            'const there = document.querySelector(arguments[0]); return there.checkVisibility() ? there.innerText ?? there.textContent : "";',
            [$selector],
        ));
    }

    /** Whether it is seen, as the page itself has it: a driver may take what lies in a closed line for shown. */
    protected function isSeen(string $selector): bool
    {
        return $this->browser->executeScript(
            'return document.querySelector(arguments[0])?.checkVisibility({ visibilityProperty: true }) ?? false', [$selector],
        ) === true;
    }

    /** Whether it is there and not seen. */
    protected function isHidden(string $selector): bool
    {
        return $this->browser->executeScript(
            'return document.querySelector(arguments[0])?.checkVisibility({ visibilityProperty: true }) === false', [$selector],
        ) === true;
    }

    /** What a control holds now, as against what the page came with. */
    protected function value(string $selector, ?RemoteWebDriver $browser = null): string
    {
        return (string) ($browser ?? $this->browser)->executeScript(
            'return document.querySelector(arguments[0]).value',
            [$selector],
        );
    }

    /** What a drawing says. */
    protected function drawn(string $selector): string
    {
        return (string) $this->browser->executeScript(
            'return document.querySelector(arguments[0]).textContent.replace(/\s+/g, " ")',
            [$selector],
        );
    }

    /** Types over what a word says and leaves it. */
    protected function change(string $selector, string $value): void
    {
        $word = $this->find($selector);
        $word->click();
        $word->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $word->sendKeys($value.WebDriverKeys::TAB);
    }

    /** Picks another entry of a select, as a hand would. */
    protected function choose(string $selector, string $value): void
    {
        $this->find("{$selector} option[value='{$value}']")->click();
    }

    /** @param  (callable(): string)|null  $there what stands there instead, told where it was waited for in vain */
    protected function waitFor(
        callable $holds, string $what, int $seconds = self::WAIT_S, ?callable $there = null,
    ): void {
        $there ??= static fn (): string => '';
        $until = microtime(true) + $seconds;
        do {
            try {
                if ($holds()) {
                    $this->addToAssertionCount(1);

                    return;
                }
            } catch (\Facebook\WebDriver\Exception\WebDriverException) {
                // Redrawn under our hands: look again.
            }
            usleep(50_000);
        } while (microtime(true) < $until);

        self::fail("Waited in vain: {$what}. {$there()}The page says: ".mb_strimwidth($this->text('body'), 0, 1500));
    }

    /** Begins the meal that is open; one of another day is begun as it stands. */
    protected function beginMeal(): void
    {
        $this->find('.begin-meal button')->click();
        $asks = fn (): array => $this->browser->findElements(WebDriverBy::cssSelector('button[value="planned"]'));
        $isThere = fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/');
        $this->waitFor(static fn (): bool => $isThere() || $asks() !== [], 'at the stove, or asked');
        if (! $isThere()) {
            $this->assertAccessible('asked whether it is cooked now');
            $asks()[0]->click();
        }
        $this->waitFor($isThere, 'at the stove');
    }

    protected function waitForText(string $selector, string $text): void
    {
        $this->waitFor(
            fn (): bool => str_contains($this->text($selector), $text), "{$selector} says \"{$text}\"",
            there: fn (): string => 'It says: '.json_encode($this->browser->executeScript(
                'return document.querySelector(arguments[0])?.textContent ?? null', [$selector],
            ), JSON_UNESCAPED_UNICODE).'. ',
        );
    }

    /**
     * Nothing that axe-core can see keeps anyone out.
     *
     * @param  list<string>  $rules only these; all where none is given
     */
    protected function assertAccessible(string $where, array $rules = []): void
    {
        $this->browser->executeScript(
            (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
        );
        /**
         * @var list<array{
         *     id: string, help: string, nodes: list<array{html: string, failureSummary: string}>
         * }> $violations
         */
        $violations = $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; const rules = arguments[0].length ? { runOnly: arguments[0] } : {};
            axe.run({ resultTypes: ["violations"], ...rules }).then((result) => done(result.violations));', [$rules],
        );
        $told = array_map(
            static fn (array $violation): string => "{$violation['id']}: {$violation['help']}\n  ".implode(
                "\n  ",
                array_map(
                    static fn (array $node): string => $node['html'].' '.$node['failureSummary'],
                    array_slice($violation['nodes'], 0, 3),
                ),
            ),
            $violations,
        );

        self::assertSame([], $told, "axe-core on {$where}");
    }

    /** The numbers of a figure's text: "1.35 kg" → 1.35. */
    protected static function number(string $text): float
    {
        return (float) preg_replace('/[^0-9.\-]/', '', $text);
    }

    /** Every step is there, as it now stands, for when the server is gone. */
    protected function untilItCanGoOnAlone(): void
    {
        $this->waitFor(
            fn (): bool => $this->browser->executeScript(
                'const stove = Alpine.$data(document.querySelector(".stove")); return stove?.steps?.length > 0 && !stove.areStepsKept'
            ) === true,
            'the steps are there',
        );
    }

    /** Runs the practice clock forward from the page. */
    protected function forward(int $seconds): void
    {
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'
            .'fetch("/practice-clock", {method: "POST", headers: {"Content-Type": "application/json", Accept: "application/json", "X-CSRF-TOKEN": document.querySelector("meta[name=csrf-token]").content}, body: JSON.stringify({forward_s: arguments[0]})}).then(() => done());',
            [$seconds],
        );
    }
}
