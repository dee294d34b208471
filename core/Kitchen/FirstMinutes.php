<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use Orbek\Core\Measure\Degrees;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Knob;
use Orbek\Core\Pot\PotMaterial;
use Orbek\Core\Pot\RingKind;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Water\BoilingPoint;

/**
 * What a new household is asked, one sentence at a time, and the kitchen that comes of it. Whatever is
 * left open gets what most kitchens have, so that every answer may be "I do not know".
 */
final class FirstMinutes
{
    /** The sentences, in their order. */
    public const STEPS = ['units', 'place', 'pots', 'rings', 'plates', 'oven', 'rice', 'people'];

    /** How wide a usual pot of so many litres is, cm a cube root of litre: a 24 cm pot holds 5.5. */
    private const CM_PER_ROOT_LITRE = 13.6;

    /** Power of a usual ring by its size, W. */
    private const WATTS = [
        'gas' => ['small' => 1000, 'middle' => 1800, 'large' => 3000],
        'coil' => ['small' => 1000, 'middle' => 1500, 'large' => 2000],
        'ceramic' => ['small' => 1200, 'middle' => 1800, 'large' => 2300],
        'induction' => ['small' => 1400, 'middle' => 1850, 'large' => 2300],
        'camping' => ['small' => 1000, 'middle' => 1500, 'large' => 2200],
    ];

    /** Where water boils on land, °C. */
    private const BOILS_FROM_C = 82.0;

    private const BOILS_TO_C = 101.9;

    /** @var callable(Note): string */
    private $call;

    /** @param  callable(Note): string  $call */
    private function __construct(callable $call)
    {
        $this->call = $call;
    }

    /**
     * @param  array<string, Fields>  $answers by step; what is missing is not known
     * @param  callable(Note): string  $call what is called so where nobody gave a name, in the language of whoever
     * answers
     * @return array<string, mixed> a kitchen document
     *
     * @throws Refused naming the answer that cannot be
     */
    public static function document(array $answers, string $timezone, callable $call): array
    {
        return (new self($call))->kitchen($answers, $timezone);
    }

    /**
     * @param  array<string, Fields>  $answers
     * @return array<string, mixed>
     */
    private function kitchen(array $answers, string $timezone): array
    {
        $of = static fn (string $step): Fields => $answers[$step] ?? Fields::ofForm([]);

        return ['format' => Kitchen::FORMAT] + $this->place($of('place')) + ['timezone' => $timezone]
            + [
                'pots' => [...$this->pots($of('pots')), ...$this->cooker($of('oven'))],
                'burners' => $this->rings($of('rings')), 'lots' => $this->bags($of('rice')),
            ]
            + $this->plates($of('plates')) + $this->oven($of('oven')) + self::units($of('units'))
            + self::people($of('people')) + ['pantry' => ['salt']];
    }

    /** @return array<string, mixed> */
    private function place(Fields $said): array
    {
        $how = $said->has('how') ? $said->text('how') : 'low';

        return [
            'name' => $said->has('name') ? trim($said->text('name')) : ($this->call)(Note::of('first-names.kitchen')),
            'altitude_m' => match ($how) {
                'height' => $said->number('altitude_m', -430, 5500, 'm'),
                // A thermometer in boiling water tells how high it is.
                'boil' => self::altitude($said),
                default => 0.0,
            },
        ];
    }

    /** The height at which water boils as was read. */
    private static function altitude(Fields $said): float
    {
        $reading = new Reading(degrees: $said->one('boil_in', Degrees::class, Degrees::Celsius));
        $read = $said->number(
            'boil_c', ceil($reading->degrees(self::BOILS_FROM_C)), floor($reading->degrees(self::BOILS_TO_C)),
            $reading->degrees->sign(),
        );

        return round(BoilingPoint::altitudeOf($reading->celsius($read)), -1);
    }

