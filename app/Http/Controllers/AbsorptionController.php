<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Water\Absorption;

/** Measured water for rice that is not drained. */
final class AbsorptionController
{
    private const FIRST = [
        'raw_g' => 400, 'soak_min' => 30, 'soak_c' => 20, 'open_min' => 8, 'setting' => 50, 'covered_min' => 15,
        'filling_g' => 0, 'broth_g' => 0,
    ];

    /** @throws Refused */
    public function __invoke(Request $request): View
    {
        $kitchen = Kitchen::core();
        $words = [
            'lot' => array_key_first($kitchen->pantry->bags), 'burner' => array_key_first($kitchen->equipment->rings),
            'soak_c' => round($kitchen->reading->degrees(self::FIRST['soak_c'])),
            'seal' => Seal::TIGHT_LID, 'cup' => $kitchen->equipment->cup->value, 'folded' => '0',
        ];
        $asked = array_intersect_key($request->query->all(), self::FIRST + $words) + $words + self::FIRST;
        $fields = Fields::ofForm($asked);

        $absorption = Absorption::of(
            kind: $kitchen->bag($fields->text('lot'), 'lot')->kind,
            soak: Soak::of($fields->number('soak_min', 0, 2880, 'min'), $kitchen->reading->celsius($fields->number(
                'soak_c', $kitchen->reading->degrees(0), $kitchen->reading->degrees(60),
                $kitchen->reading->degrees->sign(),
            ))),
            raw: Mass::grams($fields->number('raw_g', 20, 10000, 'g')),
            netW: $kitchen->ring($fields->text('burner'), 'burner')->netW(),
            openMin: $fields->number('open_min', 0, 120, 'min'),
            setting: $fields->number('setting', 0, 100, '%') / 100,
            leakShare: $fields->known('seal', app(Craft::class)->seals)->leakShare,
            coveredMin: $fields->number('covered_min', 0, 180, 'min'),
            folded: $fields->flag('folded', false),
            fillingFreeG: $fields->number('filling_g', 0, 10000, 'g'),
            brothG: $fields->number('broth_g', 0, 20000, 'g'),
            cup: $fields->one('cup', Cup::class),
        );

        return view(
            'kitchen.absorption',
            ['home' => $kitchen, 'given' => $asked, 'words' => $asked, 'absorption' => $absorption],
        );
    }
}
