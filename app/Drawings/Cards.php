<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use Closure;
use DateTimeImmutable;
use Illuminate\Contracts\Cache\Repository;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Clash;
use Orbek\Core\Plan\Clashes;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/**
 * Planned pots as lists show them: planned and drawn once, and kept until what they were planned
 * from changes (dish, kitchen, what is known). A list of many is then read, not computed.
 */
final readonly class Cards
{
    private const KEPT_S = 60 * 86400;

    public function __construct(private Repository $cache, private FoundLines $found, private Hatches $hatches)
    {
    }

    /**
     * @param  iterable<Dish>  $dishes
     * @return list<array{
     *     dish: Dish, html: string, clashes: list<Clash>
     * }> what the clock says of each beside what is kept
     */
    public function ofDishes(iterable $dishes, DateTimeImmutable $now): array
    {
        $kitchen = Kitchen::inUse();
        $home = $kitchen->read();
        $known = Household::known();
        $from = $kitchen->id.$kitchen->version.hash('xxh64', (string) json_encode($known->toArray()));
        // Planned as if there were all the time in the world: what the clock says is asked each time.
        $planner = Planner::in($home, $known, new DateTimeImmutable('@0'), $this->found);
        $cards = [];
        foreach ($dishes as $dish) {
            try {
                [$html, $tableAt, $firstStart] = $this->kept(
                    "dish-{$dish->id}-{$dish->version}-{$from}", static fn (): Plan => $planner->plan($dish->in($home)),
                    'shelf.card', ['dish' => $dish],
                );
            } catch (Refused $lacks) {
                // What cannot be cooked in this kitchen stays on the shelf, and says what is lacking.
                $html = view('shelf.lacks', ['dish' => $dish, 'lacks' => $lacks])->render();
                $cards[] = ['dish' => $dish, 'html' => $html, 'clashes' => []];

                continue;
            }
            $at = (new DateTimeImmutable("@{$tableAt}"))->setTimezone($home->timezone);
            $cards[] = ['dish' => $dish, 'html' => $html, 'clashes' => Clashes::ofTime($at, $firstStart, $now)];
        }

        return $cards;
    }

    /** A cook's pot and what was planned for it: what it was planned from never changes. */
    public function ofCook(Cook $cook): string
    {
        return $this->kept("cook-{$cook->id}", $cook->plan(...), 'notebook.card', ['cook' => $cook])[0];
    }

    /**
     * @param  Closure(): Plan  $plan
     * @param  view-string  $view
     * @param  array<string, mixed>  $data
     * @return array{string, int, int} HTML, the table as a timestamp, the first start in minutes before it
     */
    private function kept(string $key, Closure $plan, string $view, array $data): array
    {
        /** @var array{string, int, int} $card */
        $card = $this->cache->remember($key, self::KEPT_S, static function () use ($plan, $view, $data): array {
            $planned = $plan();

            return [
                view($view, ['plan' => $planned] + $data)->render(),
                $planned->day->tableAt->getTimestamp(),
                $planned->day->schedule->firstStart(),
            ];
        });
        $this->hatches->useIn($card[0]);

        return $card;
    }
}
