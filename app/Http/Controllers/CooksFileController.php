<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\CooksCsv;
use App\Models\Cook;
use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** The cooks as a table for spreadsheets, out and in. */
final class CooksFileController
{
    public function file(): Response
    {
        $cooks = Cook::query()->whereNotNull('rice')->oldest('started_at')->lazy(200);

        return response(CooksCsv::write($cooks, Kitchen::core()->site->timezone), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="cooks.csv"',
        ]);
    }

    /** @throws Refused naming what is wrong with the table */
    public function look(Request $request, ClockInterface $clock): View
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw Refused::because('file', 'refused.no-table-came');
        }
        $bytes = (string) file_get_contents($file->getPathname());

        return view(
            'notebook.table',
            [
                'found' => CooksCsv::read($bytes, $clock->now()), 'table' => base64_encode($bytes),
                'zone' => Kitchen::core()->site->timezone,
            ],
        );
    }

    /** @throws Refused */
    public function take(Request $request, ClockInterface $clock): RedirectResponse
    {
        $bytes = base64_decode(Fields::ofForm($request->all())->document('table'), true);
        CooksCsv::take(CooksCsv::read($bytes === false ? '' : $bytes, $clock->now())['new']);

        return redirect()->route('notebook');
    }
}
