<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A household that reads in Persian: chosen, a meal planned, cooked and noted, a recipe read. */
final class PersianMealTest extends BrowserTestCase
{
    use CooksThrough;

    public function test_a_meal_is_planned_cooked_and_noted_in_persian(): void
    {
        $this->visit('/shelf');
        $this->find('.languages button[value=fa]')->click();
        $this->waitForText('h1', 'بعدی چیست');
        self::assertSame(['fa', 'rtl'], $this->browser->executeScript('const { lang, dir } = document.documentElement; return [lang, dir];'));
        $this->openMeal('Lentil polo on a weekday');
        $this->waitForText('.meal-sentence', 'نفر');
        $this->assertAccessible('the Clock in Persian');
        $this->beginMeal();
        $this->assertAccessible('the Stove in Persian');
        [$this->sits, $this->onTheTable] = ['همه نشسته‌اند', 'سر سفره'];
        $this->cookThrough(null);
        $this->find('.act.main')->click();
        $this->waitForText('.now', 'چطور درآمد؟');
        $this->browser->executeScript(
            'document.querySelectorAll("form.note fieldset:not(.where) .taps label:nth-child(3) input").forEach((tap) => { tap.checked = true; });
            document.querySelector("form.note").requestSubmit();',
        );
        $this->waitForText('main', 'یادداشت شد');
        $this->visit('/notebook');
        $this->waitForText('main', 'دان‌دان و نرم');
        // Another cook of the household reads on in English.
        $this->find('.languages button[value=en]')->click();
        $this->waitForText('main', 'separate, tender');
    }

    public function test_a_recipe_of_nineteen_rows_in_persian_becomes_a_plan(): void
    {
        $this->visit('/shelf');
        $this->find('.languages button[value=fa]')->click();
        $this->waitForText('h1', 'بعدی چیست');
        $recipe = (string) file_get_contents(dirname(__DIR__).'/data/persian/albaloo-polo.txt');
        $this->browser->executeScript(
            'const field = document.querySelector("textarea[name=text]"); field.closest("details")?.setAttribute("open", ""); field.value = arguments[0];
            field.closest("form").requestSubmit();', [$recipe],
        );
        $this->waitForText('h1', 'آلبالو پلو با مرغ');
        $this->assertAccessible('a recipe in Persian');
        self::assertStringContainsString('۱۱', $this->text('main'));
        $this->browser->executeScript('[...document.querySelectorAll("main form button.act")].at(-1).click()');
        $this->waitForText('.picture h1', 'آلبالو پلو با مرغ');
        $this->waitForText('#station-table .result', '۸۴۰ گرم');
        self::assertStringContainsString('ران مرغ', $this->text('.stations'));
    }
}
