<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\LotTest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Learning\TestBoil;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Psr\Clock\ClockInterface;

/** Pots, rings and the rice shelf, with what each bag has taught. */
final class KitchenController
{
    public function index(): View
    {
        return view('kitchen.index', ['home' => Kitchen::core(), 'knowledge' => Cook::knowledge()]);
    }

    public function lot(string $id): View
    {
        $lot = Kitchen::core()->lots[$id] ?? abort(404);

        return view('kitchen.lot', [
            'home' => Kitchen::core(),
            'lot' => $lot,
            'knowledge' => Cook::knowledge(),
            'cooks' => Cook::query()->where('dish->rice->lot', $lot->id)->oldest('started_at')->get(),
            'tests' => LotTest::query()->where('lot', $lot->id)->oldest('tested_at')->get(),
        ]);
    }

    /** @throws OutOfRange */
    public function addLot(Request $request): RedirectResponse
    {
        $name = trim($request->string('name')->toString());
        $id = DB::transaction(static function () use ($request, $name): string {
            $kitchen = Kitchen::query()->firstOrFail();
            $document = $kitchen->document;
            $id = Str::slug($name) ?: 'bag';
            $taken = array_column($document['lots'], 'id');
            for ($n = 2; in_array($id, $taken, true); $n++) {
                $id = (Str::slug($name) ?: 'bag')."-{$n}";
            }
            $document['lots'][] = array_filter([
                'id' => $id,
                'name' => $name,
                'kind' => $request->string('kind')->toString(),
                'bought_g' => $request->filled('bought_g') ? $request->float('bought_g') : null,
                'bought_on' => $request->filled('bought_on') ? $request->string('bought_on')->toString() : null,
            ], static fn (mixed $value): bool => $value !== null);
            OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
            $kitchen->update(['document' => $document]);

            return $id;
        });

        return redirect()->route('lot', $id);
    }

    /** The units, cup and salt that amounts are shown in. */
    public function units(Request $request): RedirectResponse
    {
        $kitchen = Kitchen::query()->firstOrFail();
        $document = array_replace($kitchen->document, $request->only(['units', 'cup', 'salt']));
        OpenFile::kitchen((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $kitchen->update(['document' => $document]);

        return redirect()->route('kitchen');
    }

    /** @throws OutOfRange */
    public function test(Request $request, string $id, ClockInterface $clock): RedirectResponse
    {
        $kitchen = Kitchen::core();
        $lot = $kitchen->lot($id, 'lot');
        $soak = Soak::of($request->float('soak_min'), $request->float('soak_c', 20));
        $tests = self::tests($request);
        $likelihood = TestBoil::likelihood($lot->kind, $soak, $kitchen->boilC(), $kitchen->roomC, $tests);
        LotTest::query()->create([
            'lot' => $lot->id,
            'document' => ['soak_min' => $soak->minutes, 'soak_c' => $soak->celsius, 'tests' => array_map(static fn (array $test): array => ['seconds' => $test['seconds'], 'stage' => $test['stage']->value], $tests)],
            'likelihood' => $likelihood,
            'tested_at' => $clock->now(),
        ]);

        return redirect()->route('lot', $lot->id);
    }

    public function takeBack(string $id, LotTest $test): RedirectResponse
    {
        $test->delete();

        return redirect()->route('lot', $id);
    }

    /**
     * The filled rows of the form.
     *
     * @return list<array{seconds: float, stage: Stage}>
     */
    private static function tests(Request $request): array
    {
        $rows = $request->input('tests');
        $tests = [];
        foreach (is_array($rows) ? array_values($rows) : [] as $index => $row) {
            $row = is_array($row) ? $row : [];
            if (($row['minutes'] ?? '') === '' || ($row['minutes'] ?? null) === null) {
                continue;
            }
            if (! is_numeric($row['minutes'])) {
                throw OutOfRange::because("tests/{$index}/minutes", '"'.(is_string($row['minutes']) ? $row['minutes'] : '').'" is no number;', 'give minutes such as 5.5');
            }
            $tests[] = [
                'seconds' => 60 * OutOfRange::unlessBetween("tests/{$index}/minutes", (float) $row['minutes'], 0.1, 90.0, 'min'),
                'stage' => Fields::of($row, "tests/{$index}")->one('stage', Stage::class),
            ];
        }

        return $tests;
    }
}
