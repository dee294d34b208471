<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\MealCalendar;
use App\Formats\MealFile;
use App\Http\Parts;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LaidMeals;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\MealVersion;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Edit\MealEdit;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Meal\Share;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Meal\MealShopping;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** Meals: several dishes on one clock. */
final class MealController
{
    private const OTHERS_SHOWN = 30;

    private const VERSIONS = 20;

    /** Before this hour a new meal is for tonight. */
    private const TODAY_BEFORE = 14;

    public function __construct(private readonly LaidMeals $laid, private readonly ClockInterface $clock)
    {
    }

    public function show(Request $request, Meal $meal): View
    {
        $request->session()->put('last-meal', $meal->id);
        try {
            $plan = $this->laid->plan($meal);
        } catch (Refused $lacks) {
            return $this->lacks($meal, $lacks);
        }

        return view('meal.show', $this->body($meal, $plan) + [
            'better' => $this->laid->canBeBettered($meal), 'nextCook' => (string) Str::ulid(),
            'isOn' => MealCook::openOf($meal) !== null,
        ]);
    }

    /** What of a meal cannot be cooked here, dish by dish, each with what would do. */
    private function lacks(Meal $meal, Refused $why): View
    {
        $kitchen = Kitchen::core();
        $planner = app(Planner::class);
        $lacking = [];
        foreach ($meal->core()->shares as $place => $share) {
            $dish = Dish::withTrashed()->find($share->dish);
            try {
                if ($dish === null || $dish->trashed()) {
                    throw Refused::because('dish', 'refused.the-dish-is-gone', dish: $dish->name ?? $share->dish);
                }
                $planner->plan($dish->in($kitchen));
            } catch (Refused $lacks) {
                $lacking[$place] = ['dish' => $dish, 'lacks' => $lacks];
            }
        }

        return view('meal.lacks', ['meal' => $meal, 'lacking' => $lacking, 'why' => $why]);
    }

    /** A new meal of a dish, or of several. */
    public function begin(Request $request): RedirectResponse
    {
        $ids = array_values(array_unique(Fields::ofForm($request->all())->texts('dishes')));
        $dishes = Dish::query()->whereKey($ids)->get()->keyBy('id');
        foreach ($ids as $id) {
            if (! isset($dishes[$id])) {
                throw Refused::because('dishes', 'refused.the-dish-is-gone', dish: $id);
            }
        }
        $first = ($dishes->first() ?? throw Refused::because('dishes', 'refused.a-meal-wants-a-dish'))->core();
        $now = $this->clock->now()->setTimezone(Kitchen::core()->site->timezone);
        $serveAt =
            $now->modify(
                $now->format('G') < self::TODAY_BEFORE ? 'today 19:00' : 'tomorrow 19:00'
            )->format('Y-m-d\TH:i');
        $meal = CoreMeal::fromArray([
            'format' => CoreMeal::FORMAT,
            'name' => Str::limit(app(Wording::class)->list($dishes->map(fn (Dish $dish): string => $dish->name)->all()),
                190),
            'serve_at' => $serveAt, 'eaters' => $first->table->eaters, 'children' => $first->table->children,
            'plates' => $first->table->portion->value, 'leftovers' => $first->table->leftovers,
            'hands' => Kitchen::core()->equipment->hands,
            'dishes' => array_map(static fn (string $id): array => ['dish' => $id], $ids),
        ]);

        return redirect()->route('meal', Meal::query()->create(Meal::columns($meal)));
    }

    public function change(Request $request, Meal $meal): JsonResponse
    {
        $asked = Fields::of($request->all());
        $seen = $asked->whole('version', 1, PHP_INT_MAX);
        $path = $asked->text('path');
        $was = $meal->isStill($seen)->core();
        $changed = $path === 'undo'
            ? MealVersion::before($meal)?->core() ?? throw Refused::because('path', 'refused.nothing-to-bring-back')
            : MealEdit::on($was, $path, $request->input('value'));
        $known =
            Dish::query()->whereKey(array_map(static fn (Share $one): string => $one->dish, $changed->shares))->count();
        if ($known < count($changed->shares) && count($changed->shares) > count($meal->core()->shares)) {
            throw Refused::because(
                'dishes', 'refused.the-dish-is-gone',
                dish: is_string($request->input('value')) ? $request->input('value') : '',
            );
        }
        MealFile::check($changed);
        // Planned before it is kept: what cannot be planned is not kept.
        $plan = $this->laid->plan((clone $meal)->fill(Meal::columns($changed)));
        $meal = $meal->become($changed, $seen, $this->clock->now());

        return $this->parts($request, $meal, $plan);
    }

    /** One dish less, from a page on which it could not be planned. */
    public function without(Request $request, Meal $meal, int $place): RedirectResponse
    {
        $seen = Fields::ofForm($request->all())->whole('version', 1, PHP_INT_MAX);
        $changed = MealEdit::on($meal->isStill($seen)->core(), "dishes:remove:{$place}", null);

        return redirect()->route('meal', $meal->become($changed, $seen, $this->clock->now()));
    }

