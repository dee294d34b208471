<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\RecordDrawing;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\MeterReading;
use App\Models\Photograph;
use App\Models\Taught;
use App\StandIns\PracticeClock;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\Events\Remarked;
use Orbek\Core\Cook\LeftoversGone;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Cook\WhyLate;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Work\WorkKind;

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
            'readings' => self::readings($fold), 'photographs' => Photograph::of($cook),
            'learned' => $this->learned($cook), 'late' => WhyLate::of($cook->ofMeal()->fold($this->clock->now())),
            'now' => $this->clock->now(), 'home' => Kitchen::core(), 'drawing' => new RecordDrawing($fold, $say),
        ]);
    }

    /**
     * @return array<string, list<array{float, float}>> minute sealed and °C, as the probes of this household read them
     *     in the closed pot, by name
     */
    private static function readings(CoreCook $fold): array
    {
        $sealedAt = $fold->state->of(WorkKind::Layer)->doneAt;
        $till = $fold->state->of(WorkKind::Open)->startedAt ?? $fold->state->servedAt;

        return $sealedAt === null || $till === null ? [] : MeterReading::temperatures($sealedAt, $till);
    }

    /** What it taught of its bag or ring is taken back, or counts again. */
    public function takeBack(Request $request, Cook $cook): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $cook->takeBack($form->one('what', Taught::class), $form->flag('back', true));

        return redirect()->to(route('cook.record', $cook).'#learned');
    }

    /**
     * What is believed of its bag and of its ring, and what would be without this cook.
     *
     * @return list<array{
     *     what: Taught, name: string, with: FactorBelief, without: FactorBelief, counts: bool, isSalt?: bool
     * }>
     */
    private function learned(Cook $cook): array
    {
        $known = Household::known();
        $summary = $cook->summary ?? [];
        $kitchen = Kitchen::core();
        $learned = [];
        $taught = $summary['taught'] ?? null;
        if ($taught !== null) {
            [$bag, $lesson] = [$taught['lot'], ['taught' => $taught]];
            $learned[] = [
                'what' => Taught::Bag, 'name' => $kitchen->pantry->bags[$bag]->name ?? $bag,
                'counts' => ! $cook->lot_taken_back,
                'with' => ($cook->lot_taken_back ? $known->with($lesson) : $known)->bag($bag),
                'without' => ($cook->lot_taken_back ? $known : $known->without($lesson))->bag($bag),
            ];
        }
        $stove = $summary['stove'] ?? null;
        $ring = $stove === null ? null : $kitchen->equipment->rings[$stove['burner']] ?? null;
        if ($stove !== null && $ring !== null) {
            $lesson = array_intersect_key($summary, ['stove' => 0, 'boiled' => 0, 'heats' => 0]);
            $learned[] = [
                'what' => Taught::Stove,
                'name' => app(Wording::class)->say(
                    'pages/notebook.pot-on-ring', pot: $kitchen->equipment->pots[$stove['pot']]->name ?? $stove['pot'],
                    ring: $ring->name,
                ),
                'counts' => ! $cook->stove_taken_back,
                'with' => ($cook->stove_taken_back ? $known->with($lesson) : $known)->stove($stove['pot'], $ring),
                'without' => ($cook->stove_taken_back ? $known : $known->without($lesson))->stove($stove['pot'], $ring),
            ];
        }

        return [...$learned, ...self::noted($cook, $known)];
    }

    /**
     * What its note taught of those who eat.
     *
     * @return list<array{
     *     what: Taught, name: string, with: FactorBelief, without: FactorBelief, counts: bool, isSalt?: bool
     * }>
     */
    private static function noted(Cook $cook, Knowledge $known): array
    {
        $notes = $cook->summary['notes'] ?? [];
        $lesson = ['notes' => $notes];
        $counts = ! $cook->notes_taken_back;
        [$with, $without] = $counts ? [$known, $known->without($lesson)] : [$known->with($lesson), $known];
        $kinds = app(Craft::class)->fillings;

        return array_map(static fn (string $of): array => [
            'what' => Taught::Notes, 'isSalt' => Knowledge::kindOf($of) === null, 'counts' => $counts,
            'with' => $with->noted($of), 'without' => $without->noted($of),
            'name' => ($kind = Knowledge::kindOf($of)) === null
                ? app(Wording::class)->say('pages/notebook.how-salt-it-is-liked')
                : app(Wording::class)->say(
                    'pages/notebook.till-it-is-tender',
                    kind: app(Wording::class)->first(isset($kinds->all[$kind]) ? $kinds->all[$kind]->name : $kind),
                ),
        ], array_values(array_unique(array_column($notes, 'of'))));
    }

    /** A line written later, or one taken back. */
    public function remark(Request $request, Cook $cook): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        if ($form->has('back')) {
            $remarks = array_map(
                static fn (Remarked $one): string => $one->id, $cook->fold($this->clock->now())->state->remarks,
            );
            if (! in_array($form->text('back'), $remarks, true)) {
                throw Refused::because('back', 'refused.no-such-line-was-written');
            }
            $cook->tell('undone', ['subject' => $form->text('back')], $this->clock->now());

            return redirect()->route('cook.record', $cook);
        }
        $line = $form->text('line');
        $cook->tell('remarked', ['line' => $line], $this->clock->now());

        return redirect()->route('cook.record', $cook);
    }

    /** What was left is eaten or thrown away. */
    public function leftovers(Request $request, Cook $cook): RedirectResponse
    {
        $how = Fields::ofForm($request->all())->one('how', LeftoversGone::class);
        $cook->tell('leftovers', ['how' => $how->value], $this->clock->now());

        return redirect()->back(fallback: route('shelf'));
    }

    /** A dish begun with what is left: yesterday's filling, fresh rice. */
    public function yesterday(Cook $cook, Craft $craft, Planner $planner): RedirectResponse
    {
        $left = $cook->fold($this->clock->now())->leftovers()
            ?? throw Refused::because('cook', 'refused.nothing-is-left-of-it', cook: $cook->name);
        $dish = $cook->fold($this->clock->now())->plan()->dish;
        $kitchen = Kitchen::core();
        $document = Starter::document(
            $craft->schools->get(self::YESTERDAY, 'school'), $kitchen, Str::limit("{$dish->name}, the day after", 190),
        );
        $main = $dish->fillings->main();
        if ($main !== null) {
            $document['fillings'][0]['name'] = "{$main->name} of the day before";
            $document['fillings'][0]['parts'] = [[
                'name' => "{$main->name} of the day before", 'kind' => $main->toughest()->id,
                'of_rice' => 1.5, 'holds' => array_keys($dish->allergens()),
            ]];
        }
        $document['usual']['eaters'] = $left->portions;
        $new = Dish::made($document, $planner);
        $new->save();
        $cook->tell('leftovers', ['how' => LeftoversGone::CookedOn->value], $this->clock->now());

        return redirect()->route('pot', $new);
    }
}
