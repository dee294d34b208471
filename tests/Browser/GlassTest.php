<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\StandIns\GlassCamera;

/** Grains under glass, photographed on the phone: in the boil, away from the server, and in a bag's test. */
final class GlassTest extends BrowserTestCase
{
    protected const WIDTH = 390;

    protected const HEIGHT = 844;

    private string $photograph = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->photograph = sys_get_temp_dir().'/orbek-glass-'.getmypid().'.jpg';
    }

    protected function tearDown(): void
    {
        @unlink($this->photograph);
        parent::tearDown();
    }

    public function test_a_photograph_in_the_boil_moves_the_window_and_a_grain_is_tapped_out(): void
    {
        $this->boil();
        $before = $this->text('.lifts');
        $this->take(0.55, '.by-glass');
        $this->waitForText('.glass-seen', 'done, give or take');
        $this->waitForText('.lifts', 'before the tests');
        self::assertNotSame($before, $this->text('.lifts'));
        $this->assertAccessible('the boil with grains under glass');
        $grains = 'return document.querySelectorAll(".glass-seen polygon.counts").length';
        $counted = (int) $this->browser->executeScript($grains);
        self::assertGreaterThan(8, $counted);
        $this->browser->executeScript('document.querySelector(".glass-seen polygon.counts").dispatchEvent(new MouseEvent("click", { bubbles: true }))');
        $this->waitFor(fn (): bool => $this->browser->executeScript($grains) === $counted - 1, 'it counts no more');
        $this->waitForText('.glass-seen', 'one left out');

        $this->take(null, '.by-glass');
        $this->waitForText('.by-glass output', 'no grain of rice is seen');
    }

    public function test_taken_while_the_server_is_gone_it_waits_and_counts_at_its_own_time(): void
    {
        $this->boil();
        $this->untilItCanGoOnAlone();
        $this->stack->killServer();
        try {
            $this->waitFor(fn (): bool => $this->isSeen('#alone'), 'it goes on alone');
            $taken = (int) $this->browser->executeScript('return Alpine.$data(document.querySelector(".stove")).now()');
            $this->take(0.6, '#alone [data-step=boil]:has([name=shows][value=glass])', '#alone [data-step=boil] form:has([value=glass])');
            $this->waitForText('#alone [data-step=boil] form:has([value=glass]) output', 'Kept here');
        } finally {
            $this->stack->startServer();
        }
        $this->waitFor(fn (): bool => $this->glassed() > 0, 'it has arrived');
        $this->browser->executeScript('window.dispatchEvent(new Event("online"))');
        self::assertEqualsWithDelta($taken - 20, $this->glassed(), 2.5);
        $this->waitForText('.glass-seen', 'done, give or take');
    }

    public function test_a_bag_is_tested_by_photographs(): void
    {
        $this->visit('/kitchen/lots/september-bag');
        $this->waitForText('#glass', 'Test by glass');
        $this->browser->executeScript(
            '[...document.querySelectorAll("button")].find((one) => one.textContent === "The rice is in").click()',
        );
        $this->waitForText('.count-up', '0:');
        // Six minutes on: the page's own beginning is put back by as much.
        $this->browser->executeScript(
            'const key = "orbek.glass.september-bag"; const kept = JSON.parse(localStorage.getItem(key)); kept.began -= 360; localStorage.setItem(key, JSON.stringify(kept));',
        );
        $this->browser->navigate()->refresh();
        $this->waitForText('.count-up', '6:');
        $this->take(0.7, '.photograph-form[data-bag]');
        $this->waitForText('.under-glass figcaption', 'done, give or take');
        $this->waitForText('.taken', '% under glass');
        $this->assertAccessible('the bag that was tested by glass');
        self::assertMatchesRegularExpression('/^[6-8]:/', $this->text('.count-up'), 'the same boil goes on');
    }

    private function boil(): void
    {
        $this->openDish('Sour-cherry');
        $this->waitFor(
            fn (): bool => $this->browser->executeScript('return navigator.serviceWorker.controller !== null') === true,
            'the worker is there', 45,
        );
        $this->find('.begin-cook button')->click();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
        $this->browser->executeAsyncScript(
            'const done = arguments[0]; Alpine.$data(document.querySelector(".stove")).happen("started", { subject: "boil", dish: 0 }).then(() => done())',
        );
        // On a loaded machine the tap may still be on its way: the clock is put forward once it has come.
        $this->waitFor(fn (): bool => in_array('started boil', $this->stack->eventsTaken(), true), 'it is in the boil');
        $this->forward(300);
        $this->browser->navigate()->refresh();
        $this->waitFor(fn (): bool => $this->isSeen('.by-glass'), 'it boils');
    }

    /** A photograph of grains that are so far; of nothing where null. */
    private function take(?float $doneness, string $in, ?string $form = null): void
    {
        file_put_contents($this->photograph, $doneness === null
            ? (new GlassCamera(grains: 0))->spoonful(0.5) : (new GlassCamera)->spoonful($doneness, 5));
        $this->browser->executeScript(
            'document.querySelector(arguments[0])?.closest("details")?.setAttribute("open", "")', [$in],
        );
        $this->find(($form ?? $in).' input[type=file]')->sendKeys($this->photograph);
    }

    /** Seconds since 1970 at which the last spoonful left the water; 0 where none has been read. */
    private function glassed(): int
    {
        return (int) $this->stack->value(
            "select json_extract(document, '$.at') from cook_events where type = ?", 'glassed',
        );
    }
}
