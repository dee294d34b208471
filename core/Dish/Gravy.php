<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;

/**
 * The gravy or broth that a filling makes: how much, how far it is cooked down, and where it goes: into the pot with
 * the filling, to the rice as its water, the rest to the table. It is reckoned as water by weight.
 */
final readonly class Gravy
{
    /**
     * Boiled off a pan that simmers open, g a minute: 270 W into the heat of evaporation (our own: a small ring at
     * half).
     */
    public const OPEN_G_PER_MIN = 7.0;

    /** A gravy is not cooked down to less than this share of what it was. */
    private const LEAST_LEFT = 0.25;

    /** Less left of it than this share is thick (our own). */
    private const THICK_LEFT = 0.55;

    private const SHARES_CLOSE = 0.005;

    private function __construct(
        /** Before it is cooked down, for each kg of raw filling. */
        public float $mlPerKg,
        /** Minutes it simmers open. */
        public int $openMin,
        /** Shares of what is left. */
        public float $withIt,
        public float $forRice,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $gravy = new self(
            $fields->number('ml_per_kg', 10, 2000, 'ml per kg of filling'), $fields->whole('open_min', 0, 60, 0),
            $fields->number('with_it', 0, 1, '', 0.0), $fields->number('for_rice', 0, 1, '', 0.0),
        );
        if ($gravy->withIt + $gravy->forRice > 1 + self::SHARES_CLOSE) {
            throw Refused::because(
                $fields->at('with_it'), 'refused.the-gravys-shares-pass-one',
                sum: round($gravy->withIt + $gravy->forRice, 3),
            );
        }

        return $gravy;
    }

    /** When it is cooked down, g. */
    public function grams(Mass $rawFilling): float
    {
        $made = $this->mlPerKg * $rawFilling->kg;

        return max(self::LEAST_LEFT * $made, $made - self::OPEN_G_PER_MIN * $this->openMin);
    }

    /** How thick: what is left of it, share. */
    public function leftShare(Mass $rawFilling): float
    {
        return $this->grams($rawFilling) / ($this->mlPerKg * $rawFilling->kg);
    }

    /** Cooked down so far that it coats a spoon. */
    public function isThick(Mass $rawFilling): bool
    {
        return $this->leftShare($rawFilling) < self::THICK_LEFT;
    }

    public function atTable(): float
    {
        return max(0.0, 1 - $this->withIt - $this->forRice);
    }
}
