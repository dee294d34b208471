<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\View as Views;
use Illuminate\View\View;
use LogicException;

/** A page in parts (Blade's fragments), of which only those go out that the browser has not. */
final class Parts
{
    /**
     * @param  int  $version of what is shown
     * @param  view-string  $page
     * @param  array<string, mixed>  $data
     */
    public static function answer(int $version, string $page, array $data, mixed $has): JsonResponse
    {
        return response()->json(
            ['version' => $version] + self::of($page, $data, $has),
            options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * @param  view-string  $page a view whose fragments are named by the id of the element each renders
     * @param  array<string, mixed>  $data
     * @param  mixed  $has sums of the parts that the browser has, by id, as an earlier answer told them
     * @return array{parts: array<string, string>, sums: array<string, string>}
     */
    public static function of(string $page, array $data, mixed $has): array
    {
        /** @var array<string, string> $fragments */
        $fragments = [];
        $view = Views::make($page, $data);
        if (! $view instanceof View) {
            throw new LogicException("{$page} is no view with fragments.");
        }
        $view->render(static function (View $rendered) use (&$fragments): void {
            $fragments = $rendered->getFactory()->getFragments();
        });
        // The drawings have told by now what they are filled with.
        $fragments['hatches'] = view('components.drawing.hatches')->render();
        $sums = array_map(static fn (string $html): string => hash('xxh32', $html), $fragments);

        return [
            'parts' => array_filter(
                $fragments,
                static fn (string $id): bool => ! is_array($has) || ($has[$id] ?? null) !== $sums[$id],
                ARRAY_FILTER_USE_KEY,
            ),
            'sums' => $sums,
        ];
    }
}
