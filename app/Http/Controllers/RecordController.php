<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\RecordDrawing;
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
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\LeftoversGone;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Moving;
use Orbek\Core\Plan\Planner;

/** A cook's own page in the Notebook: as it was planned and as it was, why, and what is left of it. */
final class RecordController
{
    private const YESTERDAY = 'yesterday';

    public function __construct(private readonly PracticeClock $clock)
    {
    }

    public function show(Cook $cook, Wording $say): View
    {
        $fold = $cook->fold($this->clock->now());

        return view('notebook.record', [
            'cook' => $cook, 'plan' => $fold->plan(), 'fold' => $fold, 'course' => UnderTheLid::heatOf($fold),
            'now' => $this->clock->now(), 'causes' => Causes::of($fold), 'drawing' => new RecordDrawing($fold, $say),
        ]);
    }

    /** A line written later. */
    public function remark(Request $request, Cook $cook): RedirectResponse
    {
        $line = Fields::ofForm($request->all())->text('line');
        $cook->happened($this->event('remarked', ['line' => $line]), $this->clock->now());

        return redirect()->route('cook.record', $cook);
    }

    /** What was left is eaten or thrown away. */
    public function leftovers(Request $request, Cook $cook): RedirectResponse
    {
        $how = Fields::ofForm($request->all())->one('how', LeftoversGone::class);
        $cook->happened($this->event('leftovers', ['how' => $how->value]), $this->clock->now());

        return redirect()->back(fallback: route('shelf'));
    }

    /** A dish begun with what is left: yesterday's filling, fresh rice. */
    public function yesterday(Cook $cook, Craft $craft, Planner $planner): RedirectResponse
    {
        $left = $cook->fold($this->clock->now())->leftovers()
            ?? throw Refused::because('cook', 'refused.nothing-is-left-of-it', cook: $cook->name);
        $dish = $cook->fold($this->clock->now())->plan()->dish;
        $kitchen = Kitchen::core();
        $document = Starter::document($craft->schools->get(self::YESTERDAY, 'school'), $kitchen, Str::limit("{$dish->name}, the day after", 190));
        $main = $dish->fillings->main();
        if ($main !== null) {
            $document['fillings'][0]['name'] = "{$main->name} of the day before";
            $document['fillings'][0]['parts'] = [[
                'name' => "{$main->name} of the day before", 'kind' => $main->toughest()->id,
                'of_rice' => 1.5, 'holds' => array_keys($dish->allergens()),
            ]];
        }
        $document['usual']['eaters'] = $left->portions;
        $made = Moving::right(OpenFile::dish((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)), $kitchen, $planner);
        $new = (new Dish(['version' => 1]))->take($made);
        $new->save();
        $cook->happened($this->event('leftovers', ['how' => LeftoversGone::CookedOn->value]), $this->clock->now());

        return redirect()->route('pot', $new);
    }

    /** @param  array<string, mixed>  $fields */
    private function event(string $type, array $fields): Event
    {
        $now = $this->clock->now();

        return Event::fromFields(Fields::of(['id' => (string) Str::ulid($now), 'type' => $type, 'at' => $now->getTimestamp()] + $fields));
    }
}
