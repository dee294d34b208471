<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** The units a cook reads amounts in; inside they stay grams and millilitres. */
enum Units: string
{
    case Grams = 'grams';
    case Ounces = 'ounces';
    case Cups = 'cups';

    private const GRAMS_PER_OUNCE = 28.349523125;

    private const OUNCES_PER_POUND = 16.0;

    private const TEASPOON_ML = 5.0;

    private const TABLESPOON_ML = 15.0;

    /** What weighs less than this each is counted, whatever the cook measures in: no kitchen scale tells 4 cloves. */
    private const COUNTED_BELOW_G = 5.0;

    /** From this weight on half of one is told. */
    private const HALVES_FROM_G = 30.0;

    private const PINCH_ML = 0.6;

    /** What fills a cup and is not known: between raw rice and a stew, kg per litre (our own). */
    private const USUAL_KG_PER_L = 0.9;

    /** An amount as this cook reads it. */
    public function told(Quantity $amount, Cup $cup): Note
    {
        $count = $amount->pieceG === null || $amount->unit !== 'g'
            ? null : self::pieces($amount->amount / $amount->pieceG, $amount->pieceG);
        if ($count !== null && ($this === self::Cups || $amount->pieceG < self::COUNTED_BELOW_G)) {
            return Note::of('units.plain', n: $count);
        }
        $measured = $this->measured($amount, $cup);

        return $count === null ? $measured : Note::of('units.counted', amount: $measured, many: $count);
    }

    /** So many of what is counted: whole ones, of large ones halves. */
    private static function pieces(float $many, float $pieceG): string
    {
        $halves = $pieceG >= self::HALVES_FROM_G && $many < 10 ? (int) round(2 * $many) : 2 * (int) round($many);
        $halves = max($pieceG >= self::HALVES_FROM_G ? 1 : 2, $halves);

        return (intdiv($halves, 2) > 0 ? (string) intdiv($halves, 2) : '').($halves % 2 === 1 ? '½' : '');
    }

    private function measured(Quantity $amount, Cup $cup): Note
    {
        if ($this === self::Grams || ! in_array($amount->unit, ['g', 'ml', 'L'], true)) {
            return $amount->told();
        }
        $ml = match ($amount->unit) {
            'ml' => $amount->amount,
            'L' => 1000 * $amount->amount,
            // Who has cups and no scale is told cups of everything, as near as that goes.
            default => $amount->kgPerLitre === null && $this !== self::Cups
                ? null : $amount->amount / ($amount->kgPerLitre ?? self::USUAL_KG_PER_L),
        };
        if ($ml !== null && ($this === self::Cups || $amount->unit !== 'g')) {
            return self::spooned($ml, $cup);
        }

        $ounces = $amount->amount / self::GRAMS_PER_OUNCE;

        return $ounces >= self::OUNCES_PER_POUND
            ? Note::of('units.lb', n: number_format($ounces / self::OUNCES_PER_POUND, 2, '.', ''))
            : Note::of('units.oz', n: number_format($ounces, $ounces < 2 ? 2 : 1, '.', ''));
    }

    /** Millilitres in cups, tablespoons or teaspoons, to the quarter. */
    private static function spooned(float $ml, Cup $cup): Note
    {
        if ($ml < self::PINCH_ML) {
            return Note::of('units.pinch');
        }
        $said = static function (float $amount): string {
            $quarters = max(1, (int) round(4 * $amount));
            $whole = intdiv($quarters, 4);

            return ($whole > 0 ? (string) $whole : '').[0 => '', 1 => '¼', 2 => '½', 3 => '¾'][$quarters % 4];
        };

        return match (true) {
            $ml >= $cup->millilitres() / 4 => Note::of(
                'units.cups', n: $said($ml / $cup->millilitres()), isOne: round(4 * $ml / $cup->millilitres()) <= 4,
            ),
            $ml >= self::TABLESPOON_ML => Note::of('units.tablespoons', n: $said($ml / self::TABLESPOON_ML)),
            default => Note::of('units.teaspoons', n: $said($ml / self::TEASPOON_ML)),
        };
    }
}
