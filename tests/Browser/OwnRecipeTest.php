<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A cook pastes a recipe of one's own, and it is planned and cooked as it is written. */
final class OwnRecipeTest extends BrowserTestCase
{
    public function test_a_pasted_egg_dish_is_planned_and_its_looks_and_tastes_are_asked_at_the_stove(): void
    {
        $this->paste('chatty-egg');
        $this->waitForText('.recipe-steps', 'Fry the onions in plenty of oil');
        $this->assertAccessible('a pasted recipe');
        $this->find('.page form button.act')->click();
        $this->waitForText('.picture h1', 'Sunday egg biryani');
        $this->open('filling');
        $this->waitFor(fn (): bool => $this->words('.work-steps') === [
            'Boil the eggs, peel them and prick them with a fork', 'Fry the onions in plenty of oil',
            'Add paste, tomatoes and powders and cook on a medium heat',
        ], 'its sentences are the steps');
        // A step is changed: what is tasted at it.
        $this->choose('#fillings0steps1tastes', 'gravy');
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'return document.querySelector("#fillings0steps1tastes").value',
        ) === 'gravy', 'it is tasted');
        $this->assertAccessible('the steps of a recipe');
        $this->open('heat');
        $this->waitForText('#station-heat .as-told', 'lowest heat for 20 minutes');

        $this->find('.begin-cook button')->click();
        $this->till('filling-2', 'started');
        $this->tapped('.act.main');
        $this->waitForText('.goes-in', '330 g (3) onions');
        self::assertFalse($this->isSeen('#look'), 'not before it can be');
        $this->forward(15 * 60);
        $this->waitForText('#look', 'Deep brown?');
        $this->waitForText('.act.main', 'Yes');
        $this->assertAccessible('the Stove with a look');
        $until = $this->until();
        $this->tapped('[data-event=lengthened][data-minutes="3"]');
        self::assertSame($until + 180, $this->until(), 'three minutes more');
        $this->tapped('[data-event=tasted][data-taste=flat]');
        $this->waitForText('.now', 'of salt, wait a minute, taste again');
        $this->tapped('[data-how=too-far]');
        $this->waitForText('.changed', 'went too far');
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'return document.querySelector("[data-task=\'d1/filling-2\']")',
        ) === null, 'it is done');
    }

    public function test_a_raw_meat_dish_of_one_breath_keeps_its_marinade_its_seal_and_its_heat(): void
    {
        $this->paste('papaya-kacchi');
        $this->waitForText('.recipe-steps', 'Seal with atta dough');
        $this->find('.page form button.act')->click();
        $this->waitForText('.picture .under', 'Raw filling');
        self::assertStringContainsString('dough round the rim', $this->text('.picture .caption'));
        $this->open('filling');
        self::assertSame('540', $this->find('#fillings0marinademinutes')->getAttribute('value'));
        $this->open('water');
        $this->waitForText('#station-water .as-told', 'Boiled 4 to 5 min, as you do it');
        $this->open('heat');
        $this->waitForText('#station-heat', '“Cook 15 min on high flame”');
        // Taken, it is the cook's own line: the words are marks of the ring.
        $this->browser->executeScript('document.querySelector("#station-heat .as-told button").click()');
        $this->waitForText('#station-heat', 'As your recipe has it');
        $this->waitForText('#station-heat', 'Your own heat');
    }

    public function test_a_text_that_is_refused_is_still_there_when_one_goes_back(): void
    {
        $this->visit('/shelf');
        $text = "Nothing to eat\n\nin here at all";
        $this->browser->executeScript('document.querySelector(".as-text").open = true');
        $this->find('textarea[name=text]')->sendKeys($text);
        $this->find('.as-text button')->click();
        $this->waitForText('main', 'no line of it names a food');
        $this->find('a[data-back]')->click();
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'return document.querySelector("textarea[name=text]")?.value',
        ) === $text, 'what was typed is still there');
    }

    public function test_a_vegetable_dish_from_a_file_and_raw_lamb_beside_it_are_cooked_to_the_table(): void
    {
        $this->visit('/shelf');
        $this->find('#file')->sendKeys(dirname(__DIR__).'/data/recipes/vegetables.jsonld');
        $this->find('#file + button, form:has(#file) button')->click();
        $this->waitForText('.recipe-steps', 'until a knife goes in');
        $this->find('.page form button.act')->click();
        $this->waitForText('.picture h1', 'Cauliflower and pea dum rice');
        // Planned without anybody touching a step.
        $this->open('filling');
        $this->waitFor(fn (): bool => count($this->words('.work-steps')) === 2, 'its sentences are the steps');
        $this->browser->executeScript(<<<'JS'
            const form = document.querySelector('form[data-add=fillings]');
            form.closest('details').open = true;
            form.elements.name.value = 'lamb';
            form.elements.kind.value = 'lamb-cubes';
            form.elements.of_rice.value = '1';
            form.elements.beside.checked = true;
            form.requestSubmit();
        JS);
        $this->waitForText('#station-filling', 'Cooked beside the pot');
        $this->waitFor(fn (): bool => count($this->words('.work-steps')) > 3, 'the lamb brings its work');
        $this->assertAccessible('two fillings and their work');
        $this->find('.begin-cook button')->click();
        $told = $this->toTheTable();
        foreach (['350 g', '400 g', '150 g', 'lamb'] as $amount) {
            self::assertStringContainsString($amount, implode("\n", $told), 'told at the step where it goes in');
        }
        $order = array_keys($told);
        $at = static fn (string $words): int => (int) array_search(
            true, array_map(static fn (string $name): bool => stripos($name, $words) !== false, $order), true,
        );
        self::assertGreaterThan(0, $at('lamb'), 'the lamb is cooked');
        $served = count($order) - 1;
        self::assertLessThan($served, $at('lamb'), 'before it is served');
        self::assertLessThan($served, $at('boil'), 'and the rice boiled');
    }

    /** @return array<string, string> what the Stove told at each task, by its name, in the order in which they came */
    private function toTheTable(): array
    {
        $told = [];
        for ($step = 0; $step < 60 && ! str_contains($this->text('.now'), 'On the table'); $step++) {
            $this->waitForText('.now h1', '');
            $name = $this->text('.now h1');
            $told[$name] = ($told[$name] ?? '').$this->text('.now');
            $hasAct = $this->browser->executeScript('return document.querySelector(".act.main") !== null');
            if ($hasAct === true) {
                $this->tapped('.act.main');
            } else {
                $this->forward(300);
            }
        }
        self::assertStringContainsString('On the table', $this->text('.now'), implode(', ', array_keys($told)));

        return $told;
    }

    private function paste(string $recipe): void
    {
        $this->visit('/shelf');
        $this->browser->executeScript(
            'const text = document.querySelector("textarea[name=text]"); text.value = arguments[0]; text.form.requestSubmit();',
            [(string) file_get_contents(dirname(__DIR__)."/data/recipes/{$recipe}.txt")],
        );
    }

    /** @return list<string> the words of each step that say what is done */
    private function words(string $of): array
    {
        return array_values(array_map(
            static fn ($word): string => (string) $word->getAttribute('value'),
            $this->browser->findElements(WebDriverBy::cssSelector("{$of} [data-path$='/name']:not([data-path*=pours])")),
        ));
    }

    /** Does what comes, till a task of the dish is next and can be begun. */
    private function till(string $task, string $event): void
    {
        $this->waitForText('.now', 'min');
        for ($done = 0; $done < 30; $done++) {
            [$is, $does] = (array) $this->browser->executeScript(
                'return [document.querySelector(".now")?.dataset.task, document.querySelector(".act.main")?.dataset.event]',
            );
            if ([$is, $does] === ["d1/{$task}", $event]) {
                return;
            }
            $this->tapped('.act.main');
        }
        self::fail("{$task} never came");
    }

    private function tapped(string $what): void
    {
        $seen = $this->browser->executeScript(
            'const seen = Alpine.$data(document.querySelector(".stove")).seen; document.querySelector(arguments[0]).click(); return seen;',
            [$what],
        );
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'const stove = Alpine.$data(document.querySelector(".stove")); return stove.seen !== arguments[0] && stove.waiting === 0',
            [$seen],
        ) === true, 'it is noted');
    }

    private function until(): int
    {
        return (int) $this->find('.now .count')->getAttribute('data-until');
    }
}
