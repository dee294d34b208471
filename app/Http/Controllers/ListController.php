<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\ListTick;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** What to buy and what to put ready, with ticks that are kept. */
final class ListController
{
    private const LONGEST_ENTRY = 300;

    public function show(Dish $dish, Planner $planner, ClockInterface $clock): View
    {
        try {
            $plan = $planner->plan($dish->in(Kitchen::core()));
        } catch (Refused $lacks) {
            return view('pot.lacks', ['dish' => $dish, 'lacks' => $lacks, 'place' => 'pot']);
        }

        return view('pot.list', [
            'dish' => $dish,
            'plan' => $plan,
            'knowledge' => Household::known(), 'paces' => Cook::paces($clock->now()), 'now' => $clock->now(),
            'row' => Kitchen::inUse(),
            'ticked' => ListTick::query()->where('dish_id', $dish->id)->pluck('entry')->flip(),
        ]);
    }

    /** Ticks an entry, or takes its tick off; said twice, it ends the same. */
    public function tick(Request $request, Dish $dish): Response
    {
        $form = Fields::ofForm($request->all());
        $entry = $form->document('entry');
        if ($entry === '' || mb_strlen($entry) > self::LONGEST_ENTRY) {
            throw Refused::because('entry', 'refused.no-or-long');
        }
        $form->flag('done', false)
            ? ListTick::query()->firstOrCreate(['dish_id' => $dish->id, 'entry' => $entry])
            : ListTick::query()->where(['dish_id' => $dish->id, 'entry' => $entry])->delete();

        return response()->noContent();
    }

    /** What the kitchen always has is left out of every list; said again, it is bought again. */
    public function pantry(Request $request, ClockInterface $clock): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $name = mb_strtolower(trim($form->text('name')));
        Kitchen::change($form, $name, $clock->now(), static function (array $document) use ($form, $name): array {
            $others = array_values(
                array_filter((array) ($document['pantry'] ?? []), static fn (mixed $has): bool => $has !== $name),
            );

            return ['pantry' => $form->flag('has', false) ? [...$others, $name] : $others] + $document;
        });

        return back();
    }
}
