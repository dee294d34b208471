<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;

/** Cooks what is on the Stove through to its table, by the page alone, and reads what each step says. */
trait CooksThrough
{
    private string $sits = 'Everyone sits';

    private string $onTheTable = 'On the table';

    /** @var array<string, list<string>|null> what each step said goes in, by task; null where it was told layer by layer */
    private array $told = [];

    /**
     * Does what the Stove tells, when it is due, till all sit down.
     *
     * @param  string|null  $late the task that is begun twelve minutes late
     * @param  Closure(): mixed|null  $each what is done at each step as well
     * @return list<string> what is told of the table, at first and after that
     */
    private function cookThrough(?string $late, ?Closure $each = null): array
    {
        $this->told = [];
        $this->forwardTo('.now .count');
        $tables = [$this->text('.table-at')];
        $done = 0;
        while (! str_contains($this->text('.now'), $this->sits) && $done++ < 150) {
            if ($late !== null && $this->nowIs($late)) {
                $late = null;
                $this->putForward(720);
                $tables[] = $this->text('.table-at');
            }
            $this->forwardTo('.now .count');
            $this->read();
            $each === null || $each();
            $this->tapMain();
        }
        $this->waitForText('.now', $this->onTheTable);
        self::assertNull($late);

        return $tables;
    }

    /** Reads what the step at hand says goes in, as it stands on the page. */
    private function read(): void
    {
        $read = $this->browser->executeScript(
            'const task = document.querySelector(".now").dataset.task;
            return task ? [task, [...document.querySelectorAll(".now .goes-in:not(.brought) li")].map((one) => one.innerText.trim()),
                document.querySelectorAll(".now .layering .rows li").length] : null;',
        );
        if (is_array($read)) {
            [$task, $things, $rows] = $read;
            $this->told[$task] = $rows > 0 ? null : $things;
        }
    }

    private function nowIs(string $task): bool
    {
        return $this->browser->executeScript('return document.querySelector(".now").dataset.task') === $task;
    }

    /** Puts the clock forward to what the now counts down to. */
    private function forwardTo(string $count): void
    {
        $left = (float) $this->browser->executeScript(
            'const count = document.querySelector(arguments[0]); const now = Alpine.$data(document.querySelector(".stove")).now();
            return count?.dataset.until ? Number(count.dataset.until) - now : count?.dataset.since ? 330 - (now - Number(count.dataset.since)) : 0;',
            [$count],
        );
        if ($left > 0) {
            $this->putForward((int) ceil($left));
        }
    }

    private function putForward(int $seconds): void
    {
        $before = (float) $this->browser->executeScript('return Alpine.$data(document.querySelector(".stove")).now()');
        $this->browser->executeScript(
            'Alpine.$data(document.querySelector(".stove")).turn({ forward_s: arguments[0] })', [$seconds],
        );
        $this->waitFor(fn (): bool => (float) $this->browser->executeScript(
            'return Alpine.$data(document.querySelector(".stove")).now()',
        ) >= $before + $seconds, 'the clock went forward');
    }

    /** Taps the one thing now, and waits till it is drawn. */
    private function tapMain(): void
    {
        $seen = $this->browser->executeScript(
            'const main = document.querySelector(".act.main"); const seen = Alpine.$data(document.querySelector(".stove")).seen; main?.click(); return seen;',
        );
        $this->waitFor(fn (): bool => $this->browser->executeScript(
            'const stove = Alpine.$data(document.querySelector(".stove")); return stove.seen !== arguments[0] && stove.waiting === 0',
            [$seen],
        ) === true, 'it is noted');
    }
}
