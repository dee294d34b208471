<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Filling\FillingGroup;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Heat\Aim;
use Orbek\Core\Heat\Bounds;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Matter;

/** Everything a cook decides about one dish; its document is what is stored and exported. */
final readonly class Dish
{
    public const FORMAT = 'orbek-dish/2';

    /** Fields whose value is the id of a pot, ring or plate. */
    private const NAMES_THINGS = ['pot', 'burner', 'ring', 'plate'];

    /** Red meat that goes in raw has the low heat for so long at least. */
    private const RAW_RED_MEAT_MIN = 40.0;

    /** @param  array<string, mixed>  $document */
    private function __construct(
        public string $name,
        public School $school,
        /** The rice, its water, and what is boiled with it. */
        public Grain $grain,
        public Fillings $fillings,
        /** How the pot is filled, from the base up. */
        public Build $build,
        /** What closes it, and its heat. */
        public LidChoice $lid,
        /** Who eats, and how it comes to them. */
        public Table $table,
        /** What the recipe that it was read from says; null where it was read from none. */
        public ?Told $told,
        public Craft $craft,
        private array $document,
    ) {
    }

    /**
     * @param  array<string, mixed>  $document as schema/dish.json describes it
     *
     * @throws Refused naming the field
     */
    public static function fromArray(array $document, Craft $craft): self
    {
        /** @var array<string, mixed> $document */
        $document = Editions::latest($document);
        $fields = Fields::of($document);
        if ($fields->text('format') !== self::FORMAT) {
            throw Refused::unknown('format', $fields->text('format'), [self::FORMAT, ...Editions::OLDER]);
        }

        $school = $craft->schools->get($fields->text('school'), 'school');
        $cooking = $fields->one('cooking', Cooking::class, $school->cooking);
        $fillings = self::fillings($fields, $craft);
        $lid = LidChoice::fromFields(
            $fields, $craft->seals, $cooking === Cooking::InCooker ? $fields->object('water')->text('pot') : null,
        );

        return new self(
            name: $fields->text('name'),
            school: $school,
            grain: Grain::fromFields($fields, $craft->boiled, $cooking, $lid->ring),
            fillings: $fillings,
            build: Build::fromFields($fields, $craft, $fillings, $lid->ring),
            lid: $lid,
            table: Table::fromFields($fields),
            told: $fields->has('told') ? Told::fromFields($fields->object('told')) : null,
            craft: $craft,
            document: $document,
        );
    }

    /** @throws Refused */
    private static function fillings(Fields $fields, Craft $craft): Fillings
    {
        $fillings = new Fillings(array_map(
            static fn (Fields $one): Filling => Filling::fromFields($one, $craft->fillings), $fields->each('fillings'),
        ));
        if (count($fillings->all) > Fillings::MOST) {
            throw Refused::because('fillings', 'refused.too-many', count: count($fillings->all), most: Fillings::MOST);
        }

        return $fillings;
    }

    /**
     * Another document of the same craft.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws Refused when a dish cannot be so
     */
    public function withDocument(array $document): self
    {
        return self::fromArray($document, $this->craft);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->document;
    }

    /**
     * What guests must be told of, each with where it is: in filling, extras, sides, base or seal.
     *
     * @return array<string, list<Note>> names of what holds it, by allergen, in the enum's order
     */
    public function allergens(): array
    {
        $found = [];
        foreach ($this->eaten() as $thing) {
            foreach ($thing->holds as $allergen) {
                $found[$allergen->value][] = Note::name($thing->name);
            }
        }
        foreach ($this->build->base->kind->holds as $allergen => $where) {
            $found[$allergen][] = Note::name($where);
        }
        if (
            $this->fillings->any(static fn (Filling $one): bool => $one->marinade !== null
                && $one->marinade->yogurt !== Yogurt::None && ! $one->hasOwnYogurt())
        ) {
            $found[Allergen::Milk->value][] = Note::of('dish.marinade-yogurt');
        }
        if ($this->lid->seal->dough !== null) {
            $found[Allergen::Gluten->value][] = Note::of('dish.dough-seal');
        }

        $ordered = [];
        foreach (Allergen::cases() as $allergen) {
            if (isset($found[$allergen->value])) {
                $ordered[$allergen->value] = $found[$allergen->value];
            }
        }

        return $ordered;
    }

    /** @return list<Eaten> all that a cook gave a name and that is eaten */
    public function eaten(): array
    {
        $things = [...$this->build->poured, ...$this->table->sides];
        $of = fn (FillingPart|Boiled|Extra|Poured|Step $one, bool $isOfAKind = false): Eaten => Eaten::of(
            $one->name, $one->holds, $this->craft->foods, $isOfAKind,
        );

        return [
            ...array_map(
                static fn (FillingPart $one): Eaten => $of($one, $one->kind->isOneThing()), $this->fillings->parts(),
            ),
            ...array_map(static fn (Boiled $one): Eaten => $of($one, true), $this->grain->boiled),
            ...array_map(static fn (Extra $one): Eaten => $of($one, $one->kind->isOneThing()), $this->build->extras),
            ...array_map($of, $things),
        ];
    }

    /** @return list<string> names of what is eaten of which nothing is known */
    public function unknown(): array
    {
        $unknown = array_filter($this->eaten(), static fn (Eaten $one): bool => ! $one->isKnown);

        return array_values(array_unique(array_map(static fn (Eaten $one): string => $one->name, $unknown)));
    }

    /**
     * What comes of an animal, by its kind or by its name.
     *
     * @param  list<string>  $from meat, milk, egg, honey
     * @return list<string> names
     */
    public function animal(array $from): array
    {
        $names = [];
        foreach ($this->fillings->parts() as $part) {
            if (in_array('meat', $from, true) && $part->kind->group->isMeatOrFish()) {
                $names[] = $part->name;
            }
        }
        foreach ($this->eaten() as $thing) {
            if (array_intersect($thing->from, $from) !== []) {
                $names[] = $thing->name;
            }
        }

        return array_values(array_unique($names));
    }

    /** @return list<string> ids of the pots, rings and plates that it names */
    public function things(): array
    {
        $ids = [];
        $document = $this->document;
        array_walk_recursive($document, static function (mixed $value, int|string $key) use (&$ids): void {
            if (in_array($key, self::NAMES_THINGS, true) && is_string($value)) {
                $ids[$value] = true;
            }
        });

        return array_map(strval(...), array_keys($ids));
    }

    /**
     * The same with one pot, ring or plate in the place of another.
     *
     * @throws Refused
     */
    public function moved(string $from, string $to): self
    {
        $document = $this->document;
        array_walk_recursive($document, static function (mixed &$value, int|string $key) use ($from, $to): void {
            if (in_array($key, self::NAMES_THINGS, true) && $value === $from) {
                $value = $to;
            }
        });

        return self::fromArray($document, $this->craft);
    }

    /**
     * The ways in which it can come to the table, its own among them.
     *
     * @return list<Serving>
     */
    public function servings(): array
    {
        $can = fn (Serving $one): bool => match ($one) {
            // A folded dish has no top to set aside, and a base that is not laid no crust to lift after it.
            Serving::Mixed => ! $this->build->folded,
            Serving::Lifted => $this->build->base->kind->isLaid,
            Serving::Platter => ! $this->fillings->beside()->isNone(),
            Serving::Whole, Serving::Scooped => true,
        };

        return array_values(array_filter(
            Serving::cases(), fn (Serving $one): bool => $one === $this->table->serving || $can($one),
        ));
    }

    /** Whether some of its rice is lifted at another stage than the rest. */
    public function isLiftedApart(): bool
    {
        return array_filter(
            $this->build->layers,
            fn (LayerChoice $layer): bool => $layer->stage !== null && $layer->stage !== $this->grain->water->stage,
        ) !== [];
    }

    /** What a cook calls a layer by: its rice, or its filling's name. */
    public function layerName(LayerChoice $layer): string
    {
        return match (true) {
            $layer->matter !== Matter::Rice => $this->fillings->get($layer->of)->name,
            $layer->saffron => 'rice, saffron',
            default => 'rice',
        };
    }

    /** What its sealed pots are to end with. */
    public function aim(): Aim
    {
        $base = $this->build->base;

        return Aim::of(
            $base->crust, $this->fillings->inPot()->staysWhole(), $base->kind->isLaid,
            ! $this->grain->cooking->isMeasured(),
        );
    }

    /** What its school asks of their heats beside. */
    public function bounds(): Bounds
    {
        $bounds = $this->school->bounds()->over($this->build->base->kind);
        $isRawRedMeat = $this->fillings->inPot()->any(static fn (Filling $one): bool => $one->ready < Filling::RAW
            && $one->toughest()->group === FillingGroup::RedMeat);

        return $isRawRedMeat ? $bounds->lowAtLeast(self::RAW_RED_MEAT_MIN) : $bounds;
    }

    /**
     * The same dish with one choice changed.
     *
     * @param  string  $path field names joined by slashes, as errors name them
     * @param  mixed  $value null leaves the field out
     *
     * @throws Refused when the dish cannot be so
     */
    public function changed(string $path, mixed $value): self
    {
        return $this->withDocument(self::with($this->document, explode('/', $path), $value, $path));
    }

    /**
     * The same at another table; how much rice the cook's recipe gives each goes along.
     *
     * @param  array<string, mixed>  $table as usual has it
     *
     * @throws Refused
     */
    public function servedAt(array $table): self
    {
        return $this->changed(
            'usual', $table + ($this->table->ownEachG === null ? [] : ['each_g' => $this->table->ownEachG]),
        );
    }

    /**
     * @template T of array-key
     *
     * @param  array<T, mixed>  $document
     * @param  list<string>  $names from here down
     * @param  mixed  $value null leaves the field out
     * @param  string  $path as errors name it
     * @return array<T|string, mixed>
     *
     * @throws Refused when the path goes on below what is no part of a dish
     */
    private static function with(array $document, array $names, mixed $value, string $path): array
    {
        $name = array_shift($names) ?? '';
        if ($names !== []) {
            $below = $document[$name] ?? [];
            $value = is_array($below)
                ? self::with($below, $names, $value, $path)
                : throw Refused::because($path, 'refused.no-field-of-a-dish');
        }
        if ($value === null) {
            unset($document[$name]);

            return $document;
        }

        return array_replace($document, [$name => $value]);
    }
}