    /** @return list<array<string, mixed>> */
    private function pots(Fields $said): array
    {
        $rows = $said->each('pots');
        if ($rows === []) {
            return [
                [
                    'id' => 'pot-1', 'name' => $this->pot(24.0, 'steel', 5.5), 'material' => 'steel',
                    'diameter_cm' => 24.0,
                    'litres' => 5.5,
                ],
            ];
        }
        $pots = [];
        foreach ($rows as $at => $row) {
            [$across, $litres] = self::measures($row);
            $material = $row->has('material') ? $row->text('material') : 'steel';
            $pots[] = [
                'id' => 'pot-'.($at + 1),
                'name' => $row->has('name') ? trim($row->text('name')) : $this->pot($across, $material, $litres),
                'material' => $material, 'diameter_cm' => $across, 'litres' => $litres,
                'lid' => $row->has('lid') ? $row->text('lid') : 'tight',
                'handles' => $row->whole('handles', 1, 2, 2),
            ] + ($row->has('induction') ? ['induction' => $row->flag('induction', false)] : []);
        }

        return $pots;
    }

    private function pot(float $across, string $material, float $litres): string
    {
        return ($this->call)(Note::of(
            'first-names.pot', acrossCm: sprintf('%g', $across), material: PotMaterial::tryFrom($material) ?? $material,
            litres: sprintf('%g', $litres),
        ));
    }

    private function bag(string $kind): string
    {
        $known = RiceKind::tryFrom($kind);

        return $known === null ? $kind : ($this->call)(Note::label($known));
    }

    /**
     * Across and litres, or across and height, or one of them and a usual shape.
     *
     * @return array{float, float} cm, L
     */
    private static function measures(Fields $row): array
    {
        $litres = $row->has('litres') ? $row->number('litres', 0.5, 60, 'L') : null;
        if (! $row->has('diameter_cm')) {
            return [round(self::CM_PER_ROOT_LITRE * ($litres ?? 5.5) ** (1 / 3)), $litres ?? 5.5];
        }
        $across = $row->number('diameter_cm', 10, 60, 'cm');
        $high = $row->has('height_cm') ? $row->number('height_cm', 3, 60, 'cm') : null;

        return [$across, $litres ?? round(
            $high === null ? ($across / self::CM_PER_ROOT_LITRE) ** 3 : M_PI * $across ** 2 / 4 * $high / 1000, 1,
        )];
    }

    /** @return list<array<string, mixed>> */
    private function rings(Fields $said): array
    {
        $rows = $said->each('rings');
        $rings = [];
        foreach ($rows === [] ? [Fields::ofForm([])] : $rows as $at => $row) {
            $kind = $row->one('kind', RingKind::class, RingKind::Gas);
            $size = $row->has('size') ? $row->text('size') : 'middle';
            $marks = $this->marks($row, $kind);
            $rings[] = [
                'id' => 'ring-'.($at + 1), 'name' => $row->has('name') ? trim($row->text('name')) :
                    ($this->call)(Note::of('first-names.ring', number: $at + 1)),
                'kind' => $kind->value,
                'watts' => $row->has('kw')
                    ? 1000 * $row->number('kw', 0.2, $kind->mostW() / 1000, 'kW')
                    : (float) (self::WATTS[$kind->value][$size] ?? self::WATTS[$kind->value]['middle']),
            ] + ($marks === [] ? [] : ['knob' => ['least' => $kind->least(), 'marks' => $marks]]);
        }

        return $rings;
    }

    /** @return list<array{mark: string, share: float}> */
    private function marks(Fields $row, RingKind $kind): array
    {
        $knob = $row->has('knob') ? $row->text('knob') : 'none';
        if ($knob === 'own') {
            $marks = $row->has('marks') ? $row->text('marks') : '';

            return Knob::readMarks($marks, $row->at('marks'), $kind->least());
        }

        return Knob::evenly(
            // A number is read off the knob as it stands there.
            array_map(fn (string $mark): string => ctype_digit($mark) ? $mark
                : ($this->call)(Note::of('first-names.mark', mark: $mark)),
                Knob::SOLD[$knob]
                ?? throw Refused::unknown(
                    $row->at('knob'), $knob, [...array_map(strval(...), array_keys(Knob::SOLD)), 'own'],
                )), $kind->least(),
        );
    }

