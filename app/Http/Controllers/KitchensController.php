<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** The kitchens of a household, one of them in use; out as a file and in again. */
final class KitchensController
{
    public function takeInUse(Kitchen $kitchen): RedirectResponse
    {
        $kitchen->takeInUse();

        return redirect()->route('kitchen');
    }

    /** @throws Refused of the one that is cooked in */
    public function away(Request $request, Kitchen $kitchen): RedirectResponse
    {
        if ($kitchen->id === Kitchen::inUse()->id) {
            throw Refused::because('kitchen', 'refused.it-is-cooked-in');
        }
        $kitchen->delete();
        $request->session()->put('kitchen-away', [
            'id' => $kitchen->id, 'name' => $kitchen->document['name'], 'document' => $kitchen->document,
        ]);

        return redirect()->route('kitchen');
    }

    public function back(Request $request): RedirectResponse
    {
        $away = $request->session()->pull('kitchen-away')
            ?? throw Refused::because('kitchen', 'refused.nothing-to-bring-back');
        Kitchen::query()->create(['document' => $away['document']]);

        return redirect()->route('kitchen');
    }

    public function file(): Response
    {
        $kitchen = Kitchen::core();

        return response(
            json_encode(
                $kitchen->toArray(),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION
                | JSON_THROW_ON_ERROR,
            )."\n",
            200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => 'attachment; filename="'.(Str::slug($kitchen->name) ?: 'kitchen').'.json"',
            ],
        );
    }

    /** @throws Refused naming what is wrong with the file */
    public function preview(Request $request): View
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw Refused::because('file', 'refused.no-file-came');
        }
        $json = (string) file_get_contents($file->getPathname());
        $kitchen = OpenFile::kitchen($json);
        $decoded = json_decode($json, true);

        return view('kitchen.preview', [
            'other' => $kitchen,
            'older' => is_array($decoded) && ($decoded['format'] ?? null) !== CoreKitchen::FORMAT,
        ]);
    }

    /** @throws Refused */
    public function import(Request $request): RedirectResponse
    {
        $kitchen = OpenFile::kitchen(Fields::ofForm($request->all())->document('document'));
        Kitchen::query()->create(['document' => $kitchen->toArray()]);

        return redirect()->route('kitchen');
    }
}
