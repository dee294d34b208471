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
    public function text(Quantity $amount, Cup $cup): string
    {
        $count = $amount->pieceG === null || $amount->unit !== 'g'
            ? null : self::pieces($amount->amount / $amount->pieceG, $amount->pieceG);
        if ($count !== null && ($this === self::Cups || $amount->pieceG < self::COUNTED_BELOW_G)) {
            return $count;
        }

        return $this->measured($amount, $cup).($count === null ? '' : " ({$count})");
    }

    /** So many of what is counted: whole ones, of large ones halves. */
    private static function pieces(float $many, float $pieceG): string
    {
        $halves = $pieceG >= self::HALVES_FROM_G && $many < 10 ? (int) round(2 * $many) : 2 * (int) round($many);
        $halves = max($pieceG >= self::HALVES_FROM_G ? 1 : 2, $halves);

        return (intdiv($halves, 2) > 0 ? (string) intdiv($halves, 2) : '').($halves % 2 === 1 ? '½' : '');
    }

    private function measured(Quantity $amount, Cup $cup): string
    {
        if ($this === self::Grams || ! in_array($amount->unit, ['g', 'ml', 'L'], true)) {
            return $amount->text();
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
            ? number_format($ounces / self::OUNCES_PER_POUND, 2, '.', '').' lb'
            : number_format($ounces, $ounces < 2 ? 2 : 1, '.', '').' oz';
    }

    /** Millilitres in cups, tablespoons or teaspoons, to the quarter. */
    private static function spooned(float $ml, Cup $cup): string
    {
        if ($ml < self::PINCH_ML) {
            return 'a pinch';
        }
        [$amount, $unit] = match (true) {
            $ml >= $cup->millilitres() / 4 => [$ml / $cup->millilitres(), 'cups'],
            $ml >= self::TABLESPOON_ML => [$ml / self::TABLESPOON_ML, 'tbsp'],
            default => [$ml / self::TEASPOON_ML, 'tsp'],
        };
        $quarters = max(1, (int) round(4 * $amount));
        $part = [0 => '', 1 => '¼', 2 => '½', 3 => '¾'][$quarters % 4];
        $whole = intdiv($quarters, 4);

        return trim(($whole > 0 ? (string) $whole : '').$part).' '.($quarters <= 4 && $unit === 'cups' ? 'cup' : $unit);
    }
}
