<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\Archive\ArchiveIn;
use App\Formats\Archive\ArchiveOut;
use App\Models\Household;
use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\Uid\Ulid;

/** Everything the household keeps, out as one file and in again, with a look first. */
final class ArchiveController
{
    /** One that was looked at and left is thrown away after so long. */
    private const LEFT_S = 86400;

    public function file(ClockInterface $clock): BinaryFileResponse
    {
        $household = app(Household::class);
        $path = self::place((string) Str::ulid());
        ArchiveOut::to($path, $household, $clock->now());

        return response()->download(
            $path, (Str::slug($household->name) ?: 'household').'-'.$clock->now()->format('Y-m-d').'.zip',
            ['Content-Type' => 'application/zip'],
        )
            ->deleteFileAfterSend();
    }

    /** @throws Refused naming what does not hold */
    public function look(Request $request, ClockInterface $clock): View
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw Refused::because('file', 'refused.is-no-archive');
        }
        $key = (string) Str::ulid();
        $archive = ArchiveIn::of($file->getPathname());
        $found = $archive->look(app(Household::class), $clock->now());
        copy($file->getPathname(), self::place($key));

        return view(
            'kitchen.archive',
            [
                'key' => $key, 'from' => $archive->household(), 'found' => $found,
                'hasKitchen' => Kitchen::query()->exists(),
            ],
        );
    }

    /** @throws Refused */
    public function take(Request $request, ClockInterface $clock): RedirectResponse
    {
        $key = Fields::ofForm($request->all())->text('key');
        $path = Str::isUlid($key) ? self::place($key) : '';
        if ($path === '' || ! is_file($path)) {
            throw Refused::because('key', 'refused.the-archive-is-gone');
        }
        ArchiveIn::of($path)->take(app(Household::class), $clock->now());
        unlink($path);

        return redirect()->route('shelf');
    }

    private static function place(string $for): string
    {
        $folder = storage_path('app/archives');
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        foreach (glob("{$folder}/*.zip") ?: [] as $old) {
            // Its key says since when; a file's own time may be that of a copy, or of another clock.
            $key = basename($old, '.zip');
            if (! Str::isUlid($key) || time() - Ulid::fromString($key)->getDateTime()->getTimestamp() > self::LEFT_S) {
                unlink($old);
            }
        }

        return "{$folder}/{$for}.zip";
    }
}
