<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\StandIns\PracticeClock;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Causes;
use Orbek\Core\Cook\Mishap;
use Orbek\Core\Cook\NextTime;
use Orbek\Core\Cook\Outcome;
use Orbek\Core\Cook\RiceOutcome;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/** From a cook to the next one: what to change, taken into the dish with one tap; or the same again, for others. */
final class NextTimeController
{
    private const MOST_BYTES = 20_000;

    public function __construct(private readonly PracticeClock $clock)
    {
    }

    /** Causes, and what would have mended each: a piece of the cook's page, asked for when that stands. */
    public function show(Request $request, Cook $cook): View
    {
        $fold = $cook->fold($this->clock->now());
        $causes = Causes::of($fold);
        $dish = Dish::query()->find($cook->dish_id);
        $planner = $this->planner($cook);
        $proposals = [];
        if ($causes !== []) {
            $target = $dish === null || Moving::isNeeded($dish->core(), CoreKitchen::fromArray($cook->kitchen))
                ? $fold->plan()->dish
                : $dish->core();
            $proposals = NextTime::of($planner->plan($target), $planner, $causes);
        }

        return view($request->hasHeader('X-Piece') ? 'notebook.next' : 'notebook.next-page', [
            'cook' => $cook, 'dish' => $dish, 'causes' => $causes, 'proposals' => $proposals,
            'mishaps' => Mishap::of($fold), 'isNoted' => $fold->state->outcome !== null,
        ]);
    }

    /** A proposed change becomes a version of the dish; what it changes is told there. */
    public function take(Request $request, Cook $cook, Planner $planner): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $dish = Dish::query()->find($cook->dish_id)
            ?? throw Refused::because('cook', 'refused.its-dish-is-put-away', dish: $cook->name);
        $was = $dish->isStill($form->whole('version', 1, PHP_INT_MAX))->core();
        $value = json_decode(Str::limit($form->document('value'), self::MOST_BYTES, ''), true);
        if (json_last_error() !== JSON_ERROR_NONE) {
            throw Refused::because('value', 'refused.no-field-of-a-dish');
        }
        $changed = self::checked($was->changed($form->text('path'), $value));
        $plan = $planner->plan($changed);
        $dish->become($changed, $dish->version, $this->clock->now());

        return redirect()->route('pot', $dish)->with('changed', $this->told($was, $plan));
    }

    /** The same dish again as it was cooked, for other people, in another pot or on another ring. */
    public function again(Request $request, Cook $cook, Planner $planner): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $kitchen = Kitchen::core();
        $fold = $cook->fold($this->clock->now());
        $was = $fold->plan()->dish;
        $dish = Moving::isNeeded($was, $kitchen)
            ? Moving::into($was, $kitchen, CoreKitchen::fromArray($cook->kitchen))
            : $was;
        $dish = $dish->changed('usual/eaters', $form->whole('eaters', 1, 60));
        foreach (['pot' => 'lid/pot', 'burner' => 'lid/burner'] as $name => $path) {
            if ($form->has($name)) {
                $dish = $dish->changed($path, $form->text($name));
            }
        }
        $wanted = self::asItCame($fold->state->outcome, $dish);
        if ($wanted !== null && $wanted !== $dish->build->base->crust) {
            $dish = $dish->changed('base/crust', $wanted->value);
        }
        // A heat of one's own was for that pot and so many people: another is found where either differs.
        if (Difference::between($was, $dish) !== []) {
            $dish = $dish->changed('lid/heat', null);
        }
        $day = app(Wording::class)->dated($cook->started_at->setTimezone($kitchen->site->timezone), 'date');
        $dish = self::checked($dish->changed('name', Str::limit($cook->name, 160).", as on {$day}"));
        $plan = $planner->plan($dish);
        $mend = $plan->mends()[0] ?? null;
        $plan = $mend === null ? $plan : $planner->plan(self::checked($dish->changed($mend->path, $mend->value)));
        $new = (new Dish(['version' => 1]))->take($plan->dish);
        $new->save();

        return redirect()->route('pot', $new)->with('changed', $this->told($was, $plan));
    }

    /** The crust that is to come out again: as it did, where that was no fault. */
    private static function asItCame(?Outcome $outcome, CoreDish $dish): ?CrustColour
    {
        return $outcome !== null && $outcome->rice === RiceOutcome::Right && $dish->build->base->kind->isLaid
            && in_array($outcome->crust, [CrustColour::Straw, CrustColour::Golden, CrustColour::Amber], true)
                ? $outcome->crust
                : null;
    }

    /** @throws Refused */
    private static function checked(CoreDish $dish): CoreDish
    {
        return OpenFile::dish((string) json_encode($dish->toArray(), JSON_PRESERVE_ZERO_FRACTION));
    }

    /** In the kitchen as it was, with what was known then: the cause is the news. */
    private function planner(Cook $cook): Planner
    {
        return Planner::in(
            CoreKitchen::fromArray($cook->kitchen), Knowledge::fromArray($cook->knowledge ?? []),
            $cook->started_at->toDateTimeImmutable(), app(FoundLines::class),
        );
    }

    /** @return list<string> what differs, a heat of its own in the knob's words */
    private function told(CoreDish $was, Plan $plan): array
    {
        [$say, $names, $told] = [app(Wording::class), Kitchen::names(), []];
        foreach (Difference::between($was, $plan->dish) as $one) {
            if (! str_starts_with($one->path, 'lid/heat')) {
                $told[] = $say->difference($one, $names);
            }
        }
        $load = $plan->potted->first();
        if ($was->lid->heat !== $plan->dish->lid->heat && $plan->dish->lid->heat !== []) {
            $heats = array_map(static fn (Stretch $planned, Stretch $came): string => $say->text(
                $plan->kitchen->saysStretch($planned, $came, $load->place->ring->id),
            ), $load->line(), $load->heat());
            $told[] = $say->say(
                'pages/notebook.its-heat', heats: implode($say->say('pages/notebook.then-between'), $heats),
            );
        }

        return $told;
    }
}
