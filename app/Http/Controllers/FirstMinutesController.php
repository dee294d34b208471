<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Kitchen\FirstMinutes;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** The first minutes: a kitchen of one's own, asked for one sentence at a time, and a first dish in it. */
final class FirstMinutesController
{
    /** Rows of one list, at most. */
    private const MOST_ROWS = 12;

    private const LISTS = ['pots' => 'pots', 'rings' => 'rings', 'rice' => 'bags'];

    public function show(string $step = FirstMinutes::STEPS[0]): View|RedirectResponse
    {
        if ($step !== 'dish' && ! in_array($step, FirstMinutes::STEPS, true)) {
            abort(404);
        }

        return $step === 'dish' ? $this->dish() : $this->page($step);
    }

    /** An answer as it stands: kept, and drawn with those before it. */
    public function look(Request $request, string $step): View
    {
        $this->keep($request, $step);
        [$home, $wrong] = $this->kitchen();

        return view('begin.drawing', ['home' => $home, 'wrong' => $wrong]);
    }

    /** An answer given: on to the next sentence, back to the one before, or one row more or less. */
    public function answer(Request $request, string $step): View|RedirectResponse
    {
        if (! in_array($step, FirstMinutes::STEPS, true)) {
            abort(404);
        }
        $this->keep($request, $step);
        $go = self::go($request);
        if ($go === 'row' || preg_match('/^(less|like)-/', $go) === 1) {
            return redirect()->route('begin', $step);
        }
        $at = (int) array_search($step, FirstMinutes::STEPS, true);
        if ($go === 'back') {
            return redirect()->route('begin', FirstMinutes::STEPS[max(0, $at - 1)]);
        }
        [, $wrong] = $this->kitchen();
        // What is wrong with this answer is said here; another's is said where it is asked.
        if ($wrong !== null) {
            return $this->page($step, $wrong);
        }

        return redirect()->route('begin', FirstMinutes::STEPS[$at + 1] ?? 'dish');
    }

    /** The kitchen is made, and a first dish in it. */
    public function begin(Request $request, ClockInterface $clock, FoundLines $found): RedirectResponse
    {
        $form = Fields::of($request->all());
        $id = strtolower($form->text('made'));
        if (! Str::isUlid($id)) {
            throw Refused::because('made', 'refused.no-ulid-of-a-page', id: $id);
        }
        // Pressed twice it is made once: the dish has the id that the page came with.
        $there = Dish::query()->find($id);
        if ($there !== null) {
            return redirect()->route('pot', $there);
        }
        $school = app(Craft::class)->schools->get($form->text('school'), 'school');
        $answers = $this->answers();
        $document = FirstMinutes::document($answers, (string) config('orbek.timezone'), app(Wording::class)->name(...));
        $home = OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        if ($school->cooking === Cooking::Cooker && $home->cookers() === []) {
            throw Refused::because('school', 'refused.school-wants-a-cooker');
        }
        $dish = CoreDish::fromArray(
            Starter::document(
                $school, $home, app(Wording::class)->name(Note::of('first-names.dish', school: $school->label)),
            ),
            app(Craft::class),
        )->changed('usual/eaters', FirstMinutes::eaters($answers['people'] ?? Fields::ofForm([])));
        $dish = Moving::right($dish, $home, Planner::in($home, Knowledge::none(), $clock->now(), $found));
        $made = DB::transaction(static function () use ($home, $dish, $id): Dish {
            // Looked at again where nobody writes meanwhile: the other press may have come first.
            $there = Dish::withoutGlobalScopes()->find($id);
            if ($there !== null) {
                Dish::refuseForeign($id, 'made');

                return $there;
            }
            $household = app(Household::class);
            $household->update(['begun' => null]);
            if ($household->is_demo) {
                $household = $household->leftFor($home->name)->takeInUse();
                app()->instance(Household::class, $household);
            }
            Kitchen::query()->create(['document' => $home->toArray()])->takeInUse();
            $made = (new Dish(['id' => $id, 'version' => 1]))->take($dish);
            $made->save();

            return $made;
        });
        $request->session()->flash('begun', $home->name);

        return redirect()->route('pot', $made);
    }

