<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;

/** Everything a cook decides about one dish; its document is what is stored and exported. */
final readonly class Dish
{
    public const FORMAT = 'orbek-dish/1';

    private const SHARES_CLOSE = 0.005;

    /**
     * @param  non-empty-list<LayerChoice>  $layers from the base up
     * @param  list<Extra>  $extras
     * @param  list<Step>  $sides
     * @param  array<string, mixed>  $document
     */
    private function __construct(
        public string $name,
        public School $school,
        public Table $table,
        public RiceChoice $rice,
        public WaterChoice $water,
        public Filling $filling,
        public Base $base,
        public array $layers,
        public bool $mound,
        /** Rice and filling folded together instead of layered. */
        public bool $folded,
        public int $steamHoles,
        public LidChoice $lid,
        public array $extras,
        public array $sides,
        public Serving $serving,
        private array $document,
    ) {
    }

    /**
     * @param  array<string, mixed>  $document as schema/dish.json describes it
     *
     * @throws OutOfRange naming the field
     */
    public static function fromArray(array $document): self
    {
        $fields = Fields::of($document);
        if ($fields->text('format') !== self::FORMAT) {
            throw OutOfRange::unknown('format', $fields->text('format'), [self::FORMAT]);
        }

        $base = Base::fromFields($fields->object('base'));
        $layers = array_map(LayerChoice::fromFields(...), $fields->each('layers'));
        if ($layers === []) {
            throw OutOfRange::because('layers', 'the list is empty;', 'give at least one layer of rice and one of filling');
        }
        self::closes('layers', 'rice', $base->riceShare, $layers, Matter::Rice);
        self::closes('layers', 'filling', 0.0, $layers, Matter::Filling);

        $school = $fields->one('school', School::class);
        $lid = LidChoice::fromFields($fields->object('lid'));

        return new self(
            $fields->text('name'),
            $school,
            Table::fromFields($fields->object('table')),
            RiceChoice::fromFields($fields->object('rice')),
            WaterChoice::fromFields($fields->object('water'), $school, $lid->burner),
            Filling::fromFields($fields->object('filling')),
            $base,
            $layers,
            $fields->flag('mound', false),
            $fields->flag('folded', false),
            $fields->whole('steam_holes', 0, 9, 0),
            $lid,
            array_map(Extra::fromFields(...), $fields->each('extras')),
            array_map(Step::fromFields(...), $fields->each('sides')),
            $fields->one('serve', Serving::class, Serving::Scooped),
            $document,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->document;
    }

    /**
     * What guests must be told of, each with where it is: in filling, extras, sides, base or seal.
     *
     * @return array<string, list<string>> names of what holds it, by allergen, in the enum's order
     */
    public function allergens(): array
    {
        $found = [];
        foreach ($this->filling->parts as $part) {
            foreach ($part->holds as $allergen) {
                $found[$allergen->value][] = $part->name;
            }
        }
        foreach ([...$this->extras, ...$this->sides] as $thing) {
            foreach ($thing->holds as $allergen) {
                $found[$allergen->value][] = $thing->name;
            }
        }
        if ($this->base->kind === BaseKind::YogurtRice) {
            $found[Allergen::Milk->value][] = 'the yogurt in the base';
        }
        if ($this->filling->marinade !== null && $this->filling->marinade->yogurt !== Yogurt::None && ! $this->filling->hasOwnYogurt()) {
            $found[Allergen::Milk->value][] = 'the yogurt in the marinade';
        }
        if ($this->base->kind === BaseKind::FlatBread) {
            $found[Allergen::Gluten->value][] = 'the bread base';
        }
        if ($this->lid->seal === Seal::Dough) {
            $found[Allergen::Gluten->value][] = 'the dough seal';
        }

        $ordered = [];
        foreach (Allergen::cases() as $allergen) {
            if (isset($found[$allergen->value])) {
                $ordered[$allergen->value] = $found[$allergen->value];
            }
        }

        return $ordered;
    }

    /**
     * The same dish with one choice changed.
     *
     * @param  string  $path field names joined by slashes, as errors name them
     * @param  mixed  $value null leaves the field out
     *
     * @throws OutOfRange when the dish cannot be so
     */
    public function changed(string $path, mixed $value): self
    {
        $document = $this->document;
        $at = &$document;
        foreach (explode('/', $path) as $name) {
            if (! is_array($at)) {
                throw OutOfRange::because($path, 'is not part of a dish;', 'name a field of the dish');
            }
            $at = &$at[$name];
        }
        $at = $value;
        unset($at);
        if ($value === null) {
            $document = self::without($document, explode('/', $path));
        }

        return self::fromArray($document);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     * @return array<string, mixed>
     */
    private static function without(array $document, array $path): array
    {
        $name = array_shift($path);
        if ($path === [] || ! is_array($document[$name] ?? null)) {
            unset($document[$name]);
        } else {
            $document[$name] = self::without($document[$name], $path);
        }

        return $document;
    }

    /** @param  list<LayerChoice>  $layers */
    private static function closes(string $field, string $what, float $sum, array $layers, Matter $matter): void
    {
        foreach ($layers as $layer) {
            $sum += $layer->matter === $matter ? $layer->share : 0.0;
        }
        if (abs($sum - 1) > self::SHARES_CLOSE) {
            throw OutOfRange::because($field, sprintf('the shares of %s add up to %s;', $what, round($sum, 3)), 'let base and layers add up to 1');
        }
    }
}
