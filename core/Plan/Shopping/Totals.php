<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Shopping;

use Orbek\Core\Heat\Origin;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Work\Day;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Pot\Section;

/** The figures that sum a dish up, each made where it is asked for. */
final readonly class Totals
{
    public function __construct(private Potted $potted, private Kitchen $kitchen, private Day $day)
    {
    }

    /** Raw rice. */
    public function rice(): Figure
    {
        return self::rawRice($this->potted, $this->kitchen);
    }

    public static function rawRice(Potted $potted, Kitchen $kitchen): Figure
    {
        $table = $potted->dish->table;
        $parts = [Note::of('totals.people', eaters: $table->eaters)];
        if ($table->children > 0) {
            $parts[] = Note::of('totals.children', children: $table->children);
        }
        if ($table->eaters > 8) {
            $parts[] = Note::of('totals.past-the-eighth');
        }
        if ($table->leftovers > 0) {
            $parts[] = Note::of('totals.for-later', leftovers: $table->leftovers);
        }
        $kgPerLitre = $kitchen->bag($potted->dish->grain->rice->bag, 'rice/lot')->kind->bulkKgPerLitre();

        return Figure::of($potted->raw->inGrams(), 'g', 0,
            Note::of(
                'totals.shares', parts: $parts, shares: round($table->shares(), 2),
                gramsPerAdult: (int) round($table->eachG()),
            ),
            Note::of(
                'totals.in-cups',
                volume: $potted->raw->volume($kgPerLitre)->inCups($kitchen->equipment->cup),
                cup: $kitchen->equipment->cup,
            ));
    }

    /** Raw filling. */
    public function filling(): Figure
    {
        $filling = $this->potted->dish->fillings;
        $raw = $this->potted->raw;

        return Figure::of($filling->rawMass($raw)->inGrams(), 'g', 0, Note::of(
            'totals.of-the-raw-rice',
            kg: round(
                $filling->rawMass($raw)->kg / $raw->kg,
                2,
            ), layeredMass: Quantity::grams($filling->layeredMass($raw)->inGrams()),
        ));
    }

    /** Food in the pot. */
    public function weight(): Figure
    {
        $grams = array_sum(
            array_map(
                static fn (Layer $layer): float => $layer->mass->inGrams(), $this->potted->first()->section->layers,
            ),
        );

        return Figure::of($grams, 'g', 0, Note::of('totals.what-is-weighed'));
    }

    /** Height left under the lid. */
    public function free(): Figure
    {
        $section = $this->potted->first()->section;

        return Figure::of($section->freeCm(), 'cm', 1,
            Note::of(
                'totals.how-high', pot: $section->pot->name, heightCm: $section->pot->heightCm(),
                layeredCm: $section->layeredCm(), topCm: $section->topCm(),
            ),
            Note::of('totals.free-height', freeCm: (int) Section::FREE_CM));
    }

    /** What the seal keeps of the steam that meets the lid. */
    public function steam(): Figure
    {
        $seal = $this->potted->dish->lid->seal;
        $rope = $seal->doughRopeCm($this->potted->first()->place->pot->diameterCm);

        return Figure::of(100 * (1 - $seal->leakShare), '% kept', 0,
            Note::of(
                'totals.leak',
                seal: $seal->name,
                leakShare: (int) round(100 * $seal->leakShare),
            ),
            $rope === null
                ? Note::of('totals.drips-back')
                : Note::of(
                    'totals.dough-rope',
                    rope: (int) round($rope),
                    doughG: (int) round(Seal::DOUGH_G_PER_CM * $rope),
                ));
    }

    /** Time under the lid. */
    public function sealed(): Figure
    {
        $load = $this->potted->first();
        $stretches = array_map(fn (Stretch $took, Stretch $stretch): Note => Note::of(
            'totals.heat', minutes: Quantity::minutes($took->minutes),
            heat: $this->kitchen->says($stretch->flame, $load->place->ring->id),
        ), $load->heat(), $load->line());

        return Figure::of(HeatLine::minutes($load->heat()), 'min', 0,
            Note::of('totals.heat-line', stretches: $stretches),
            match ($load->heating?->origin) {
                Origin::Own => Note::of('totals.own-heat'),
                Origin::Found => Note::of(
                    'totals.found-heat', pot: $load->place->pot->name, ring: $load->place->ring->name,
                ),
                default => Note::of(
                    'totals.schools-heat', baseCm2: (int) round($load->place->pot->baseCm2()),
                    ring: $load->place->ring->name,
                ),
            });
    }

    /** When the lid comes off. */
    public function lidOff(): Figure
    {
        $opensMin = $this->day->schedule->start(WorkKind::Open->id());

        return Figure::timeOfDay(
            Instant::plusMinutes($this->day->tableAt, $opensMin),
            Note::of('totals.open-and-carry', minutes: -$opensMin, tableAt: $this->day->tableAt),
        );
    }
}
