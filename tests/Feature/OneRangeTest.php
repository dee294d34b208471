<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\OpenFile;
use App\Models\Dish as StoredDish;
use App\Wording\Wording;
use DOMDocument;
use DOMElement;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Station;
use Tests\Core\Sample;

/** Core, schema and pages allow the same: no range or list of words is wider in one than in another. */
final class OneRangeTest extends FeatureTestCase
{
    public function test_what_the_schema_allows_the_core_reads_and_nothing_past_it(): void
    {
        $tried = 0;
        foreach ($this->documents() as [$schema, $document]) {
            foreach (self::leaves($document, self::schema($schema), self::schema($schema)) as $path => $node) {
                foreach (self::edges($node) as [$value, $isTaken]) {
                    $refused = self::refused($schema, self::with($document, explode('/', $path), $value));
                    self::assertSame(
                        $isTaken,
                        $refused !== (ctype_digit(basename($path)) ? dirname($path) : $path),
                        "{$schema} {$path} ".json_encode($value),
                    );
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(400, $tried);
    }

    /** What a kitchen has is asked for in the same ranges as its document may hold. */
    public function test_the_kitchens_pages_ask_within_the_schemas_ranges(): void
    {
        $ranges = [];
        foreach (self::leaves(Sample::json('kitchen'), self::schema('kitchen'), self::schema('kitchen')) as $path => $node) {
            if (isset($node['minimum'], $node['maximum'])) {
                $ranges[basename($path)][] = [(float) $node['minimum'], (float) $node['maximum']];
            }
        }
        $asked = [];
        foreach ([route('kitchen.things'), route('kitchen')] as $url) {
            $page = new DOMDocument;
            @$page->loadHTML((string) $this->get($url)->assertOk()->getContent());
            foreach ($page->getElementsByTagName('input') as $input) {
                $name = $input->getAttribute('name');
                // A knob's least is asked in per cent.
                $of = $name === 'least' ? 0.01 : 1.0;
                if (isset($ranges[$name]) && $input->getAttribute('max') !== '') {
                    $asked[$name] = true;
                    self::assertContains([
                        $of * (float) $input->getAttribute('min'), $of * (float) $input->getAttribute('max'),
                    ], $ranges[$name], "{$url}: {$name}");
                }
            }
        }
        self::assertGreaterThanOrEqual(7, count($asked), implode(' ', array_keys($asked)));
    }

    public function test_the_edges_of_every_range_can_be_planned_or_are_refused_by_name(): void
    {
        $planned = 0;
        $seen = [];
        $schema = self::schema('dish');
        foreach (
            ['sour-cherry-polo', 'turkey-plum-biryani', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice'] as $name
        ) {
            $document = Sample::json($name);
            foreach (self::leaves($document, $schema, $schema) as $path => $node) {
                foreach (self::edges($node) as [$value, $isTaken]) {
                    // Each edge of each field once, in the first dish that has the field.
                    $edge = preg_replace('/\d+/', 'n', $path).json_encode($value);
                    if (isset($seen[$edge])) {
                        continue;
                    }
                    $seen[$edge] = true;
                    try {
                        $dish = Dish::fromArray(self::with($document, explode('/', $path), $value), app(Craft::class));
                        $plan = Planner::in(
                            Sample::kitchen(),
                            Knowledge::none(),
                            new \DateTimeImmutable(Sample::NOW),
                            // A heat is looked for at every fourth edge: it takes most of the time and does not ask
                            // which.
                            $planned % 4 === 0 ? null : Sample::oneLine(),
                        )->plan($dish);
                        $plan->faults();
                        $planned++;
                    } catch (Refused $wrong) {
                        self::assertNotSame('', $wrong->field, $path);
                    }
                }
            }
        }
        self::assertGreaterThan(120, $planned);
    }

    public function test_a_change_is_refused_as_the_whole_document_would_be(): void
    {
        $told = ['refused' => 0, 'taken' => 0];
        $schema = self::schema('dish');
        foreach (['sour-cherry-polo', 'turkey-plum-biryani', 'mushroom-chestnut-rice'] as $name) {
            $was = Dish::fromArray(Sample::json($name), app(Craft::class));
            $changes = [['no-such-name', 3], ['usual', ['eaters' => 4, 'guests' => 2]], ['extras', null], ['name', 'Rice']];
            $parts = $was->toArray()['fillings'][0]['parts'] ?? [];
            // A dish that no file could hold.
            $changes[] = ['fillings/0/parts', array_merge(...array_fill(0, intdiv(20_000, count($parts)), $parts))];
            foreach (self::leaves($was->toArray(), $schema, $schema) as $path => $node) {
                $changes[] = [$path, self::edges($node)[0][0]];
                // A name that nothing reads, beside the field.
                $changes[] = [ltrim(dirname($path).'/no_such_name', './'), 'x'];
            }
            foreach ($changes as [$path, $value]) {
                try {
                    $is = $was->changed((string) $path, $value);
                } catch (Refused) {
                    continue;
                }
                $whole = self::saidOf(static fn (): Dish => OpenFile::dish((string) json_encode($is->toArray())));
                self::assertSame($whole, self::saidOf(static fn () => OpenFile::change($was, $is)), "{$name} {$path}");
                $told[$whole === null ? 'taken' : 'refused']++;
            }
        }
        self::assertGreaterThan(60, min($told));
    }

    /** @param  callable(): mixed  $check */
    private static function saidOf(callable $check): ?string
    {
        try {
            $check();

            return null;
        } catch (Refused $wrong) {
            return app(Wording::class)->refusal($wrong);
        }
    }

    public function test_pages_ask_for_no_more_than_the_schema_allows(): void
    {
        $asked = 0;
        $schema = self::schema('dish');
        foreach (StoredDish::query()->get() as $dish) {
            $pages = array_map(
                static fn (Station $station): string => route('pot.more', [$dish, $station->value]),
                Station::cases(),
            );
            foreach ([route('pot', $dish), ...$pages] as $url) {
                $page = new DOMDocument;
                @$page->loadHTML('<?xml encoding="utf-8"?>'.$this->get($url)->getContent());
                foreach ($page->getElementsByTagName('input') as $input) {
                    $node = self::nodeAt($schema, $schema, explode('/', $input->getAttribute('data-path')));
                    if (isset($node['minimum'], $node['maximum'])) {
                        self::assertAsksWithin($input, $node);
                        $asked++;
                    }
                }
            }
        }
        self::assertGreaterThan(100, $asked);
    }

    /** @param  array<string, mixed>  $node */
    private static function assertAsksWithin(DOMElement $input, array $node): void
    {
        $scale = $input->getAttribute('data-type') === 'percent' ? 100 : 1;
        $path = $input->getAttribute('data-path');
        self::assertIsNumeric($node['minimum']);
        self::assertIsNumeric($node['maximum']);
        self::assertGreaterThanOrEqual($scale * $node['minimum'] - 1e-9, (float) $input->getAttribute('min'), $path);
        self::assertLessThanOrEqual($scale * $node['maximum'] + 1e-9, (float) $input->getAttribute('max'), $path);
    }

    /** @return iterable<array{string, array<string, mixed>}> schema and a document of it */
    private function documents(): iterable
    {
        yield ['kitchen', Sample::json('kitchen')];
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $name = basename($file, '.json');
            if ($name !== 'kitchen') {
                yield ['dish', Sample::json($name)];
            }
        }
    }

    /** @return array<string, mixed> */
    private static function schema(string $name): array
    {
        $schema = json_decode((string) file_get_contents(base_path("schema/{$name}.json")), true);

        return is_array($schema) ? $schema : [];
    }

    /**
     * Fields of a document that the schema bounds.
     *
     * @param  array<array-key, mixed>  $document
     * @param  array<string, mixed>  $node
     * @param  array<string, mixed>  $schema
     * @return array<string, array<string, mixed>> the schema of each, by path
     */
    private static function leaves(array $document, array $node, array $schema, string $path = ''): array
    {
        $found = [];
        foreach ($document as $name => $value) {
            $at = ltrim("{$path}/{$name}", '/');
            $of = self::nodeAt($node, $schema, [(string) $name]);
            if (is_array($value)) {
                $found += self::leaves($value, $of, $schema, $at);
            } elseif (isset($of['minimum']) || isset($of['maximum']) || isset($of['enum'])) {
                $found[$at] = $of;
            }
        }

        return $found;
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  array<string, mixed>  $schema
     * @param  list<string>  $path
     * @return array<string, mixed> empty where the schema has nothing there
     */
    private static function nodeAt(array $node, array $schema, array $path): array
    {
        foreach ($path as $name) {
            $node = self::resolved(
                ctype_digit($name) ? ($node['items'] ?? []) : ($node['properties'][$name] ?? []),
                $schema,
            );
        }

        return self::resolved($node, $schema);
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function resolved(mixed $node, array $schema): array
    {
        $node = is_array($node) ? $node : [];
        $ref = $node['$ref'] ?? null;
        $named = is_string($ref) ? ($schema['$defs'][basename($ref)] ?? []) : [];

        return $node + (is_array($named) ? $named : []);
    }

    /**
     * Values on and past the edges of what a schema allows.
     *
     * @param  array<string, mixed>  $node
     * @return list<array{mixed, bool}> value, and whether it is taken
     */
    private static function edges(array $node): array
    {
        if (is_array($node['enum'] ?? null)) {
            return [
                ...array_map(static fn (mixed $word): array => [$word, true], array_values($node['enum'])),
                ['no such word', false],
            ];
        }
        $step = ($node['type'] ?? '') === 'integer' ? 1 : 0.001;
        $edges = [];
        foreach (['minimum' => -$step, 'maximum' => $step] as $edge => $past) {
            if (is_int($node[$edge] ?? null) || is_float($node[$edge] ?? null)) {
                array_push($edges, [$node[$edge], true], [$node[$edge] + $past, false]);
            }
        }

        return $edges;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function with(array $document, array $path, mixed $value): array
    {
        $name = array_shift($path);
        $within = $document[$name] ?? [];
        $document[$name] = $path === [] ? $value : self::with(is_array($within) ? $within : [], $path, $value);

        return $document;
    }

    /**
     * The field that the core refuses, if it refuses one.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function refused(string $schema, array $document): ?string
    {
        try {
            $schema === 'kitchen' ? Kitchen::fromArray($document) : Dish::fromArray($document, app(Craft::class));

            return null;
        } catch (Refused $wrong) {
            return $wrong->field;
        }
    }
}