    private function page(string $step, ?Refused $wrong = null): View
    {
        [$home, $drawnWrong] = $this->kitchen();

        return view('begin.show', [
            'step' => $step, 'at' => (int) array_search($step, FirstMinutes::STEPS, true),
            'said' => app(Household::class)->begun[$step] ?? [],
            'home' => $home, 'wrong' => $wrong ?? $drawnWrong,
        ]);
    }

    private function dish(): View|RedirectResponse
    {
        [$home, $wrong] = $this->kitchen();

        return $home === null || $wrong !== null
            ? redirect()->route('begin')
            : view('begin.dish', ['home' => $home, 'made' => (string) Str::ulid(), 'schools' => array_filter(
                app(Craft::class)->schools->all,
                static fn ($school): bool => $school->cooking !== Cooking::Cooker || $home->cookers() !== [],
            )]);
    }

    /**
     * What was typed is kept as it was typed, right or not; what comes late is not written over what was
     * given later.
     */
    private function keep(Request $request, string $step): void
    {
        $said = self::rows($step, $request->except(['_token', 'go', 'said_at']), self::go($request));
        $form = Fields::ofForm($request->all());
        $at = $form->has('said_at') ? $form->number('said_at', 0, 1e14) : null;
        DB::transaction(static function () use ($step, $said, $at): void {
            $household = Household::query()->findOrFail(app(Household::class)->id);
            $times = $household->begun['said_at'] ?? [];
            if ($at === null || $at >= ($times[$step] ?? 0)) {
                $times[$step] = $at ?? $times[$step] ?? 0;
                $household->update(['begun' => [$step => $said, 'said_at' => $times] + ($household->begun ?? [])]);
            }
            app()->instance(Household::class, $household);
        });
    }

    /** Which button was pressed. */
    private static function go(Request $request): string
    {
        $go = $request->input('go');

        return is_string($go) ? $go : '';
    }

    /**
     * A list's rows numbered anew, with one more or one less where that was asked for.
     *
     * @param  array<array-key, mixed>  $said
     * @return array<array-key, mixed>
     */
    private static function rows(string $step, array $said, string $go): array
    {
        $list = self::LISTS[$step] ?? null;
        if ($list === null) {
            return $said;
        }
        $rows = array_values(array_filter(is_array($said[$list] ?? null) ? $said[$list] : [], is_array(...)));
        if ($go === 'row') {
            $rows[] = [];
        } elseif (preg_match('/^less-(\d+)$/', $go, $which) === 1 && count($rows) > 1) {
            unset($rows[(int) $which[1]]);
        } elseif (preg_match('/^like-(\d+)$/', $go, $which) === 1 && isset($rows[(int) $which[1]])) {
            array_splice($rows, (int) $which[1] + 1, 0, [array_diff_key($rows[(int) $which[1]], ['name' => 0])]);
        }

        return [$list => array_slice(array_values($rows), 0, self::MOST_ROWS)];
    }

    /** @return array<string, Fields> what was answered so far, by step */
    private function answers(): array
    {
        $begun = app(Household::class)->begun ?? [];

        return array_map(
            static fn (mixed $said): Fields => Fields::ofForm(is_array($said) ? $said : []),
            array_intersect_key($begun, array_flip(FirstMinutes::STEPS)),
        );
    }

    /** @return array{CoreKitchen|null, Refused|null} the kitchen so far, or what is wrong with it */
    private function kitchen(): array
    {
        try {
            return [
                CoreKitchen::fromArray(FirstMinutes::document(
                    $this->answers(), (string) config('orbek.timezone'), app(Wording::class)->name(...),
                )),
                null,
            ];
        } catch (Refused $wrong) {
            return [null, $wrong];
        }
    }
}
