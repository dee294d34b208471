<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Water\Absorption;

/** Measured water for rice that is not drained. */
final class AbsorptionController
{
    private const FIRST = ['raw_g' => 400, 'soak_min' => 30, 'soak_c' => 20, 'open_min' => 8, 'setting' => 50, 'covered_min' => 15, 'filling_g' => 0, 'broth_g' => 0];

    /** @throws OutOfRange */
    public function __invoke(Request $request): View
    {
        $kitchen = Kitchen::core();
        $given = [];
        foreach (self::FIRST as $name => $first) {
            $value = $request->query($name, (string) $first);
            $given[$name] = is_numeric($value) ? (float) $value : $value;
        }
        $words = ['lot' => array_key_first($kitchen->lots), 'burner' => array_key_first($kitchen->burners), 'seal' => Seal::TightLid->value, 'cup' => $kitchen->cup->value, 'folded' => '0'];
        foreach ($words as $name => $first) {
            $words[$name] = $request->query($name, $first);
        }
        $fields = Fields::of($given + $words);

        $absorption = Absorption::of(
            $kitchen->lot($fields->text('lot'), 'lot')->kind,
            Soak::of($fields->number('soak_min', 0, 2880, 'min'), $fields->number('soak_c', 0, 60, '°C')),
            Mass::grams($fields->number('raw_g', 20, 10000, 'g')),
            $kitchen->burner($fields->text('burner'), 'burner'),
            $fields->number('open_min', 0, 120, 'min'),
            $fields->number('setting', 0, 100, '%') / 100,
            $fields->one('seal', Seal::class),
            $fields->number('covered_min', 0, 180, 'min'),
            $words['folded'] === '1',
            $fields->number('filling_g', 0, 10000, 'g'),
            $fields->number('broth_g', 0, 20000, 'g'),
            $fields->one('cup', Cup::class),
        );

        return view('kitchen.absorption', ['home' => $kitchen, 'given' => $given, 'words' => $words, 'absorption' => $absorption]);
    }
}
