<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Formats\RecipeJsonLd;
use App\Models\Dish;
use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Orbek\Core\Dish\FromRecipe;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\School;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** Dishes in and out: files, copies, and dishes put away. */
final class DishFileController
{
    public function export(Dish $dish): Response
    {
        $json = (string) json_encode($dish->document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);

        return response($json."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($dish->name) ?: 'dish').'.orbek.json"',
        ]);
    }

    /**
     * Reads a file and shows what it would be here; nothing is kept yet.
     *
     * @throws OutOfRange when it is no dish, or names a pot, ring or bag that this kitchen has not
     */
    public function preview(Request $request, Planner $planner): View
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw OutOfRange::because('file', 'is missing;', 'choose an Orbek dish');
        }
        if (! $file->isValid()) {
            throw OutOfRange::because('file', 'it did not arrive whole, most likely because it is too large;', 'give at most 1 MB');
        }
        $json = (string) $file->get();
        $recipe = OpenFile::recipe($json, Kitchen::core()->cup);
        if ($recipe !== null && $recipe['dish'] === null) {
            return view('shelf.recipe', ['recipe' => $recipe, 'roles' => RecipeLine::roles()]);
        }
        $plan = $planner->plan($recipe['dish'] ?? OpenFile::dish($json));

        return view('shelf.preview', ['plan' => $plan, 'known' => Dish::query()->where('name', $plan->dish->name)->exists()]);
    }

    /** Puts a previewed dish on the shelf, beside what is there. */
    public function import(Request $request, Planner $planner): RedirectResponse
    {
        $dish = OpenFile::dish($request->string('document')->toString());
        $planner->plan($dish);

        return redirect()->route('pot', $this->onTheShelf((new Dish(['version' => 1]))->take($dish)));
    }

    /** The dish as a schema.org recipe. */
    public function recipe(Dish $dish, Planner $planner): Response
    {
        $json = (string) json_encode(RecipeJsonLd::of($planner->plan($dish->core())), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);

        return response($json."\n", 200, [
            'Content-Type' => 'application/ld+json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($dish->name) ?: 'dish').'.recipe.json"',
        ]);
    }

    /**
     * A recipe's lines, as the cook has put them right, become a dish of the school chosen.
     *
     * @throws OutOfRange
     */
    public function fromRecipe(Request $request, Planner $planner, ClockInterface $clock): RedirectResponse
    {
        $kitchen = Kitchen::core();
        $school = Fields::of($request->all())->one('school', School::class);
        $lines = [];
        foreach (Fields::of($request->all())->each('lines') as $line) {
            $lines[] = ['of' => $line->text('of'), 'role' => $line->text('role'), 'grams' => $line->text('role') === RecipeLine::NOWHERE ? 0.0 : OutOfRange::unlessBetween($line->at('grams'), is_numeric($request->input(str_replace('/', '.', $line->at('grams')))) ? $request->float(str_replace('/', '.', $line->at('grams'))) : -1.0, 0.1, 20000.0, 'g')];
        }
        $document = FromRecipe::document($school, $kitchen, trim($request->string('name')->toString()), $request->integer('eaters'), $lines, self::tomorrow($clock, $kitchen));
        $dish = OpenFile::dish((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $planner->plan($dish);

        return redirect()->route('pot', $this->onTheShelf((new Dish(['version' => 1]))->take($dish)));
    }

    /** A first dish of a school, to be changed from there. */
    public function start(Request $request, Planner $planner, ClockInterface $clock): RedirectResponse
    {
        $school = Fields::of($request->all())->one('school', School::class);
        $kitchen = Kitchen::core();
        if ($school === School::Cooker && $kitchen->cookers() === []) {
            throw OutOfRange::because('school', 'this kitchen has no rice cooker;', 'choose another school');
        }
        $dish = OpenFile::dish((string) json_encode(Starter::document($school, $kitchen, 'A new dish: '.lcfirst($school->label()), self::tomorrow($clock, $kitchen)), JSON_PRESERVE_ZERO_FRACTION));
        $planner->plan($dish);

        return redirect()->route('pot', $this->onTheShelf((new Dish(['version' => 1]))->take($dish)));
    }

    private static function tomorrow(ClockInterface $clock, CoreKitchen $kitchen): string
    {
        return $clock->now()->setTimezone($kitchen->timezone)->modify('+1 day')->setTime(19, 0)->format('Y-m-d\TH:i');
    }

    public function copy(Dish $dish): RedirectResponse
    {
        return redirect()->route('pot', $this->onTheShelf((new Dish(['version' => 1]))->take($dish->core()->changed('name', Str::limit($dish->name, 180).', a copy'))));
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
