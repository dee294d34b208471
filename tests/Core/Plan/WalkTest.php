<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use App\Wording\Wording;
use DateTimeImmutable;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/**
 * Two thousand dishes in as many kitchens, each as far out as the schema allows: figures are figures of a kitchen, and
 * nothing is kept that was not put in.
 */
final class WalkTest extends TestCase
{
    /** In every run; ORBEK_WHOLE=1 plans all two thousand. */
    private const PLANNED = 500;

    private const WHOLE = 2000;

    private const FROM = [
        'plain-chelow', 'bean-dill-polo', 'turkey-plum-biryani', 'chickpea-spinach-one-pot', 'prawn-share-rice',
        'mushroom-chestnut-rice', 'yesterdays-squash-curry', 'sour-cherry-polo', 'lentil-date-walnut-polo',
    ];

    /** Of so many numbers and words one goes to an end of what the schema allows. */
    private const ONE_IN = 14;

    private Randomizer $random;

    private Wording $say;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(20261202));
        $this->say = Sample::wording();
    }

    public function test_every_figure_of_every_extreme_is_one_of_a_kitchen(): void
    {
        [$dishes, $kitchens] = [self::schema('dish'), self::schema('kitchen')];
        $planned = $tried = $clashing = $batches = $early = 0;
        $many = getenv('ORBEK_WHOLE') === false ? self::PLANNED : self::WHOLE;
        while ($planned < $many) {
            $which = 'dish '.$tried++;
            try {
                $kitchen = Kitchen::fromArray($this->extreme(Sample::json('kitchen'), $kitchens, $kitchens));
                $document = $this->extreme(Sample::json(self::FROM[$tried % count(self::FROM)]), $dishes, $dishes);
                $plan = Planner::in(
                    $kitchen, Knowledge::none(), new DateTimeImmutable(Sample::NOW), Sample::oneLine(),
                )->plan(Dish::fromArray($document, Sample::craft()));
            } catch (Refused) {
                continue;
            }
            $planned++;
            $clashing += $plan->clashes === [] ? 0 : 1;
            $boil = $plan->boil();
            $batches += $boil !== null && $boil->batches > 1 ? 1 : 0;
            $early += $boil !== null && $boil->isLiftedBeforeItBoils() ? 1 : 0;
            $this->nothingIsNegative($plan, $which);
            $this->nothingIsKeptThatWasNotPutIn($plan, $which);
            $this->layersAndAmountsAgree($plan, $which);
            if ($plan->clashes !== []) {
                self::assertNull($plan->howSure(), "{$which}: no count of kitchens beside a clash");
            }
        }
        self::assertGreaterThan(0.2 * $many, $clashing);
        self::assertGreaterThan(0.05 * $many, $batches);
        self::assertGreaterThan(0, $early);
    }

    private function nothingIsNegative(Plan $plan, string $which): void
    {
        foreach ($plan->ingredients as $one) {
            $name = "{$which}: ".$this->say->text($one->name);
            self::assertGreaterThan(0, $one->amount->amount, $name);
            self::assertLessThan(1e6, $one->amount->amount, $name);
            self::assertArrayHasKey($one->task, $plan->day->tasks, $name);
            $this->isSaid(Sample::amount($one->amount), $name);
        }
        foreach ($plan->day->tasks as $work) {
            self::assertGreaterThanOrEqual(0, $work->task->minutes, $which);
            foreach (array_filter([$work->name, $work->detail, $work->begin, $work->finish, $work->keeps]) as $note) {
                $this->isSaid($this->say->text($note), $which);
            }
        }
        foreach ($plan->clashes as $clash) {
            $this->isSaid($this->say->text($clash->says), $which);
        }
        foreach ($plan->potted->loads as $load) {
            foreach ($load->section->layers as $layer) {
                self::assertGreaterThan(0, $layer->mass->kg, $which);
                self::assertGreaterThan(0, $layer->litres(), $which);
            }
        }
        self::assertGreaterThanOrEqual(0, $plan->salting->gramsAServing(), $which);
        self::assertLessThan(400, $plan->salting->gramsAServing(), $which);
    }

    /** No amount of nothing, no minus, nothing that is no number. */
    private function isSaid(string $says, string $which): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/(?<![\d.,:])0(?:\.0+)? (?:g|kg|ml|L|min|s)\b|within 0|(?<![\w.°])[-−]\d|\bNAN\b|\bINF\b/ui', $says, $which,
        );
    }

    private function nothingIsKeptThatWasNotPutIn(Plan $plan, string $which): void
    {
        $rice = $plan->potted->rice;
        $between = $rice instanceof BoilPlan ? $rice->batches - 1 : 0;
        $topUp = $rice instanceof BoilPlan ? $rice->topUp : null;
        $soak = $plan->dish->grain->rice->soak;
        $put = $rice->salt->amount + $between * ($topUp?->salt->amount ?? 0.0);
        $soaked = $soak->saltGPerL * $plan->potted->raw->kg;
        self::assertLessThanOrEqual($put + $soaked + 0.05, $rice->saltKept->amount, "{$which}: salt");
        if ($rice instanceof BoilPlan) {
            $drunk = $this->drunkKg($plan, $rice);
            $water = $rice->water->amount + $between * ($topUp?->water->amount ?? 0.0);
            self::assertLessThan($water, $drunk, "{$which}: water");
            // What stays is what the first batch had, less what the last carries off.
            self::assertEqualsWithDelta($rice->water->amount - $drunk / $rice->batches, $water - $drunk, 0.02 * $water, $which);
        }
    }

    /** Water that the rice carries off out of the boil, kg. */
    private function drunkKg(Plan $plan, BoilPlan $boil): float
    {
        $uptake = Uptake::of($boil->kind, $plan->dish->grain->rice->soak);
        $drunk = 0.0;
        foreach ($boil->lifts as $lift) {
            $drunk += $plan->potted->raw->kg * $lift->share
                * ($uptake->at($lift->outOfWater) - $uptake->soaked + Uptake::SURFACE);
        }

        return $drunk;
    }

    private function layersAndAmountsAgree(Plan $plan, string $which): void
    {
        $dish = $plan->dish;
        if ($dish->build->folded) {
            return;
        }
        $filling = 0.0;
        foreach ($plan->potted->loads as $load) {
            foreach ($load->section->layers as $layer) {
                $filling += $layer->matter === Matter::Filling ? $layer->mass->kg : 0.0;
            }
        }
        $raw = $plan->potted->raw;
        $layered = $dish->fillings->inPot()->layeredMass($raw)->kg;
        self::assertEqualsWithDelta($layered, $filling, 0.02 * $layered + 1e-6, "{$which}: fillings");
        $amounts = array_sum(array_map(static fn (Ingredient $one): float => match (true) {
            $one->station !== Station::Filling => 0.0,
            $one->amount->unit === 'kg' => 1000 * $one->amount->amount,
            default => $one->amount->unit === 'g' ? $one->amount->amount : 0.0,
        }, $plan->ingredients));
        $wanted = $dish->fillings->rawMass($raw)->inGrams();
        self::assertGreaterThanOrEqual(0.98 * $wanted - 1, $amounts, "{$which}: what goes in");
        self::assertEqualsWithDelta(
            $raw->inGrams(), $plan->ingredients[0]->amount->unit === 'g' ? $plan->ingredients[0]->amount->amount : $raw->inGrams(),
            0.02 * $raw->inGrams(), "{$which}: rice",
        );
    }

    /** @return array<string, mixed> */
    private static function schema(string $name): array
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3)."/schema/{$name}.json"), true);

        return is_array($schema) ? $schema : self::fail($name);
    }

    /**
     * The document with some of its numbers at an end of their range and some of its words another.
     *
     * @param  array<string, mixed>  $schema of this value
     * @param  array<string, mixed>  $whole that refers to itself
     */
    private function extreme(mixed $value, array $schema, array $whole): mixed
    {
        while (isset($schema['$ref'])) {
            $at = $whole;
            foreach (explode('/', substr((string) $schema['$ref'], 2)) as $step) {
                $at = $at[$step];
            }
            $schema = array_diff_key($schema, ['$ref' => 0]) + $at;
        }
        if (is_array($value)) {
            foreach ($value as $name => $one) {
                $of = array_is_list($value) ? $schema['items'] ?? [] : $schema['properties'][$name] ?? [];
                $value[$name] = is_array($of) ? $this->extreme($one, $of, $whole) : $one;
            }

            return $value;
        }
        if ($this->random->getInt(1, self::ONE_IN) > 1) {
            return $value;
        }
        if (isset($schema['enum'])) {
            return $schema['enum'][$this->random->getInt(0, count($schema['enum']) - 1)];
        }
        if (is_bool($value)) {
            return ! $value;
        }
        $ends = array_values(array_filter(
            [$schema['minimum'] ?? null, $schema['maximum'] ?? null], static fn (mixed $end): bool => $end !== null,
        ));

        return (is_int($value) || is_float($value)) && $ends !== [] ? $ends[$this->random->getInt(0, count($ends) - 1)] : $value;
    }
}
