<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\FirstMinutes;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Pot\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Kitchens as others have them: every dish moves in, and comes out right or says what it lacks. */
final class OwnKitchensTest extends TestCase
{
    /** @return iterable<string, array{Kitchen}> */
    public static function kitchens(): iterable
    {
        yield 'a flat with induction' => [self::made([
            'place' => ['name' => 'Flat'],
            'pots' => ['pots' => [
                ['diameter_cm' => '20', 'litres' => '3', 'lid' => 'vent', 'handles' => '1'],
                ['diameter_cm' => '24', 'litres' => '6'],
                ['diameter_cm' => '28', 'litres' => '8', 'material' => 'aluminium'],
            ]],
            'rings' => ['rings' => [
                ['kind' => 'induction', 'size' => 'small', 'knob' => 'nine'],
                ['kind' => 'induction', 'size' => 'large', 'knob' => 'nine'],
            ]],
            'oven' => ['oven' => '1', 'cooker' => '1'],
        ])];
        yield 'a camping ring and a clay pot' => [self::made([
            'place' => ['how' => 'height', 'altitude_m' => '1900'],
            'pots' => ['pots' => [['diameter_cm' => '24', 'litres' => '5', 'material' => 'clay', 'lid' => 'loose']]],
            'rings' => ['rings' => [['kind' => 'camping', 'size' => 'large', 'knob' => 'words']]],
            'plates' => ['which' => 'tava'],
        ])];
        yield 'a coil stove with a big coated pot' => [self::made([
            'pots' => ['pots' => [['diameter_cm' => '30', 'litres' => '11', 'material' => 'coated']]],
            'rings' => [
                'rings' => [['kind' => 'coil', 'size' => 'small'], ['kind' => 'coil', 'kw' => '2', 'knob' => 'six']],
            ],
            'plates' => ['which' => 'diffuser'],
        ])];
    }

    #[DataProvider('kitchens')]
    public function test_every_demo_dish_comes_out_right_or_says_what_it_lacks(Kitchen $kitchen): void
    {
        $planner = self::planner($kitchen);
        $right = 0;
        foreach (self::dishes() as $name => $dish) {
            if ($dish->school->id === 'cooker' && $kitchen->cookers() === []) {
                self::assertStringContainsString('no rice cooker', Sample::refused(
                    static fn () => Moving::into($dish, $kitchen, Sample::kitchen()),
                ));

                continue;
            }
            $moved = Moving::into($dish->changed('usual/eaters', 4), $kitchen, Sample::kitchen());
            self::assertFalse(Moving::isNeeded($moved, $kitchen), $name);
            $plan = $planner->plan(Moving::right($moved, $kitchen, $planner));
            $lacks = [...$plan->clashes, ...$plan->faults()];
            self::assertTrue($plan->isRight() && $plan->potted->tooFull() === null || $lacks !== [], $name);
            $right += (int) ($lacks === []);
        }
        self::assertGreaterThanOrEqual(4, $right, 'most come out right');
    }

    public function test_what_a_kitchen_is_changes_every_plan(): void
    {
        $before = Sample::kitchen();
        foreach ([
            'a ring that goes no lower than half' => ['burners' => array_map(
                static fn (array $ring): array => ['knob' => ['least' => 0.5]] + $ring, $before->toArray()['burners'],
            )],
            'wider pots' => ['pots' => array_map(
                static fn (array $pot): array => [
                    'diameter_cm' => $pot['diameter_cm'] + 4,
                ] + $pot, $before->toArray()['pots'],
            )],
            'high up' => ['altitude_m' => 3000],
        ] as $what => $change) {
            $after = Sample::kitchen($change);
            foreach (self::dishes() as $name => $dish) {
                if ($what !== 'a ring that goes no lower than half' || $dish->school->id !== 'cooker') {
                    self::assertNotEquals(
                        self::figures(self::planner($before)->plan($dish)),
                        self::figures(self::planner($after)->plan($dish)), "{$what}: {$name}",
                    );
                }
            }
        }
    }