    public function better(Request $request, Meal $meal): JsonResponse
    {
        return $this->parts($request, $meal, $this->laid->better($meal));
    }

    public function versions(Meal $meal): View
    {
        $changes = [];
        $after = $meal->core();
        /** @var MealVersion $version */
        foreach (
            MealVersion::query()->where('meal_id', $meal->id)->latest('version')->limit(self::VERSIONS)
                ->get() as $version
        ) {
            $changes[] = ['version' => $version, 'says' => Difference::between($version->core(), $after)];
            $after = $version->core();
        }

        return view('meal.versions', [
            'meal' => $meal, 'changes' => $changes, 'zone' => Kitchen::core()->site->timezone,
            'names' => Dish::withTrashed()->pluck('name', 'id')->all(),
        ]);
    }

    /** The meal becomes what it was; what it is now is kept as a version too. */
    public function takeBack(Request $request, Meal $meal, MealVersion $mealVersion): RedirectResponse
    {
        abort_unless($mealVersion->meal_id === $meal->id, 404);
        $meal->become(
            $mealVersion->core(), Fields::ofForm($request->all())->whole('version', 1, PHP_INT_MAX),
            $this->clock->now(),
        );

        return redirect()->route('meal', $meal);
    }

    public function list(Meal $meal): View
    {
        try {
            $plan = $this->laid->plan($meal);
        } catch (Refused $lacks) {
            return $this->lacks($meal, $lacks);
        }

        $now = $this->clock->now();

        return view('meal.list', [
            'meal' => $meal, 'plan' => $plan, 'shopping' => MealShopping::of($plan), 'home' => Kitchen::core(),
            'knowledge' => Household::known(), 'paces' => Cook::paces($now), 'now' => $now,
        ]);
    }

    public function calendar(Meal $meal): Response
    {
        return response(
            MealCalendar::of($meal->id, $this->laid->plan($meal), app(Wording::class), $this->clock->now()), 200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="'.(Str::slug($meal->name) ?: 'meal').'.ics"',
            ],
        );
    }

    public function file(Meal $meal): Response
    {
        return response(MealFile::write($meal), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($meal->name) ?: 'meal').'.json"',
        ]);
    }

    /**
     * Reads a file and shows what it would be here; nothing is kept yet.
     *
     * @throws Refused naming what is wrong with the file
     */
    public function preview(Request $request, Planner $planner): View
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw Refused::because('file', 'refused.no-file-came');
        }
        $json = (string) $file->get();
        $read = MealFile::read($json);
        $kitchen = Kitchen::core();
        $here = array_map(static fn (CoreDish $dish): CoreDish => Moving::isNeeded($dish, $kitchen)
            ? Moving::into($dish, $kitchen) : $dish, $read->dishes);

        return view('meal.preview', [
            'plan' => MealPlanner::in($kitchen, $planner, $this->clock->now())->plan($read->meal, $here),
            'json' => $json,
        ]);
    }

    /** Keeps a previewed meal, and its dishes beside those of the shelf. */
    public function import(Request $request): RedirectResponse
    {
        $read = MealFile::read(Fields::ofForm($request->all())->document('document'));
        $meal = DB::transaction(static function () use ($read): Meal {
            $ids = [];
            foreach ($read->dishes as $name => $dish) {
                $made = (new Dish(['version' => 1]))->take($dish);
                $made->save();
                $ids[$name] = $made->id;
            }

            return Meal::query()->create(Meal::columns($read->named($ids)));
        });

        return redirect()->route('meal', $meal);
    }

    public function away(Meal $meal): RedirectResponse
    {
        $meal->delete();
        session()->forget('last-meal');
        session()->put('meal-away', ['name' => $meal->name, 'document' => $meal->document]);

        return redirect()->route('shelf');
    }

    public function back(): RedirectResponse
    {
        $away = session()->pull('meal-away') ?? throw Refused::because('meal', 'refused.nothing-to-bring-back');

        return redirect()->route('meal', Meal::query()->create(Meal::columns(CoreMeal::fromArray($away['document']))));
    }

    private function parts(Request $request, Meal $meal, MealPlan $plan): JsonResponse
    {
        return Parts::answer($meal->version, 'meal.body', $this->body($meal, $plan), $request->input('has'));
    }

    /** @return array<string, mixed> */
    private function body(Meal $meal, MealPlan $plan): array
    {
        $ids = array_map(static fn (Share $share): string => $share->dish, $plan->meal->shares);

        return [
            'meal' => $meal, 'plan' => $plan, 'canUndo' => $meal->version > 1,
            'today' => $this->clock->now()->setTimezone($plan->kitchen->site->timezone)->setTime(0, 0),
            'others' => Dish::query()->whereKeyNot($ids)->orderBy('name')->limit(self::OTHERS_SHOWN)
                ->get(['id', 'name'])->all(),
        ];
    }
}
