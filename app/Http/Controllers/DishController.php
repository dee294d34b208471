<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Models\Dish;
use App\Models\DishVersion;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** One dish, seen as its pot or as its clock, and changed a word at a time. */
final class DishController
{
    private const LAST = 'last-dish';

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    /** The dish last looked at. */
    public function last(Request $request, string $place): RedirectResponse
    {
        $dish = Dish::query()->find($request->session()->get(self::LAST)) ?? Dish::query()->oldest('id')->first();

        return $dish === null ? redirect()->route('shelf') : redirect()->route($place, $dish);
    }

    public function pot(Request $request, Dish $dish, Planner $planner): View
    {
        return $this->show($request, $dish, $planner, 'pot');
    }

    public function clock(Request $request, Dish $dish, Planner $planner): View
    {
        return $this->show($request, $dish, $planner, 'clock');
    }

    /**
     * Changes one word of the dish and answers with the page's body as it follows from it.
     *
     * A window that still shows an older version is told so and changes nothing.
     */
    public function change(Request $request, Dish $dish, Planner $planner): Response|JsonResponse
    {
        $path = $request->string('path')->toString();
        $changed = $planner->plan($dish->core())->changed($path, $request->input('value'));
        OpenFile::dish((string) json_encode($changed->toArray(), JSON_PRESERVE_ZERO_FRACTION));
        $plan = $planner->plan($changed);

        $now = $this->clock->now();
        $saved = DB::transaction(static function () use ($dish, $changed, $request, $now): bool {
            $row = Dish::query()->findOrFail($dish->id);

            if ($row->version !== $request->integer('version')) {
                return false;
            }
            DishVersion::keep($row, $now);

            return $row->take($changed)->fill(['version' => $row->version + 1])->save();
        });
        if (! $saved) {
            return response()->json(['message' => 'This dish was changed in another window meanwhile. Your change is not saved yet; the page now shows the dish as it is. Make your change now if you still want it.'], 409);
        }

        return response()
            ->view(($request->input('view') === 'clock' ? 'clock' : 'pot').'.body', $this->body($dish->refresh(), $plan))
            ->header('X-Dish-Version', (string) $dish->version);
    }

    private function show(Request $request, Dish $dish, Planner $planner, string $place): View
    {
        $request->session()->put(self::LAST, $dish->id);

        return view("{$place}.show", $this->body($dish, $planner->plan($dish->core())));
    }

    /** @return array<string, mixed> */
    private function body(Dish $dish, Plan $plan): array
    {
        // The next cook's id comes with the page, so that a button pressed twice begins one cook.
        return [
            'dish' => $dish,
            'plan' => $plan,
            'today' => $this->clock->now()->setTimezone($plan->kitchen->timezone)->setTime(0, 0),
            'nextCook' => (string) Str::ulid(),
        ];
    }
}
