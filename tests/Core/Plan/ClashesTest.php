<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Care\Caution;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\Fault;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Station;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What will not work is said at its station, and each mend ends it. */
final class ClashesTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $changes by path
     */
    #[DataProvider('clashes')]
    public function test_a_clash_is_said_and_each_of_its_mends_ends_it(
        string $name, array $changes, Station $station, string $says,
    ): void {
        $dish = Sample::dish($name);
        foreach ($changes as $path => $value) {
            $dish = $dish->changed($path, $value);
        }
        $clash = Sample::plan($dish)->clashesAt($station)[0] ?? self::fail('it clashes');

        self::assertStringContainsString($says, Sample::say($clash->says));
        self::assertNotSame([], $clash->mends);
        foreach ($clash->mends as $mend) {
            $left = array_map(
                static fn ($other): string => Sample::say($other->says),
                Sample::plan($dish->changed($mend->path, $mend->value))->clashesAt($station),
            );
            self::assertNotContains($clash->says, $left, Sample::say($mend->label));
        }
    }

    public function test_a_flower_water_is_no_essence_and_dry_rice_is_mended_by_water_poured_over_it(): void
    {
        $dish = Sample::dish('turkey-plum-biryani')->changed('extras/4/drops_per_kg_rice', 60);
        self::assertSame([], Sample::plan($dish)->clashesAt(Station::Layers));

        $dry = Sample::plan(Sample::dish('plain-chelow')->changed('usual/eaters', 4)->changed('base/crust', 'amber')
            ->changed('lid/seal', 'vented-lid'));
        self::assertSame(Fault::DryRice, $dry->faults()[0]->foretold->fault);
        $mend = $dry->mends()[0];
        self::assertMatchesRegularExpression('/^Pour \d+ ml of hot water over the rice/', Sample::say($mend->label));
        self::assertTrue(Sample::plan($dry->dish->changed($mend->path, $mend->value))->isRight());
    }

    /** @return iterable<string, array{string, array<string, mixed>, Station, string}> */
    public static function clashes(): iterable
    {
        yield 'essence' => [
            'turkey-plum-biryani', ['extras/4/name' => 'rose essence', 'extras/4/drops_per_kg_rice' => 60], Station::Layers,
            '60 drops a kg of rice drown everything else',
        ];
        yield 'a base that sticks' => [
            'jackfruit-cashew-biryani', ['base/fat_ml_per_cm2' => 0.01], Station::Layers,
            'Rice on a bare base with so little fat will stick',
        ];
        yield 'marinade too short' => [
            'turkey-plum-biryani', ['fillings/0/marinade/minutes' => 10], Station::Filling,
            'too short: 30 min at least',
        ];
        yield 'papaya overnight' => [
            'turkey-plum-biryani', ['fillings/0/marinade/minutes' => 600, 'fillings/0/marinade/papaya_percent' => 3],
            Station::Filling, 'green papaya takes meat apart',
        ];
        yield 'two batches' => [
            'sour-cherry-polo', ['water/pot' => 'steel-24'], Station::Water, 'Too much for one boil: 2 batches',
        ];
        yield 'bag runs out' => [
            'trout-fenugreek-polo', ['usual/eaters' => 28, 'lid/pot' => 'aluminium-28'], Station::Rice,
            'has 2.00 kg left',
        ];
        yield 'soak too long in the warm' => [
            'trout-fenugreek-polo', ['rice/soak/minutes' => 600], Station::Rice, 'too long out of the fridge',
        ];
        yield 'too much broth' => [
            'chickpea-spinach-one-pot', ['water/broth_per_rice' => 3], Station::Water, 'More broth than the rice takes',
        ];
        yield 'cooker too small' => ['mushroom-chestnut-rice', ['usual/eaters' => 20], Station::Water, 'holds 3.0 L'];
        yield 'pot too small' => ['jackfruit-cashew-biryani', ['usual/eaters' => 12], Station::Layers, 'is too small'];
    }

    public function test_a_kitchen_without_an_oven_or_with_a_cool_one_says_so(): void
    {
        $dish = Sample::dish('mushroom-chestnut-rice');
        $document = Sample::json('kitchen');
        unset($document['oven']);
        self::assertSame(
            'This kitchen has no oven.',
            Sample::say(Sample::plan($dish, Kitchen::fromArray($document))->clashesAt(Station::Heat)[0]->says),
        );

        $cool = Sample::kitchen(['oven' => ['name' => 'cool box', 'most_c' => 80]]);
        self::assertSame(
            'Cool box gives 80 °C at most.',
            Sample::say(Sample::plan($dish, $cool)->clashesAt(Station::Heat)[0]->says),
        );
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refused')]
    public function test_pots_that_cannot_do_it_are_refused_by_name(string $name, array $changes, string $says): void
    {
        $dish = Sample::dish($name);
        foreach ($changes as $path => $value) {
            $dish = $dish->changed($path, $value);
        }
        self::assertStringContainsString($says, Sample::refused(static fn () => Sample::plan($dish)));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'steamed in a cooker' => [
            'sour-cherry-polo',
            ['lid/pot' => 'cooker'],
            'lid/pot: "rice cooker, 1.8 L" stands on no ring; name a pot that does.',
        ];
        yield 'boiled in a cooker' => [
            'sour-cherry-polo',
            ['water/pot' => 'cooker'],
            'water/pot: "rice cooker, 1.8 L" stands on no ring; name a pot that does.',
        ];
        yield 'a pot as a cooker' => [
            'mushroom-chestnut-rice',
            ['water/pot' => 'steel-24'],
            'water/pot: "24 cm steel, 5.5 L" is no rice cooker; name the kitchen\'s cooker.',
        ];
        yield 'a ring nobody has' => [
            'turkey-plum-biryani',
            ['extras/3/burner' => 'ring-9'],
            'extras/3/burner: "ring-9" is not known',
        ];
    }

    public function test_cautions_stand_where_the_hand_is(): void
    {
        $at = static fn (string $name, Station $station, array $changes = []): array => Sample::plan(
            array_reduce(
                array_keys($changes),
                static fn (Dish $dish, string $path): Dish => $dish->changed($path, $changes[$path]),
                Sample::dish($name),
            ),
        )->cautions()[$station->value]
            ?? [];

        self::assertContains(Caution::Reheat, $at('yesterdays-squash-curry', Station::Filling));
        self::assertContains(Caution::Essence, $at('turkey-plum-biryani', Station::Layers));
        self::assertContains(Caution::RawPoultry, $at('turkey-plum-biryani', Station::Filling));
        self::assertNotContains(Caution::HotFat, $at('turkey-plum-biryani', Station::Layers));
        self::assertContains(Caution::HotFat, $at('trout-fenugreek-polo', Station::Layers));
        self::assertContains(Caution::SmallChildren, $at('jackfruit-cashew-biryani', Station::Serve));
        self::assertNotContains(
            Caution::SmallChildren,
            $at('jackfruit-cashew-biryani', Station::Serve, ['usual/children' => 0]),
        );
        self::assertContains(
            Caution::BroadBeans,
            $at('lentil-date-walnut-polo', Station::Serve, ['fillings/0/parts/0/holds' => ['broad-beans']]),
        );
        self::assertContains(Caution::DoughGluten, $at('turkey-plum-biryani', Station::Lid));
        foreach (Caution::cases() as $caution) {
            self::assertStringEndsWith('.', Sample::say(Note::label($caution, 'says')));
        }
    }
}