    /** @return array<string, mixed> */
    private function plates(Fields $said): array
    {
        $which = $said->has('which') ? $said->text('which') : 'none';

        return $which === 'none' ? [] : ['plates' => [[
            'id' => 'plate-1',
            'name' => ($this->call)(Note::of('first-names.plate', isDiffuser: $which === 'diffuser')),
            'kg' => $said->number('kg', 0.1, 10, 'kg', $which === 'diffuser' ? 0.9 : 1.6),
        ]]];
    }

    /** @return array<string, mixed> */
    private function oven(Fields $said): array
    {
        if (! $said->flag('oven', false)) {
            return [];
        }
        $reading = new Reading(degrees: $said->one('oven_in', Degrees::class, Degrees::Celsius));
        $at = static fn (string $name, float $from, float $to, float $usual): float => round(
            $reading->celsius($said->number(
                $name, $reading->degrees($from), $reading->degrees($to), $reading->degrees->sign(),
                $reading->degrees($usual),
            )),
        );

        return ['oven' => [
            'name' => ($this->call)(Note::of('first-names.oven')), 'least_c' => $at('least_c', 30, 200, 50),
            'most_c' => $at('most_c', 80, 300, 250),
        ]];
    }

    /** @return list<array<string, mixed>> */
    private function cooker(Fields $said): array
    {
        if (! $said->flag('cooker', false)) {
            return [];
        }
        // It is sold by the raw rice that it takes, and holds three times that.
        $cups = $said->number('cooker_cups', 2, 20, 'cups', 5.5);
        $cupMl = $said->number('cooker_cup_ml', 50, 400, 'ml', 180);
        $litres = round(3 * $cups * $cupMl / 1000, 1);

        return [[
            'id' => 'cooker', 'name' => ($this->call)(Note::of('first-names.cooker', cups: sprintf('%g', $cups))),
            'material' => 'coated',
            'diameter_cm' => max(12.0, round(13.9 * $litres ** (1 / 3))), 'litres' => $litres,
            'cooker' => [
                'watts' => $said->number('cooker_watts', 100, 5000, 'W', 650), 'cup_ml' => $cupMl,
                'keeps_warm' => $said->flag('keeps_warm', true),
            ],
        ]];
    }

    /** @return list<array<string, mixed>> */
    private function bags(Fields $said): array
    {
        $rows = $said->each('bags');
        $bags = [];
        foreach ($rows === [] ? [Fields::ofForm([])] : $rows as $at => $row) {
            $kind = $row->has('kind') ? $row->text('kind') : 'aged-basmati';
            $bags[] = [
                'id' => 'bag-'.($at + 1),
                'name' => $row->has('name') ? trim($row->text('name')) : $this->bag($kind), 'kind' => $kind,
            ] + ($row->has('kg') ? ['bought_g' => 1000 * $row->number('kg', 0.001, 100, 'kg')] : []);
        }

        return $bags;
    }

    /** @return array<string, mixed> */
    private static function units(Fields $said): array
    {
        $chosen = [];
        foreach (['units', 'cup', 'salt', 'degrees', 'week_starts', 'language'] as $name) {
            if ($said->has($name)) {
                $chosen[$name] = $said->text($name);
            }
        }

        return $chosen + ($said->has('hours') ? ['hours' => $said->whole('hours', 12, 24)] : []);
    }

    /** @return array<string, mixed> */
    private static function people(Fields $said): array
    {
        return [
            'hands' => $said->whole('hands', 1, 6, 1), 'thermometer' => $said->flag('thermometer', false),
            'scale' => $said->flag('scale', true),
        ] + ($said->has('tray_cm2') ? ['tray_cm2' => $said->number('tray_cm2', 100, 10000, 'cm²')] : []);
    }

    /** For how many a first dish is. */
    public static function eaters(Fields $people): int
    {
        return $people->whole('eaters', 1, 60, 4);
    }
}
