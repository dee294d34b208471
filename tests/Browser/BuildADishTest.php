<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A cook builds a dish: from its school, layer by layer, in and out of files. */
final class BuildADishTest extends BrowserTestCase
{
    public function test_a_raw_filling_dish_from_its_school(): void
    {
        $this->visit('/shelf');
        $this->browser->executeScript('document.querySelector(".schools button[value=raw-filling]").click()');
        $this->waitForText('.picture h1', 'A new dish: Raw filling');
        $this->open('filling');
        $this->waitForText('#station-filling .more', 'Marinade:');
        $this->assertAccessible('the Pot at Filling');

        $this->change('#fillings0marinademinutes', '720');
        $this->waitForText('#station-filling .two-ways:nth-of-type(2)', 'Yogurt in the overnight marinade');
        $this->find('#station-filling .adding summary')->click();
        $this->find('#station-filling form[data-add=parts] [name=name]')->sendKeys('eggs');
        $this->choose('#station-filling form[data-add=parts] [name=kind]', 'egg');
        $this->find('#station-filling form[data-add=parts] [name=piece_g]')->sendKeys('50');
        $this->find('#station-filling form[data-add=parts] button')->click();
        $this->waitFor(fn (): bool => $this->browser->findElements(
            WebDriverBy::cssSelector('#station-filling table input[value=eggs]'),
        ) !== [], 'eggs are a part');
        $this->waitForText('#station-filling .amounts', 'g (');

        // A second filling by hand: it lies under the rice on top, and its own words follow it.
        $this->browser->executeScript(
            '[...document.querySelectorAll("#station-filling details.adding")].find((more) => more.querySelector("form[data-add=fillings]")).open = true',
        );
        $this->find('form[data-add=fillings] [name=name]')->sendKeys('potatoes');
        $this->choose('form[data-add=fillings] [name=kind]', 'root-vegetables');
        $this->find('form[data-add=fillings] button')->click();
        $this->waitForText('#station-filling', 'Potatoes');
        $this->waitFor(fn (): bool => str_contains($this->drawn('.picture .pot .labels'), 'potatoes'), 'it is drawn');
        $this->browser->executeScript('document.querySelector("[data-path=\'fillings:beside:1\']").click()');
        $this->waitForText('#station-filling', 'Cooked beside the pot');
        $this->waitFor(
            fn (): bool => ! str_contains($this->drawn('.picture .pot .labels'), 'potatoes'), 'no layer of it',
        );
        $this->assertAccessible('the Pot with two fillings');

        // On a table the guests are told of.
        $this->find('.to-meal button')->click();
        $this->waitForText('.meal-name', 'A new dish: Raw filling');
        $this->waitFor(fn (): bool => $this->isHidden('.bettering'), 'it has looked for a shorter plan');
        $this->browser->executeScript('document.querySelector("form[data-add=guests]").closest("details").open = true');
        $this->find('form[data-add=guests] [name=who]')->sendKeys('the neighbour');
        $this->find('form[data-add=guests] [value=gluten]')->click();
        $this->find('form[data-add=guests] button')->click();
        $this->waitForText('.guests', 'gluten in the dough seal');
        $this->assertAccessible('a meal with a guest');
    }

    public function test_a_layer_is_dragged_and_moved_by_keyboard(): void
    {
        $this->openDish('Jackfruit');
        $this->open('layers');
        $this->assertAccessible('the Pot at Layers');
        $before = $this->order();
        self::assertCount(5, $before);

        $top = $this->find('[data-layer="4"]');
        (
            new WebDriverActions($this->browser)
        )->clickAndHold($top)->moveByOffset(0, 30)->moveByOffset(0, 60)->release()->perform();
        $this->waitFor(fn (): bool => $this->order() !== $before, 'the layer went down');
        $dragged = $this->order();
        self::assertSame('Rice, saffron', $before[0]);
        self::assertNotSame('Rice, saffron', $dragged[0]);

        $this->browser->executeScript('document.querySelector("[data-layer=\\"0\\"]").focus()');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_UP);
        $this->waitFor(fn (): bool => $this->order() !== $dragged, 'the lowest layer went up');
        $this->waitFor(
            fn (): bool => $this->browser->executeScript('return document.activeElement.dataset.layer') === '1',
            'the moved layer keeps the focus',
        );

