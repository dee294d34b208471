<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Dish;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Planner;

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
        $plan = $planner->plan(OpenFile::dish((string) $file->get()));

        return view('shelf.preview', ['plan' => $plan, 'known' => Dish::query()->where('name', $plan->dish->name)->exists()]);
    }

    /** Puts a previewed dish on the shelf, beside what is there. */
    public function import(Request $request, Planner $planner): RedirectResponse
    {
        $dish = OpenFile::dish($request->string('document')->toString());
        $planner->plan($dish);

        return redirect()->route('pot', $this->onTheShelf((new Dish(['version' => 1]))->take($dish)));
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
