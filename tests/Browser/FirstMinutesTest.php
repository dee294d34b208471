<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** From an empty installation to a right plan in one's own kitchen, by keyboard alone. */
class FirstMinutesTest extends BrowserTestCase
{
    private int $steps = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stack->emptied();
    }

    public function test_a_kitchen_of_ones_own_and_a_right_dish_in_it(): void
    {
        $this->visit('/');
        $this->waitForText('h1', 'How do you measure?');
        $this->waitForText('.lead', 'Orbek works out layered, steamed rice');
        $this->assertAccessible('the first minutes');
        $this->choose('[name=units]', 'cups');
        $this->onward('Where does it cook?');
        $this->answer('name', 'Loft');
        $this->choose('[name=how]', 'height');
        $this->answer('altitude_m', '1200');
        $this->waitForText('#drawn', 'water boils at 96');
        $this->onward('Which pots');
        $this->answer('pots[0][diameter_cm]', '26');
        $this->answer('pots[0][litres]', '6');
        $this->waitForText('#drawn', '26 cm');
        $this->press('[name=go][value=row]');
        $this->waitFor(fn (): bool => $this->has('[name="pots[1][litres]"]'), 'another row');
        $this->answer('pots[1][diameter_cm]', '90');
        // One clear answer, and nothing is lost by it.
        $this->waitForText('#drawn [role=alert]', '90 is out of range; give 10 to 60 cm');
        $this->answer('pots[1][diameter_cm]', '20');
        $this->answer('pots[1][litres]', '3');
        $this->onward('What do they stand on?');
        $this->choose('[name="rings[0][knob]"]', 'nine');
        $this->answer('rings[0][kw]', '2.4');
        $this->press('[name=go][value=like-0]');
        $this->waitFor(fn (): bool => $this->has('[name="rings[1][kw]"]'), 'another ring like it');
        self::assertSame('nine', $this->value('[name="rings[1][knob]"]'));
        $this->onward('Is there a plate');
        // Back and forth without loss, closed and opened again.
        $this->press('[name=go][value=back]');
        $this->waitForText('h1', 'What do they stand on?');
        self::assertSame('2.4', $this->value('[name="rings[0][kw]"]'));
        $this->visit('/begin/plates');
        $this->choose('[name=which]', 'tava');
        foreach (['Is there an oven', 'Which rice', 'Who eats'] as $asked) {
            $this->onward($asked);
        }
        $this->answer('eaters', '3');
        $this->onward('A first dish');
        $this->assertAccessible('a first dish');
        $this->press('[name=school][value=raw-filling]');
        $this->waitForText('.picture h1', 'A first dish');
        self::assertStringContainsString(
            'Loft', (string) $this->find('.masthead .kitchen')->getDomProperty('textContent'),
        );
        self::assertSame(0, $this->there('.station .clash'), 'nothing will not do');
        $this->waitForText('.begin-cook', 'on the table at');
        // Seconds are told by ./orbek bench; a hand goes through so many controls.
        self::assertLessThan(40, $this->steps);
    }

    /** Types into a field as a hand would, and leaves it. */
    protected function answer(string $name, string $value): void
    {
        $this->steps++;
        $field = $this->find("[name=\"{$name}\"]");
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($value.WebDriverKeys::TAB);
    }

    protected function choose(string $selector, string $value): void
    {
        $this->steps++;
        parent::choose($selector, $value);
    }

    /** A button by the keyboard. */
    protected function press(string $selector): void
    {
        $this->steps++;
        $this->find($selector)->sendKeys(WebDriverKeys::ENTER);
    }

    protected function onward(string $asked): void
    {
        $this->press('.goes [name=go][value=next]');
        $this->waitForText('h1', $asked);
    }

    private function has(string $selector): bool
    {
        return $this->there($selector) > 0;
    }

    private function there(string $selector): int
    {
        return (int) $this->browser->executeScript(
            'return document.querySelectorAll(arguments[0]).length', [$selector],
        );
    }
}
