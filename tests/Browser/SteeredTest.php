<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;
use Facebook\WebDriver\WebDriverBy;
use Illuminate\Support\Str;
use Orbek\Core\Cook\LidSteer;
use Orbek\Core\Heat\LineTillLow;
use Orbek\Core\Heat\SteeredKitchens;
use Orbek\Core\Heat\Turn;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\WaterBoiled;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Tests\Core\Sample;

/** A closed pot on a ring a quarter too hot: steered as told it ends golden, left alone it does not. */
final class SteeredTest extends BrowserTestCase
{
    use CooksThrough;

    private const HOTTER = 1.25;

    private const DISH = 'bean-dill-polo';

    /** As it was planned before the boil, and after. */
    private Plan $plan;

    private Plan $known;

    /** The pot as it really is. */
    private Steaming $truth;

    private int $sealedAt;

    /** @var list<array{float, Flame|null}> what is on from when, minutes sealed; null when the lid comes off */
    private array $turns = [];

    public function test_boil_timed_steam_seen_edge_looked_at_and_the_heat_turned_as_told_it_ends_golden(): void
    {
        $this->begin();
        $this->sealed();
        for ($minute = 1; $minute < 80 && $this->turns !== []; $minute++) {
            $this->putForward(60);
            $this->followTo($minute);
            if ($this->truth->steamAtLidS !== null && $this->isThere('[data-event=cue][data-subject=steam]')) {
                $this->tap('[data-event=cue][data-subject=steam]');
            }
            if ($this->isThere('.look-at')) {
                $this->truth->open();
                $this->tap('.look-at [data-subject='.$this->edge().']');
            }
            if ($this->isThere('.act.steered')) {
                $this->turnAsTold($minute);
            }
        }
        self::assertSame([], $this->turns, 'it came off the heat');
        self::assertTrue($this->plan->dish->aim()->isGood($this->truth->browning), "B {$this->truth->browning}");
        $planned = Course::of($this->truth->pot, $this->plan->potted->first()->line())->end()->browning;
        self::assertFalse($this->plan->dish->aim()->isGood($planned), "left alone: B {$planned}");
    }

    public function test_the_phone_alone_tells_by_steam_and_by_a_look_what_comes_out_golden(): void
    {
        $this->begin();
        $this->sealed();
        $what = $this->known->steerable() ?? self::fail('it can be steered');
        $rows = SteeredKitchens::bySteam($what);
        $on = LineTillLow::of($what->line)?->on;
        $this->untilItCanGoOnAlone();
        $this->stack->killServer();
        try {
            $row = $looked = $steam = null;
            // However long the machine took: it is the minute of the lid, and a minute passes when the test says so.
            $this->browser->executeScript(
                'const at = Date.now(); Date.now = () => at; const stove = Alpine.$data(document.querySelector(".stove")); stove.offset.at += 1000 * (stove.now() - arguments[0]); stove.layOver()',
                [$this->sealedAt],
            );
            for ($minute = 1; $minute < 80 && $this->turns !== []; $minute++) {
                $this->browser->executeScript(
                    'const stove = Alpine.$data(document.querySelector(".stove")); stove.offset.at -= 60000; stove.layOver()',
                );
                $this->followTo($minute);
                if ($row === null && $this->truth->steamAtLidS !== null) {
                    $this->tapAlone('steam');
                    usort($rows, static fn (array $a, array $b): int => abs($a['minute'] - $minute) <=> abs($b['minute'] - $minute));
                    $row = $rows[0];
                    $this->turnAlone($row['turn'], $on, false, $minute);
                } elseif ($row !== null && $looked === null && $row['look'] !== null && $minute >= $steam + $row['look'][0]) {
                    $looked = $this->edge();
                    $this->truth->open();
                    $this->tapAlone($looked);
                    $then = $row['look'][1][$looked];
                    $this->turnAlone($then, null, $then->flame === $row['turn']->flame, $minute);
                }
                $steam ??= $row === null ? null : $minute;
            }
        } finally {
            $this->stack->startServer();
        }
        self::assertTrue($this->plan->dish->aim()->isGood($this->truth->browning), "B {$this->truth->browning}");
    }

    /** What is seen, tapped on a page that goes on alone. */
    /** What the edge of the pot looks like now, as it is tapped. */
    private function edge(): string
    {
        $what = $this->plan->steerable() ?? self::fail('it can be steered');

        return $what->edgeAt($this->truth->browning)->id;
    }

    private function tapAlone(string $cue): void
    {
        $this->waitFor(fn (): bool => (bool) $this->browser->executeScript(
            'const cue = document.querySelector(`#alone [data-step="heat-1"] [data-subject="${arguments[0]}"]`); cue?.click(); return cue !== null;',
            [$cue],
        ), "{$cue} can be tapped");
    }

    /** The pot is turned as the page alone says, which is what core says. */
    private function turnAlone(Turn $turn, ?Flame $on, bool $isSame, float $minute): void
    {
        $says = Sample::say(LidSteer::told($this->known, $turn, $on, $isSame));
        $this->waitForText('#alone [data-step="heat-1"] .steer-alone', $says);
        Lifted::sprinkle($this->truth, $turn->sprinkledKg);
        $low = $minute + ($on === null ? 0.0 : $turn->stayMin);
        $this->turned($minute, $low, $turn->flame, $turn->minutes);
    }

