<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A meal at the Stove, 390 px wide: each step measured. */
final class MealOnThePhoneTest extends BrowserTestCase
{
    use CooksThrough;

    protected const WIDTH = 390;

    protected const HEIGHT = 844;

    public function test_every_step_holds_on_a_phone_in_long_persian_names(): void
    {
        $name = 'آلبالو پلو با ران مرغ و زعفران دم‌کرده برای مهمانی بزرگ';
        $this->openDish('Lentil, date');
        $this->browser->executeScript(
            'const name = document.querySelector(".renaming input"); name.value = arguments[0];
            name.dispatchEvent(new Event("change", { bubbles: true }));', [$name],
        );
        $this->waitForText('.picture h1', 'آلبالو');
        $this->openMeal('Lentil polo on a weekday');
        $this->beginMeal();
        $faults = [];
        $this->cookThrough(null, function () use (&$faults): void {
            array_push($faults, ...$this->measured());
        });
        self::assertSame([], array_values(array_unique($faults)));
    }

    /** @return list<string> letters under 12 px, targets under 48, what lies past the edge or over another */
    private function measured(): array
    {
        $found = $this->browser->executeScript(<<<'JS'
            const task = document.querySelector('.now').dataset.task ?? 'table';
            const faults = [];
            const seen = (one) => {
                const { width, height } = one.getBoundingClientRect();
                return width > 1 && height > 1 && getComputedStyle(one).visibility !== 'hidden'
                    && ! one.closest('.visually-hidden, [hidden], .skip, dialog:not([open]), details:not([open]) > :not(summary)');
            };
            if (document.documentElement.scrollWidth > innerWidth) faults.push(`${task}: wider than the phone`);
            for (const one of document.querySelectorAll('body *')) {
                if (! seen(one) || ! [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim())) continue;
                const ctm = one.closest('svg') ? one.getScreenCTM?.() : null;
                const px = parseFloat(getComputedStyle(one).fontSize) * (ctm ? Math.hypot(ctm.a, ctm.b) : 1);
                if (px < 11.9) faults.push(`${task}: ${px.toFixed(1)} px: ${one.textContent.trim().slice(0, 20)}`);
            }
            const touched = [...document.querySelectorAll('.stove button, .stove select, .stove summary, .stove input, .masthead a')]
                .filter((one) => seen(one) && ! one.closest('label, .clock-hands, .taps'));
            for (const one of touched) {
                const { width, height } = one.getBoundingClientRect();
                if (width < 47.5 || height < 47.5) faults.push(`${task}: ${Math.round(width)} x ${Math.round(height)}: ${one.textContent.trim().slice(0, 20)}`);
            }
            const boxes = touched.filter((one) => ! one.matches('.main')).map((one) => [one, one.getBoundingClientRect()]);
            boxes.forEach(([one, a], index) => boxes.slice(index + 1).forEach(([other, b]) => {
                const over = Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 1;
                if (over && ! one.contains(other) && ! other.contains(one)) {
                    faults.push(`${task}: ${one.textContent.trim().slice(0, 20)} lies over ${other.textContent.trim().slice(0, 20)}`);
                }
            }));
            return faults;
        JS);

        return is_array($found) ? array_values(array_map(strval(...), $found)) : [];
    }
}
