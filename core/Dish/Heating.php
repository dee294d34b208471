<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\HeatPlan;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** The heat line changed a stretch at a time; from the first change on it is the cook's own. */
final class Heating
{
    private const LEAST_MIN = 0.5;

    private const MOST_MIN = 240.0;

    private const MOST_BLOCKS = 12;

    /** The words that changed() understands. */
    private const WORD = '/^heat:(stock|take|(minutes|setting|plate|part|remove):(\d{1,2}))$/';

    public static function understands(string $path): bool
    {
        return preg_match(self::WORD, $path) === 1;
    }

    /**
     * @param  non-empty-list<HeatBlock>  $now the line as planned
     * @param  string  $path "heat:setting:0" and its like, "heat:take" a whole line, "heat:stock" the school's
     * @param  mixed  $value minutes, a setting in %, true or false, or a list of stretches
     *
     * @throws OutOfRange
     */
    public static function changed(Dish $dish, array $now, string $path, mixed $value): Dish
    {
        preg_match(self::WORD, $path, $read);
        if (($read[1] ?? '') === 'stock') {
            return $dish->changed('lid/heat', null);
        }
        if (($read[1] ?? '') === 'take') {
            HeatLine::fromFields(Fields::of(['lid/heat' => $value])->each('lid/heat'));

            return $dish->changed('lid/heat', $value);
        }
        $at = (int) ($read[3] ?? 0);
        /** @var list<array<string, float|bool|string>> $blocks */
        $blocks = (new HeatPlan($now, 0.0, 0.0, []))->toArray();
        if (! isset($blocks[$at])) {
            throw OutOfRange::because($path, "there is no stretch {$at};", 'give 0 to '.(count($blocks) - 1));
        }
        $number = is_int($value) || is_float($value) ? (float) $value : NAN;
        switch ($read[2] ?? '') {
            case 'minutes':
                $blocks[$at]['minutes'] = OutOfRange::unlessBetween($path, $number, self::LEAST_MIN, self::MOST_MIN, 'min');
                break;
            case 'setting':
                $blocks[$at]['setting'] = OutOfRange::unlessBetween($path, $number, 0.0, 100.0, '%') / 100;
                unset($blocks[$at]['oven_c']);
                break;
            case 'plate':
                $blocks[$at]['plate'] = $value === true;
                break;
            case 'part':
                if (count($blocks) >= self::MOST_BLOCKS) {
                    throw OutOfRange::because($path, count($blocks).' stretches are as many as are kept;', 'remove one first');
                }
                $half = ['minutes' => max(self::LEAST_MIN, round($now[$at]->minutes / 2, 1))] + $blocks[$at];
                unset($half['until']);
                array_splice($blocks, $at, 1, [$half, $half]);
                break;
            default:
                if (count($blocks) === 1) {
                    throw OutOfRange::because($path, 'it is the last stretch of heat;', 'part it first');
                }
                array_splice($blocks, $at, 1);
        }

        return $dish->changed('lid/heat', $blocks);
    }
}
