<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\StandIns\Camera;
use Facebook\WebDriver\WebDriverBy;
use Illuminate\Support\Str;

/** The record: a crust measured, a change taken, two cooks beside each other, everything out and in; and the Drill. */
final class RecordTest extends BrowserTestCase
{
    public function test_a_crust_is_photographed_and_measured(): void
    {
        $this->record(5);
        $this->assertAccessible('a cook’s page');
        $picture = $this->made('crust.jpg', (new Camera([0.8, 0.62, 0.45], 0.9))->crust(0.9));
        $this->find('.photograph-form input[type=file]')->sendKeys($picture);
        $this->find('.photograph-form button')->click();
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('.photographs img')) !== [],
            'the photograph is there',
        );
        $this->waitFor(
            fn (): bool => $this->browser->executeScript(
                'const i = document.querySelector(".photographs img"); i.scrollIntoView({block: "center"}); return i.complete && i.naturalWidth > 0;'
            ) === true,
            'it is loaded',
        );
        $this->touchAt(...Camera::CRUST);
        $this->touchAt(...Camera::WHITE);
        self::assertEqualsWithDelta(93, (float) $this->value('input[name=white_across]'), 1.5);
        $this->find('.measure-crust button')->click();
        $this->waitForText('.measured', 'measured under white light');
        $this->waitForText('.measured', 'golden');
        $this->assertAccessible('a measured crust');
    }

    /** Of the oldest cook: as it is planned now, the dish takes what went wrong in the others. */
    public function test_a_proposed_change_is_taken_and_foretold(): void
    {
        $this->record(11);
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('.proposal form button')) !== [],
            'a change is proposed',
        );
        self::assertMatchesRegularExpression('/right in \d+ of 24/', $this->text('.proposal:has(form)'));
        $this->find('.proposal form button')->click();
        $this->waitForText('.moved', 'Changed: its heat:');
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/dishes/'), 'on the dish');
        $this->browser->executeScript('document.querySelector(".moved a").click()');
        $this->waitForText('h1', 'What changed');
    }

    public function test_two_cooks_are_laid_side_by_side_and_seen_over_time(): void
    {
        $this->visit('/notebook');
        $this->assertAccessible('the Notebook');
        $this->choose('select[name=pot]', 'steel-24');
        $this->find('.seek button')->click();
        $this->waitForText('.seek', 'All cooks');
        $boxes = $this->browser->findElements(WebDriverBy::cssSelector('.tick-beside input'));
        $boxes[0]->click();
        $boxes[2]->click();
        $this->find('#side-by-side button')->click();
        $this->waitForText('h1', 'Two cooks side by side');
        $this->waitForText('.compare', 'steam at the lid');
        self::assertGreaterThan(2, count($this->browser->findElements(WebDriverBy::cssSelector('.compare .differs'))));
        $this->assertAccessible('two cooks');
        $this->visit('/notebook/trends');
        $this->waitForText('h1', 'Over time');
        $this->assertAccessible('over time');
    }

    public function test_leftovers_become_another_dish(): void
    {
        $this->openDish('Sour-cherry polo');
        $this->find('.begin-cook button')->click();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
        $events = [];
        foreach (
            [
                'served' => [],
                'noted' => ['outcome' => ['rice' => 'right', 'crust' => 'golden', 'filling' => 'right']],
            ] as $type => $more
        ) {
            $events[] = ['id' => (string) Str::ulid(), 'type' => $type, 'at' => time()] + $more;
        }
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch(location.pathname + "/events", {method: "POST", headers: {"Content-Type": "application/json", Accept: "application/json", "X-CSRF-TOKEN": document.querySelector("meta[name=csrf-token]").content}, body: JSON.stringify({events: arguments[0]})}).then(() => done());',
            [$events],
        );
        $this->browser->navigate()->refresh();
        $this->waitFor(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('.left-form button')) !== [], 'noted',
        );
        $this->find('.left-form button')->click();
        $this->waitForText('.left-told', 'in the fridge');
        $this->visit('/shelf');
        $this->waitForText('.left-over', 'Sour-cherry');
        $this->browser->executeScript(
            '[...document.querySelectorAll(".left-over form")].find((form) => form.action.endsWith("/yesterday")).querySelector("button").click()'
        );
        $this->waitForText('.picture h1', 'the day after');
    }

    public function test_everything_goes_out_and_comes_in_on_an_empty_installation(): void
    {
        $archive = (string) file_get_contents("{$this->stack->url}/archive/file");
        self::assertStringStartsWith('PK', $archive);
        $this->stack->emptied();
        $this->visit('/shelf');
        $this->waitFor(
            fn (): bool => str_contains($this->browser->getCurrentURL(), '/begin'), 'nobody has cooked here',
        );
        $this->assertAccessible('the first minutes with an archive');
        $this->find('#archive-file')->sendKeys($this->made('home.zip', $archive));
        $this->find('.from-file button')->click();
        $this->waitForText('.lead', 'Nothing is kept yet');
        $this->assertAccessible('an archive looked at');
        $this->find('.act')->click();
        $this->waitForText('.shelf', 'Sour-cherry polo');
        $again = (string) file_get_contents("{$this->stack->url}/archive/file");
        $sums = fn (string $zip): array => $this->sums($this->made('look.zip', $zip));
        self::assertSame($sums($archive), $sums($again));
    }

    public function test_two_minutes_of_grains_and_a_practice_supper_to_its_end(): void
    {
        $this->visit('/drill');
        $this->find('.two-minutes button')->click();
        $this->waitForText('.two-minutes', 'left');
        for ($answers = 0; $answers < 3; $answers++) {
            $this->waitFor(
                fn (): bool => $this->browser->executeScript(
                    'const one = document.querySelector(".answers button") ?? document.querySelector(".far button"); one.click(); return true;'
                ) === true,
                'it is answered',
            );
            $this->waitForText('.said', 'What tells');
        }
        $this->assertAccessible('a grain of the two minutes');
        $this->visit('/drill');
        $this->waitForText('.sessions', 'of 3 right');
        $this->find('.sessions a')->click();
        $this->waitForText('h1', 'of 3 right');
        $this->assertAccessible('two minutes looked at again');

        $this->visit('/drill');
        $this->find('.practise button')->click();
        $this->waitForText('.simulated', 'Practice.');
        $hasLooked = false;
        for ($taps = 0; $taps < 60 && $this->browser->findElements(WebDriverBy::cssSelector('.now.noting')) === []; $taps++) {
            $task = $this->browser->executeScript('return document.querySelector(".now")?.dataset.task ?? "table";');
            $running = $this->browser->executeScript(
                'return document.querySelector(".act.main")?.dataset.event'
            ) === 'done';
            if ($task === 'd1/boil' && $running && ! $hasLooked) {
                $this->putForward(330);
                $this->find('[data-look]')->click();
                $this->waitForText('.senses', 'between thumb and finger');
                $hasLooked = true;
                // What lies under the act that stays in sight is scrolled to first, as a hand would.
                $this->browser->executeScript(
                    'document.querySelector("[data-stage=breaks]").scrollIntoView({block: "center"})',
                );
                $this->find('[data-stage=breaks]')->click();
            } elseif ($running) {
                $this->putForward(600);
            }
            // The step and its act, not the words: a countdown changes those by itself.
            $act = 'return (document.querySelector(".now")?.dataset.task ?? "") + (document.querySelector(".act.main")'
                .'?.dataset.event ?? "");';
            $before = $this->browser->executeScript($act);
            $this->browser->executeScript('document.querySelector(".act.main:not([disabled])")?.click();');
            $this->waitFor(
                fn (): bool => $this->browser->executeScript($act) !== $before,
                'the tap counted',
            );
        }
        self::assertTrue($hasLooked);
        $this->waitForText('.noting', 'The practice is over');
        $this->find('.noting a.act')->click();
        $this->waitForText('.supper', 'What each decision cost');
        $this->waitForText('.supper', 'Under the lid, as it really was');
        $this->assertAccessible('a practice supper looked back at');
        $this->visit('/notebook');
        self::assertStringNotContainsString('Still on the stove', $this->text('.notebook'));
    }

    /** The demo's cooks, the newest first. */
    private function record(int $place): void
    {
        $this->visit('/notebook');
        $this->browser->executeScript(
            'document.querySelectorAll(\'.notebook a[href$="/record"]\')[arguments[0]].click()', [$place],
        );
        $this->waitForText('.record', 'As planned and as it was');
    }

    private function touchAt(float $across, float $down): void
    {
        $this->browser->executeScript(
            'const i = document.querySelector(".photographs img"), b = i.getBoundingClientRect(); i.dispatchEvent(new MouseEvent("click", {bubbles: true, clientX: b.left + arguments[0] * b.width, clientY: b.top + arguments[1] * b.height}));',
            [$across, $down],
        );
    }

    private function putForward(int $seconds): void
    {
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; Alpine.$data(document.querySelector(".stove")).turn({forward_s: arguments[0]}).then(done);', [$seconds],
        );
    }

    private function made(string $name, string $bytes): string
    {
        $path = sys_get_temp_dir().'/orbek-'.getmypid()."-{$name}";
        file_put_contents($path, $bytes);

        return $path;
    }

    /** @return array<string, string> what is in an archive, but for when it was made */
    private function sums(string $path): array
    {
        $zip = new \ZipArchive;
        self::assertTrue($zip->open($path));
        $sums = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $sums[(string) $zip->getNameIndex($i)] = hash('sha256', (string) $zip->getFromIndex($i));
        }
        unset($sums['archive.json']);
        ksort($sums);

        return $sums;
    }
}