    /** The dish begun at the Stove, and the same in core. */
    private function begin(): void
    {
        // Nobody has taught this kitchen its rings.
        $this->stack->value("update households set knowledge = '{}' where id != ?", '');
        $this->openDish('Broad-bean');
        $this->find('.begin-cook button')->click();
        $this->waitFor(fn (): bool => str_contains($this->browser->getCurrentURL(), '/meal-cooks/'), 'at the stove');
        $this->plan = Planner::in(Sample::kitchen(), Knowledge::none(), new DateTimeImmutable(Sample::NOW))
            ->plan(Sample::dish(self::DISH));
        $pot = $this->plan->sealedPot() ?? self::fail('it goes in');
        $this->truth = new Steaming($pot->heated(self::HOTTER));
    }

    /** All is done up to the lid; the water boiled as it does on the hotter ring. */
    private function sealed(): void
    {
        $boil = $this->plan->boil() ?? self::fail('it is boiled');
        $boils = (int) round(60 * $boil->boilsAfterMin(self::HOTTER * $this->plan->stove()->likely()));
        $this->putForward($boils + 60);
        $now = (int) $this->browser->executeScript('return Alpine.$data(document.querySelector(".stove")).now()');
        foreach (array_keys($this->plan->day->schedule->tasks) as $id) {
            if ($id === 'layer') {
                break;
            }
            $this->post($id, $id === 'heat-water' ? $now - 20 - $boils : $now - 30, $now - 20);
        }
        $this->browser->navigate()->refresh();
        $this->waitForText('.changed', 'gives more than was thought');
        $this->post('layer', $now - 10, $this->sealedAt = $now - 5);
        $this->browser->navigate()->refresh();
        $this->waitForText('.now h1', 'heat');
        $this->known = $this->plan->planner()->afterTheBoil([
            'pot' => $boil->pot->id, 'burner' => $boil->ring->id,
            'likelihood' => WaterBoiled::fromCold($boil->boilsAfterMin(...), $boils / 60),
        ])->plan($this->plan->dish);
        $at = 0.0;
        foreach ($this->known->potted->first()->heat() as $stretch) {
            $this->turns[] = [$at, $stretch->flame];
            $at += $stretch->minutes;
        }
        $this->turns[] = [$at, null];
    }

    private function post(string $task, int $began, int $ended): void
    {
        $of = static fn (string $type, int $at): array => [
            'id' => (string) Str::ulid(), 'type' => $type, 'subject' => $task, 'at' => $at, 'dish' => 0,
        ];
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch(location.pathname + "/events", {method: "POST", headers: {"Content-Type": "application/json", Accept: "application/json", "X-CSRF-TOKEN": document.querySelector("meta[name=csrf-token]").content}, body: JSON.stringify({events: arguments[0]})}).then(() => done());',
            [[$of('started', $began), $of('done', $ended)]],
        );
    }

    /** The pot goes on as it was turned, up to a minute; what is over is forgotten. */
    private function followTo(float $minute): void
    {
        while ($this->turns !== [] && 60 * $minute > $this->truth->seconds + 0.5) {
            $ends = min(60 * $minute, 60 * ($this->turns[1][0] ?? 0.0));
            $flame = $this->turns[0][1] ?? Flame::off();
            $this->truth->advance($flame, max(0.0, $ends - $this->truth->seconds));
            if ($ends >= 60 * ($this->turns[1][0] ?? 0.0) - 0.5) {
                array_shift($this->turns);
                $this->turns = count($this->turns) === 1 ? [] : $this->turns;
            }
        }
    }

    /** Turns as the page tells, and taps that it was done. */
    private function turnAsTold(float $minute): void
    {
        $told = (array) $this->browser->executeScript('return { ...document.querySelector(".act.steered").dataset }');
        $number = static fn (string $name): float => is_numeric($told[$name] ?? null) ? (float) $told[$name] : 0.0;
        Lifted::sprinkle($this->truth, $number('sprinkled') / 1000);
        $plates = $this->plan->kitchen->equipment->plates;
        $flame = Flame::on((string) $told['ring'], $number('setting') / 100, $plates[$told['plate'] ?? ''] ?? null);
        $this->turned($minute, $minute + $number('stay'), $flame, $number('minutes'));
        // On a wide window too the hand is told what it says it has done.
        $says = $this->browser->findElement(WebDriverBy::cssSelector('.steer .what-to-do'));
        self::assertGreaterThan(200, $says->getSize()->getWidth());
        self::assertStringContainsString($number('minutes') > 0 ? $number('minutes').' min' : 'now', $says->getText());
        $this->tap('.act.steered');
    }

    private function turned(float $minute, float $low, Flame $flame, float $minutes): void
    {
        $this->turns = [
            [$minute, $this->turns[0][1] ?? null], [$low, $flame], [$low + $minutes, Flame::off()],
            [$low + $minutes + $this->known->dish->bounds()->restMin, null],
        ];
    }

    private function isThere(string $selector): bool
    {
        return $this->browser->findElements(WebDriverBy::cssSelector($selector)) !== [];
    }

    /** Taps what is there, and waits till it is noted and drawn. */
    private function tap(string $selector): void
    {
        $seen = $this->browser->executeScript(
            'const seen = Alpine.$data(document.querySelector(".stove")).seen; document.querySelector(arguments[0]).click(); return seen;',
            [$selector],
        );
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'const stove = Alpine.$data(document.querySelector(".stove")); return stove.seen !== arguments[0] && stove.waiting === 0',
            [$seen],
        ) === true, "{$selector} is noted");
    }
}