    public function test_clay_stands_on_its_plate_all_the_time(): void
    {
        $kitchen = self::named('a camping ring and a clay pot');
        $planner = self::planner($kitchen);
        $dish = Moving::into(
            Sample::dish('jackfruit-cashew-biryani'), $kitchen, Sample::kitchen(),
        )->changed('usual/eaters', 3);
        foreach (($planner->plan($dish)->heating() ?? self::fail('it goes in'))->line() as $stretch) {
            self::assertTrue($stretch->isRest() || $stretch->flame->plate !== null);
        }
        // Without it, it says so and names the way out.
        $bare = Kitchen::fromArray(['plates' => []] + $kitchen->toArray());
        $says = array_map(Sample::say(...), array_column(self::planner($bare)->plan($dish)->clashes, 'says'));
        self::assertStringContainsString(
            'with nothing between it cracks; this kitchen has no plate', implode(' ', $says),
        );
    }

    public function test_what_stands_badly_is_told_with_its_mend(): void
    {
        $flat = self::named('a flat with induction');
        self::assertSame(
            [Standing::NotFound], Standing::of($flat->equipment->pots['pot-3'], $flat->equipment->rings['ring-2']),
        );
        $dish = Moving::into(Sample::dish('sour-cherry-polo'), $flat, Sample::kitchen())
            ->changed('lid/pot', 'pot-3')->changed('lid/burner', 'ring-2')->changed('usual/eaters', 3)
            ->changed('water/pot', 'pot-2');
        $clashes = self::planner($flat)->plan($dish)->clashes;
        $cold = array_values(array_filter(
            $clashes, static fn ($clash): bool => str_contains(Sample::say($clash->says), 'stays cold on it'),
        ));
        self::assertNotSame([], $cold);
        self::assertNotSame([], $cold[0]->mends);
        $mended = $dish->changed($cold[0]->mends[0]->path, $cold[0]->mends[0]->value);
        self::assertStringNotContainsString('stays cold', implode(' ', array_map(
            Sample::say(...), array_column(self::planner($flat)->plan($mended)->clashes, 'says'),
        )));

        $gas = Sample::kitchen();
        self::assertTrue(Standing::flameReachesCloth($gas->equipment->pots['iron-20'], $gas->equipment->rings['ring-2']));
        self::assertFalse(Standing::flameReachesCloth($gas->equipment->pots['steel-24'], $gas->equipment->rings['ring-2']));
        $one = Sample::kitchen(['pots' => array_map(
            static fn (array $pot): array => ['handles' => 1] + $pot, $gas->toArray()['pots'],
        )]);
        $whole = Sample::dish('sour-cherry-polo')->changed('serve', 'whole');
        $said = static fn (Kitchen $kitchen): string => implode(' ', array_map(
            Sample::say(...), array_column(self::planner($kitchen)->plan($whole)->clashes, 'says'),
        ));
        self::assertStringContainsString('which has one handle: no one turns that out alone', $said($one));
        self::assertStringNotContainsString('one handle', $said($gas));
        self::assertStringNotContainsString(
            'one handle', $said(Kitchen::fromArray(['hands' => 2] + $one->toArray())), 'two do',
        );
    }

    /** @return array<string, Dish> */
    private static function dishes(): array
    {
        $dishes = [];
        foreach (
            [
                'sour-cherry-polo', 'turkey-plum-biryani', 'lentil-date-walnut-polo', 'trout-fenugreek-polo',
                'jackfruit-cashew-biryani', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice',
                'yesterdays-squash-curry',
            ] as $name
        ) {
            $dishes[$name] = Sample::dish($name);
        }

        return $dishes;
    }

    /** @return list<mixed> */
    private static function figures(Plan $plan): array
    {
        return [
            $plan->course()?->end()->browning, $plan->course()?->end()->leakG,
            $plan->potted->first()->section->freeCm(),
            $plan->potted->rice->tau->amount, $plan->measured()?->cookMin, $plan->boil()?->forecast->boil->secondsTo(0.5, 1.0), array_map(
                static fn ($stretch): array => [$stretch->minutes, $stretch->flame->setting], $plan->heating()?->line() ?? [],
            ),
        ];
    }

    private static function named(string $name): Kitchen
    {
        return iterator_to_array(self::kitchens())[$name][0];
    }

    /** @param  array<string, array<string, mixed>>  $answers */
    private static function made(array $answers): Kitchen
    {
        return Kitchen::fromArray(FirstMinutes::document(array_map(Fields::ofForm(...), $answers), 'UTC', Sample::say(...)));
    }

    private static function planner(Kitchen $kitchen): Planner
    {
        return Planner::in($kitchen, Knowledge::none(), new DateTimeImmutable(Sample::NOW));
    }
}