        $shares = fn (): array => array_map(
            static fn ($word): float => (float) $word->getAttribute('value'),
            $this->browser->findElements(WebDriverBy::cssSelector('.splits tr:nth-child(3) input')),
        );
        $this->change('.splits tr:nth-child(3) td:nth-of-type(3) input', '70');
        $this->waitFor(
            fn (): bool => abs($shares()[2] - 70) < 0.5 && abs(array_sum($shares()) - 100) < 1.1,
            'the others make room for the kept share',
        );
    }

    public function test_a_pot_too_small_is_shared_with_another(): void
    {
        $this->openDish('Sour-cherry');
        $this->choose('#lidpot', 'steel-24');
        $this->waitForText('#station-layers .clash', 'is too small');
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('#station-layers .mend')) as $mend) {
            if (str_contains($mend->getText(), 'Share it with')) {
                $mend->click();
                break;
            }
        }
        $this->waitForText('.picture', 'of it in the 20 cm cast iron');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('#station-layers .clash')));
    }

    public function test_a_recipe_is_looked_at_put_right_kept_and_its_export_is_the_same_dish(): void
    {
        $file = sys_get_temp_dir().'/orbek-recipe-'.getmypid().'.json';
        file_put_contents(
            $file,
            (string) json_encode([
                '@type' => 'Recipe', 'name' => 'Lake rice', 'recipeYield' => '4',
                'recipeIngredient' => ['360 g basmati rice', '400 g carrots', '3 moonbeams'],
            ]),
        );
        $this->visit('/shelf');
        $this->find('#file')->sendKeys($file);
        $this->find('.from-file button')->click();
        $this->waitForText('h1', 'Lake rice');
        $this->assertAccessible('a recipe from a file');
        self::assertStringContainsString('of unknown weight', $this->text('tr.unread'));
        $this->choose('[name=school]', 'cooked-filling');
        $this->find('form .act')->click();
        $this->waitForText('.picture h1', 'Lake rice');
        self::assertStringContainsString('Carrots', $this->text('#station-filling'));

        $exported = (string) $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch(document.querySelector("a[href$=\"/file\"]").href).then((answer) => answer.text()).then(done);',
        );
        file_put_contents($file, $exported);
        $this->visit('/shelf');
        $this->find('#file')->sendKeys($file);
        $this->find('.from-file button')->click();
        $this->waitForText('h1', 'Lake rice');
        $this->find('form .act')->click();
        $this->waitForText('.picture h1', 'Lake rice');
        $again = (string) $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch(document.querySelector("a[href$=\"/file\"]").href).then((answer) => answer.text()).then(done);',
        );
        unlink($file);
        self::assertJsonStringEqualsJsonString($exported, $again);
    }

    public function test_what_changed_is_told_and_taken_back(): void
    {
        $this->openDish('Trout');
        $this->change('#usualeaters', '5');
        $this->waitForText('#station-table .result', '450 g');
        $this->find('a[href$="/versions"]')->click();
        $this->waitForText('.versions', 'people: 5, was 3');
        $this->assertAccessible('what changed');
        $this->find('.versions button')->click();
        $this->waitForText('#station-table .result', '270 g');
        $this->visit('/care');
        $this->waitForText('main', 'carbon monoxide');
        $this->assertAccessible('Care');
    }

    public function test_lists_keep_their_ticks_and_measured_rice_reaches_the_table(): void
    {
        $this->openDish('Chickpea');
        $this->find('a[href$="/list"]')->click();
        $this->waitForText('h1', 'Chickpea and spinach one-pot');
        $this->assertAccessible('the lists');
        $this->find('.list-page input[type=checkbox]')->click();
        usleep(400_000);
        $this->browser->navigate()->refresh();
        self::assertTrue($this->find('.list-page input[type=checkbox]')->isSelected());

        $this->openDish('Chickpea');
        $this->find('.begin-cook button')->click();
        $this->waitForText('.now h1', 'Rinse and soak');
        for (
            $step = 0; $step < 25 && $this->browser->findElements(WebDriverBy::cssSelector('.noting')) === []; $step++
        ) {
            $this->forward(1500);
            $before = $this->text('.now');
            $this->browser->executeScript('document.querySelector(".act.main")?.click()');
            $this->waitFor(fn (): bool => $this->text('.now') !== $before, 'the stove goes on');
        }
        $this->waitForText('.now h1', 'How did it come out?');
    }

    /** @return list<string> the layers from the top down */
    private function order(): array
    {
        return array_map(
            static fn ($name): string => trim($name->getText()),
            array_values($this->browser->findElements(WebDriverBy::cssSelector('.layer-list .name'))),
        );
    }
}
