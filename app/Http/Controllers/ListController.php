<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\ListTick;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Planner;

/** What to buy and what to put ready, with ticks that are kept. */
final class ListController
{
    private const LONGEST_ENTRY = 300;

    public function show(Dish $dish, Planner $planner): View
    {
        return view('pot.list', [
            'dish' => $dish,
            'plan' => $planner->plan($dish->core()),
            'ticked' => ListTick::query()->where('dish_id', $dish->id)->pluck('entry')->flip(),
        ]);
    }

    /** Ticks an entry, or takes its tick off; said twice, it ends the same. */
    public function tick(Request $request, Dish $dish): Response
    {
        $entry = $request->string('entry')->toString();
        if ($entry === '' || mb_strlen($entry) > self::LONGEST_ENTRY) {
            throw OutOfRange::because('entry', 'is missing or too long;', 'load the page again');
        }
        $request->boolean('done')
            ? ListTick::query()->firstOrCreate(['dish_id' => $dish->id, 'entry' => $entry])
            : ListTick::query()->where(['dish_id' => $dish->id, 'entry' => $entry])->delete();

        return response()->noContent();
    }

    /** What the kitchen always has is left out of every list; said again, it is bought again. */
    public function pantry(Request $request): RedirectResponse
    {
        $name = mb_strtolower(trim($request->string('name')->toString()));
        $kitchen = Kitchen::query()->firstOrFail();
        $document = $kitchen->document;
        $pantry = array_values(array_filter(is_array($document['pantry'] ?? null) ? $document['pantry'] : [], static fn (mixed $has): bool => $has !== $name));
        $document['pantry'] = $request->boolean('has') ? [...$pantry, $name] : $pantry;
        OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $kitchen->update(['document' => $document]);

        return back();
    }
}
