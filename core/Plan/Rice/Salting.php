<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\FromTheNote;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Salt;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Water\Taste;

/** Salt in all that is eaten, and the water's salt for each taste, solved backwards. */
final readonly class Salting
{
    private const MOST_SALT_G_PER_L = 50.0;

    /** Of table salt. */
    private const SODIUM_MG_PER_G = 393.0;

    /** Less sure than this, of what it began with, notes tell nothing yet. */
    private const TAUGHT_SD = 0.9 * FromTheNote::SALT_SD;

    private function __construct(
        private Potted $potted, private float $eatenG, private float $fillingG, private FactorBelief $liked,
    ) {
    }

    /** @param  FactorBelief  $liked how salt this household likes it, on the usual share */
    public static function of(Potted $potted, FactorBelief $liked): self
    {
        $eatenG = 0.0;
        foreach ($potted->loads as $load) {
            $eatenG += array_sum(
                array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $load->section->layers),
            );
        }

        return new self($potted, $eatenG, $potted->dish->fillings->inPot()->saltG($potted->raw), $liked);
    }

    /** Salt in all that is eaten, %. */
    public function percent(): Figure
    {
        $dish = $this->potted->dish;
        $riceG = $this->potted->rice->saltKept->amount;
        $percent = $this->share();
        $servings = $dish->table->eaters + $dish->table->leftovers;

        return Figure::of($percent, '% salt', 2,
            Note::of(
                'salting.where-it-is', riceG: $riceG, fillingG: $this->fillingG, saltGPerKg: round(
                    $dish->fillings->inPot()->main()->saltGPerKg ?? 0.0,
                    1,
                ),
                eatenG: Quantity::grams($this->eatenG), percent: Taste::of($percent),
            ),
            Note::of(
                'salting.sodium',
                sodiumMgPerG: (int) round(
                    self::SODIUM_MG_PER_G * ($this->fillingG + $riceG) / $servings,
                ), servings: $servings,
            ));
    }

    /** Salt in all that is eaten, %. */
    public function share(): float
    {
        return 100 * ($this->fillingG + $this->potted->rice->saltKept->amount) / $this->eatenG;
    }

    /** The share that this household's notes call right, %; null where they tell nothing yet. */
    public function liked(): ?float
    {
        return $this->liked->sd() > self::TAUGHT_SD ? null : Taste::Usual->percent() * $this->liked->likely();
    }

    /** Salt that one serving has, g. */
    public function gramsAServing(): float
    {
        $table = $this->potted->dish->table;

        return ($this->fillingG + $this->potted->rice->saltKept->amount) / ($table->eaters + $table->leftovers);
    }

    /** @return list<Mend> the water's salt for each taste that it can be salted to */
    public function tastes(): array
    {
        $rice = $this->potted->rice;
        if ($rice->keptPerGPerL <= 0) {
            return [];
        }
        $tastes = [];
        foreach ([Taste::Mild, Taste::Usual, Taste::Full] as $taste) {
            $tastes[] = $this->saltedTo($taste->percent(), static fn (Quantity $gPerL): Note => Note::of(
                'salting.salt-to-taste', taste: $taste, gPerL: $gPerL,
            ));
        }
        $liked = $this->liked();
        if ($liked !== null) {
            $tastes[] = $this->saltedTo($liked, static fn (Quantity $gPerL): Note => Note::of(
                'salting.salt-as-noted', percent: round($liked, 2), gPerL: $gPerL,
            ));
        }

        return array_values(array_filter($tastes));
    }

    /**
     * The water's salt for a share in all that is eaten; null where that cannot be.
     *
     * @param  callable(Quantity): Note  $says
     */
    private function saltedTo(float $percent, callable $says): ?Mend
    {
        $rice = $this->potted->rice;
        $moreG = $percent / 100 * $this->eatenG - $this->fillingG - $rice->saltKept->amount;
        $gPerL = $this->potted->dish->grain->water->saltGPerL + $moreG / $rice->keptPerGPerL;

        return $gPerL < 0 || $gPerL > self::MOST_SALT_G_PER_L ? null : new Mend(
            $says(Quantity::grams(round($gPerL))->filling(Salt::KG_PER_L)), 'water/salt_g_per_l', round($gPerL, 1),
        );
    }
}
