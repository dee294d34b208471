<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use DateTimeImmutable;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Shopping\Ingredient;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/**
 * Five hundred dishes of every combination that the schema allows: none crashes, sums close, a refusal names its field.
 */
final class EveryMixTest extends TestCase
{
    private const DISHES = 500;

    private const FROM = [
        'plain-chelow', 'bean-dill-polo', 'turkey-plum-biryani', 'chickpea-spinach-one-pot', 'prawn-share-rice',
        'mushroom-chestnut-rice', 'yesterdays-squash-curry',
    ];

    public function test_it_keeps_its_sums_or_is_refused_by_name(): void
    {
        mt_srand(20261126);
        $planner = Planner::in(
            Sample::kitchen(), Knowledge::none(), new DateTimeImmutable(Sample::NOW), Sample::oneLine(),
        );
        $planned = $refused = 0;
        $seen = [];
        for ($made = 0; $made < self::DISHES; $made++) {
            $document = $this->mix($made);
            try {
                $dish = Dish::fromArray($document, Sample::craft());
                $plan = $planner->plan($dish);
            } catch (Refused $wrong) {
                $says = Sample::wording()->refusal($wrong);
                self::assertMatchesRegularExpression('/^[a-z_]+(\/[a-z0-9_]+)*: .+/', $says);
                $refused++;

                continue;
            }
            $this->sumsHold($plan, "dish {$made}");
            $seen[$dish->grain->cooking->value] = $seen["serve {$dish->table->serving->value}"] = $seen[
                "seal {$dish->lid->seal->id}"
            ] = true;
            $planned++;
        }
        self::assertGreaterThan(0.6 * self::DISHES, $planned);
        self::assertGreaterThan(0.04 * self::DISHES, $refused);
        self::assertCount(
            count(Cooking::cases()) + count(Serving::cases()) + count(Sample::craft()->seals->all), $seen,
            'every kind of each was planned',
        );
    }

    /** @return array<string, mixed> */
    private function mix(int $made): array
    {
        $document = Sample::json(self::FROM[$made % count(self::FROM)]);
        [$document['fillings'], $layers] = $this->fillings();
        $inBase = $document['base']['rice_share'] ?? 0.0;
        $document['layers'] = [
            ['matter' => 'rice', 'share' => (1 - $inBase) / 2], ...$layers,
            ['matter' => 'rice', 'share' => (1 - $inBase) / 2],
        ];
        unset($document['folded']);
        $document['usual']['eaters'] = mt_rand(1, 24);
        $document['boiled'] = $this->some($made % count(self::FROM) < 3 || mt_rand(0, 9) === 0 ? 2 : 0, fn (): array => [
            'name' => 'with it', 'kind' => $this->one(array_keys(Sample::craft()->boiled->all)),
            'of_rice' => mt_rand(5, 80) / 100,
        ]);
        $document['poured'] = $this->some(3, static fn (): array => [
            'name' => 'poured', 'ml_per_kg' => mt_rand(1, 300), 'fat_share' => mt_rand(0, 10) / 10,
        ]);
        $document['extras'] = $this->some(3, $this->extra(...));
        $document['smoke_min'] = $this->one([0, 0, 8]);
        $document['serve'] = $this->one(array_column(Serving::cases(), 'value'));
        $document['lid']['seal'] = $this->one(array_keys(Sample::craft()->seals->all));
        if ($document['boiled'] === [] && mt_rand(0, 1) === 0) {
            $document['cooking'] = $this->one(array_column(Cooking::cases(), 'value'));
            $document['water']['pot'] = in_array($document['cooking'], ['cooker', 'in-cooker'], true)
                ? 'cooker'
                : 'steel-24';
        }
        if (mt_rand(0, 9) === 0) {
            $document['layers'][] = ['matter' => 'filling', 'share' => 0.4, 'of' => mt_rand(0, 5)];
        }

        return $document;
    }

    /**
     * @return array{list<array<string, mixed>>, list<array<string, mixed>>} fillings, and the layers of those in the
     *     pot
     */
    private function fillings(): array
    {
        $fillings = $layers = [];
        foreach ($this->some(5, static fn (): int => 0) as $place => $ignored) {
            $isBeside = mt_rand(0, 3) === 0;
            $fillings[] = [
                'name' => "filling {$place}", 'ready' => mt_rand(0, 10) / 10,
                'parts' => [
                    [
                        'name' => "part {$place}", 'kind' => $this->one(array_keys(Sample::craft()->fillings->all)),
                        'of_rice' => mt_rand(5, 120) / 100,
                    ],
                ],
                'steps' => $this->some(
                    2,
                    fn (): array => [
                        'name' => 'cook it', 'minutes' => mt_rand(5, 40), 'attention' => 'start',
                        'pressure' => mt_rand(0, 1) === 0,
                    ],
                ),
            ] + ($isBeside ? ['beside' => true] : []) + (mt_rand(0, 1) === 0 ? [] : ['gravy' => [
                'ml_per_kg' => mt_rand(10, 1500), 'open_min' => mt_rand(0, 60), 'with_it' => mt_rand(0, 6) / 10,
                'for_rice' => mt_rand(0, 5) / 10,
            ]]);
            if (! $isBeside) {
                $layers[] = ['matter' => 'filling', 'share' => 1] + ($place === 0 ? [] : ['of' => $place]);
            }
        }

        return [$fillings, $layers];
    }

    /** @return array<string, mixed> */
    private function extra(): array
    {
        $split = $this->one([['marinade' => 1], ['layers' => 1], ['top' => 1], ['layers' => 0.5, 'top' => 0.5]]);

        return ['name' => 'extra', 'kind' => 'other', 'g_per_kg_rice' => mt_rand(1, 200), 'split' => $split]
            + (mt_rand(0, 1) === 0 ? ['prep_min' => mt_rand(0, 20), 'wait_min' => mt_rand(0, 30)]
                : ['made' => $this->one(array_keys(Sample::craft()->preparations->all))])
            + (mt_rand(0, 3) === 0 ? ['steamed' => true] : []);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return list<T>
     */
    private function some(int $most, callable $make): array
    {
        $list = [];
        for ($i = mt_rand(0, $most); $i > 0; $i--) {
            $list[] = $make();
        }

        return $list;
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    private function sumsHold(Plan $plan, string $which): void
    {
        $raw = $plan->potted->raw;
        $dish = $plan->dish;
        $mass = 0.0;
        foreach ($plan->potted->loads as $load) {
            foreach ($load->section->layers as $layer) {
                self::assertGreaterThan(0, $layer->mass->kg, $which);
                $mass += $layer->mass->kg;
            }
        }
        $inside = $dish->fillings->inPot()->layeredMass($raw)->kg + $dish->grain->boiledMass($raw)->kg;
        self::assertGreaterThan($inside, $mass, $which);
        foreach ($plan->ingredients as $one) {
            self::assertGreaterThan(0, $one->amount->amount, "{$which}: ".Sample::say($one->name));
            self::assertArrayHasKey($one->task, $plan->day->tasks, "{$which}: ".Sample::say($one->name));
        }
        $bought = array_sum(array_map(
            static fn (Ingredient $one): float => str_starts_with(
                Sample::say($one->name), 'part ',
            ) ? $one->amount->amount : 0.0,
            $plan->ingredients,
        ));
        self::assertEqualsWithDelta($dish->fillings->rawMass($raw)->inGrams(), $bought, 0.5, $which);
    }
}
