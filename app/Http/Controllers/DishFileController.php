<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Formats\RecipeJsonLd;
use App\Formats\RecipeText;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\FromRecipe;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\RecipeMethod;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeStep;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Dish\StepGoes;
use Orbek\Core\Dish\Table;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;

/** Dishes in and out: files, copies, and dishes put away. */
final class DishFileController
{
    private const MOST_STEPS = 80;

    public function export(Dish $dish): Response
    {
        $json = (string) json_encode(
            $dish->document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );

        return response($json."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($dish->name) ?: 'dish').'.orbek.json"',
        ]);
    }

    /**
     * Reads a file and shows what it would be here; nothing is kept yet.
     *
     * @throws Refused when it is no dish, or names a pot, ring or bag that this kitchen has not
     */
    public function preview(Request $request, Planner $planner): View
    {
        $text = $request->input('text');
        if (is_string($text) && trim($text) !== '') {
            return self::asked(
                RecipeText::read($text, Kitchen::core()->equipment->cup, app(Craft::class)->foods),
            );
        }
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw Refused::because('file', 'refused.no-dish-file');
        }
        if (! $file->isValid()) {
            throw Refused::because('file', 'refused.did-not-arrive');
        }
        $json = (string) $file->get();
        $recipe = OpenFile::recipe($json, Kitchen::core()->equipment->cup);
        if ($recipe instanceof RecipeRead) {
            return self::asked($recipe);
        }
        $plan = $planner->plan($recipe ?? OpenFile::dish($json));

        return view(
            'shelf.preview',
            ['plan' => $plan, 'known' => Dish::query()->where('name', $plan->dish->name)->exists()],
        );
    }

    /** What was read, for the cook to put right. */
    private static function asked(RecipeRead $recipe): View
    {
        return view('shelf.recipe', [
            'recipe' => $recipe, 'roles' => RecipeLine::roles(app(Craft::class)),
            'places' => RecipeMethod::places($recipe->steps), 'goes' => app(Wording::class)->options(StepGoes::cases()),
        ]);
    }

    /** Puts a previewed dish on the shelf, beside what is there. */
    public function import(Request $request, Planner $planner): RedirectResponse
    {
        $dish = OpenFile::dish(Fields::of($request->all())->document('document'));
        $planner->plan($dish);

        return redirect()->route('pot', $this->onTheShelf((new Dish(['version' => 1]))->take($dish)));
    }

    /** The dish as a schema.org recipe. */
    public function recipe(Dish $dish, Planner $planner): Response
    {
        $json = (string) json_encode(
            RecipeJsonLd::of($planner->plan($dish->core()), app(Wording::class)),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );

        return response($json."\n", 200, [
            'Content-Type' => 'application/ld+json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($dish->name) ?: 'dish').'.recipe.json"',
        ]);
    }

    /**
     * A recipe's lines, as the cook has put them right, become a dish of the school chosen.
     *
     * @throws Refused
     */
    public function fromRecipe(Request $request, Planner $planner): RedirectResponse
    {
        $kitchen = Kitchen::core();
        $form = Fields::ofForm($request->all());
        $school = app(Craft::class)->schools->get($form->text('school'), 'school');
        $lines = [];
        foreach ($form->each('lines') as $line) {
            $role = $line->text('role');
            $lines[] = [
                'of' => $line->text('of'), 'text' => $line->has('text') ? $line->text('text') : $line->text('of'),
                'role' => $role, 'for' => $line->has('for') ? $line->text('for') : null,
                'piece_g' => $line->has('piece_g') ? $line->number('piece_g', 0.001, 5000, 'g') : null,
                'grams' => $role === RecipeLine::NOWHERE ? 0.0 : $line->number('grams', 0.1, 20000, 'g'),
            ];
        }
        $document = FromRecipe::document(
            school: $school, kitchen: $kitchen, craft: app(Craft::class), name: trim($form->text('name')),
            eaters: $form->whole('eaters', 1, Table::MOST_EATERS), lines: $lines, method: self::method($form),
        );
        $dish = Dish::made($document, $planner);

        return redirect()->route('pot', $this->onTheShelf($dish));
    }

    /**
     * The method's sentences, each with where the cook has it go.
     *
     * @return list<array{step: RecipeStep, goes: StepGoes}>
     *
     * @throws Refused
     */
    private static function method(Fields $form): array
    {
        return array_map(static function (Fields $step): array {
            $least = $step->has('least') ? $step->number('least', 0.1, 2880, 'min') : null;
            $most = $step->has('most') ? $step->number('most', 0.1, 2880, 'min') : $least;
            if ($least !== null && $most < $least) {
                throw Refused::because($step->at('most'), 'refused.least-and-most');
            }

            return [
                'step' => new RecipeStep(
                    $step->text('text'), $least === null || $most === null ? null : [$least, $most],
                    $step->has('ring') ? $step->text('ring') : null, $step->has('look') ? $step->text('look') : null,
                ),
                'goes' => $step->one('goes', StepGoes::class, StepGoes::Nowhere),
            ];
        }, array_slice($form->each('steps'), 0, self::MOST_STEPS));
    }

    /** A first dish of a school, to be changed from there. */
    public function start(Request $request, Planner $planner): RedirectResponse
    {
        $school = app(Craft::class)->schools->get(Fields::of($request->all())->text('school'), 'school');
        $kitchen = Kitchen::core();
        if ($school->cooking === Cooking::Cooker && $kitchen->cookers() === []) {
            throw Refused::because('school', 'refused.school-wants-a-cooker');
        }
        $dish = Dish::made(Starter::document($school, $kitchen, app(Wording::class)->name(
            Note::of('first-names.new-dish', school: $school->label),
        )), $planner);

        return redirect()->route('pot', $this->onTheShelf($dish));
    }

    public function copy(Dish $dish): RedirectResponse
    {
        return redirect()->route(
            'pot',
            $this->onTheShelf(
                (new Dish(['version' => 1]))->take(
                    $dish->core()->changed('name', Str::limit($dish->name, 180).', a copy'),
                ),
            ),
        );
    }

    /** Put away, not thrown away: the shelf offers it back. */
    public function putAway(Dish $dish): RedirectResponse
    {
        $dish->delete();

        return redirect()->route('shelf')->with('put-away', ['id' => $dish->id, 'name' => $dish->name]);
    }

    public function takeOut(string $id): RedirectResponse
    {
        $dish = Dish::withTrashed()->findOrFail($id);
        $dish->restore();

        return redirect()->route('shelf');
    }

    private function onTheShelf(Dish $dish): Dish
    {
        $dish->save();

        return $dish;
    }
}
