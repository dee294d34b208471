<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LaidMeals;
use App\Models\Meal;
use App\Wording\Wording;
use Closure;
use DateTimeImmutable;
use Illuminate\Contracts\Cache\Repository;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/**
 * Planned pots as lists show them: planned and drawn once, and kept until what they were planned
 * from changes (dish, kitchen, what is known). A list of many is then read, not computed.
 */
final readonly class Cards
{
    private const KEPT_S = 60 * 86400;

    public function __construct(private Repository $cache, private FoundLines $found, private Hatches $hatches,
        private LaidMeals $laid,
    ) {
    }

    /**
     * @param  iterable<Dish>  $dishes
     * @return list<string> HTML
     */
    public function ofDishes(iterable $dishes): array
    {
        $kitchen = Kitchen::inUse();
        $home = $kitchen->read();
        $known = Household::known();
        $from = $kitchen->id.$kitchen->version.hash('xxh64', (string) json_encode($known->toArray()));
        $planner = Planner::in($home, $known, new DateTimeImmutable('@0'), $this->found);
        $cards = [];
        foreach ($dishes as $dish) {
            try {
                $cards[] = $this->kept(
                    "timeless-{$dish->id}-{$dish->version}-{$from}",
                    static fn (): Plan => $planner->plan($dish->in($home)),
                    'shelf.card', ['dish' => $dish],
                );
            } catch (Refused $lacks) {
                // What cannot be cooked in this kitchen stays on the shelf, and says what is lacking.
                $cards[] = view('shelf.lacks', ['dish' => $dish, 'lacks' => $lacks])->render();
            }
        }

        return $cards;
    }

    /**
     * Meals ahead, each as its pots side by side, with when to begin and what is wrong.
     *
     * @param  iterable<Meal>  $meals
     * @return list<string> HTML
     */
    public function ofMeals(iterable $meals): array
    {
        $kitchen = Kitchen::inUse();
        $zone = $kitchen->read()->site->timezone;
        $from = $kitchen->id.$kitchen->version.hash('xxh64', (string) json_encode(Household::known()->toArray()));
        $cards = [];
        foreach ($meals as $meal) {
            $dishes =
                implode('-', Dish::query()->whereKey($meal->dishIds())->orderBy('id')->get(['id', 'version'])->map(
                    static fn (Dish $dish): string => "{$dish->id}-{$dish->version}",
                )->all());
            $key = 'table-'.hash(
                'xxh128', "{$meal->id}-{$meal->version}-{$from}-{$dishes}-{$this->laid->sum($meal)}".self::read(),
            );
            $card = $this->cache->get($key);
            if (! is_string($card)) {
                $plan = $this->laid->known($meal);
                $card = view('shelf.meal', ['meal' => $meal, 'plan' => $plan, 'zone' => $zone])->render();
                if ($plan !== null) {
                    $this->cache->put($key, $card, self::KEPT_S);
                }
            }
            $this->hatches->useIn($card);
            $cards[] = $card;
        }

        return $cards;
    }

    /** A cook's pot and what was planned for it: what it was planned from never changes. */
    public function ofCook(Cook $cook): string
    {
        return $this->kept("made-{$cook->id}", $cook->plan(...), 'notebook.card', ['cook' => $cook]);
    }

    /** In whose measures a card is drawn. */
    private static function read(): string
    {
        return '-'.hash('xxh64', serialize([Kitchen::inUse()->read()->reading, app(Wording::class)->locale]));
    }

    /**
     * @param  Closure(): Plan  $plan
     * @param  view-string  $view
     * @param  array<string, mixed>  $data
     * @return string HTML
     */
    private function kept(string $key, Closure $plan, string $view, array $data): string
    {
        /** @var string $card */
        $card = $this->cache->remember(
            $key.self::read(), self::KEPT_S, static fn (): string => view($view, ['plan' => $plan()] + $data)->render(),
        );
        $this->hatches->useIn($card);

        return $card;
    }
}
