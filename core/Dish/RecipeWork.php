<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Filling\FillingGroup;
use Orbek\Core\Filling\FillingKind;

/**
 * A recipe's own sentences as the work of its filling: what is done, how long, till what is seen, with what of it.
 *
 * @phpstan-type Line array{of: string, text: string, role: string, grams: float, for: string|null}
 * @phpstan-type Part array{name: string, kind: string, of_rice: float}
 * @phpstan-type Read array{step: RecipeStep, goes: StepGoes}
 */
final class RecipeWork
{
    /** Minutes of a step of which none are told: with a look, and without one (our own). */
    private const LOOKED_AT_MIN = 8;

    private const PLAIN_MIN = 3;

    private const PRESSURE_MIN = 20;

    private const LONGEST_NAME = 120;

    private const BY_HAND = '/\b(?:fry|fried|saut|brown|sear|stir|toss|chop|slice|cut|grind|peel|mix|turn|rub'
        .'|bhuno|toast|soften|whisk|beat|mash)/iu';

    private const ON_A_BOARD = '/^(?:\W*)(?:chop|slice|cut|grind|peel|mix|whisk|beat|rub|mash|wash|rinse|strain'
        .'|grate)/iu';

    private const BY_ITSELF = '/\b(?:simmer|boil|cook|cover|bake|roast|braise|poach|pressure|bubble)/iu';

    private const COOKS = '/\b(?:simmer|boil|cook|bake|roast|braise|poach|pressure|bubble|fry|fried|saut|brown'
        .'|sear|bhuno|warm|heat)/iu';

    /** Words for many things at once, and what they stand for. */
    private const GROUPS = [
        '/\beverything\b|\ball (?:the )?(?:rest|ingredients)\b/iu' => 'all',
        '/\b(?:spices?|masalas?|powders?)\b/iu' => 'spice',
        '/\b(?:meat|shanks?|pieces)\b/iu' => 'raw',
        '/\bfish\b/iu' => 'fish',
        '/\b(?:vegetables?|veg|veggies)\b/iu' => 'vegetable',
    ];

    /** Words for a form, which many things have. */
    private const FORMS = ['leaves', 'seeds', 'sticks', 'pods', 'pieces', 'water', 'leaf', 'threads', 'juice'];

    /** A spice is dry: lighter than so much, kg a litre. */
    private const DRY_KG_PER_L = 0.75;

    /** A sentence that only says how what is in the pan goes on. */
    private const GOES_ON = '/^(?:cook|simmer|fry|bhuno|bubble away|stir|braise|saut[eé])'
        .'(?: (?:gently|well|on|over|for|another)\b.*)?$/iu';

    /** @var list<string> names that a step before has taken in */
    private array $taken = [];

    /** @var array<string, float> minutes at a simmer that each kind has in the recipe's steps, by id */
    private array $cooked = [];

    /** @param  list<Line>  $lines */
    private function __construct(
        private readonly Craft $craft, private readonly string $ring, private readonly array $lines,
    ) {
    }

    /**
     * A filling's document with the recipe's steps, and with the work of those of its kinds that no sentence cooks.
     *
     * @param  array<array-key, mixed>  $filling
     * @param  list<Part>  $parts
     * @param  list<Line>  $lines
     * @param  list<Read>  $method
     * @return array<array-key, mixed>
     */
    public static function of(
        array $filling, array $parts, array $lines, array $method, Craft $craft, string $ring,
    ): array {
        $work = new self($craft, $ring, $lines);
        $steps = [];
        foreach ($method as ['step' => $step, 'goes' => $goes]) {
            if ($goes === StepGoes::Filling) {
                $steps[] = $work->step($step, $parts);
            }
        }
        // Meat that no sentence cooks goes in raw where the school has it so.
        $isRaw = is_numeric($filling['ready'] ?? null) && $filling['ready'] < Filling::RAW
            && array_filter(array_keys($work->cooked), $work->wantsCooking(...)) === [];
        $left = array_values(array_filter(
            array_unique(array_column($parts, 'kind')),
            static fn (string $kind): bool => ! isset($work->cooked[$kind]),
        ));
        $ready = $isRaw ? 0.0 : $work->ready($parts);

        return ['ready' => $ready] + (new FillingWork($craft, $ring))->of(
            ['steps' => self::joined($steps), 'ready' => $ready] + $filling, $left,
        );
    }

    /**
     * Names of the things of the list that sentences of a kind name.
     *
     * @param  list<Read>  $method
     * @param  list<Line>  $lines
     * @return list<string>
     */
    public static function namedIn(array $method, StepGoes $goes, array $lines, Craft $craft): array
    {
        $work = new self($craft, '', $lines);

        return array_merge(...array_map(static fn (array $one): array => $one['goes'] === $goes
            ? $work->named($one['step']->words()) : [], $method));
    }

    private function wantsCooking(string $kind): bool
    {
        return $this->kind($kind)?->wantsCooking() === true;
    }

    /**
     * "Stir in the spices" and "cook" of a minute are one step.
     *
     * @param  list<array<string, mixed>>  $steps
     * @return list<array<string, mixed>>
     */
    private static function joined(array $steps): array
    {
        $joined = [];
        foreach ($steps as $step) {
            $before = array_key_last($joined);
            $name = is_string($step['name'] ?? null) ? $step['name'] : '';
            if ($before === null || ! isset($joined[$before]['untold']) || preg_match(self::GOES_ON, $name) !== 1) {
                $joined[] = $step;

                continue;
            }
            $first = is_string($joined[$before]['name'] ?? null) ? $joined[$before]['name'] : '';
            $with = array_merge(...array_map(
                static fn (array $one): array => is_array($one['with'] ?? null) ? $one['with'] : [],
                [$joined[$before], $step],
            ));
            $joined[$before] = ['name' => mb_strimwidth("{$first}, ".lcfirst($name), 0, self::LONGEST_NAME, '…')]
                + ($with === [] ? [] : ['with' => $with]) + $step + $joined[$before];
            unset($joined[$before]['untold']);
        }

        return array_map(static fn (array $step): array => array_diff_key($step, ['untold' => 0]), $joined);
    }

    /**
     * @param  list<Part>  $parts
     * @return array<string, mixed> as schema/dish.json has a step
     */
    private function step(RecipeStep $step, array $parts): array
    {
        $text = $step->words();
        $isUnderPressure = preg_match('/\bpressure|\bwhistles?\b/iu', $text) === 1;
        $usual = (int) round($step->minutes === null ? match (true) {
            $isUnderPressure => self::PRESSURE_MIN,
            $step->look !== null => self::LOOKED_AT_MIN,
            default => self::PLAIN_MIN,
        } : array_sum($step->minutes) / 2);
        $usual = max(1, $usual);
        $isRange = $step->minutes !== null && $step->minutes[0] < $step->minutes[1];
        $named = $this->named($text);
        $isOnBoard = preg_match(self::ON_A_BOARD, $text) === 1 && preg_match(self::COOKS, $text) !== 1;
        $this->cooks(
            $text, $usual * ($isUnderPressure ? Step::PRESSURE_TIMES : 1.0), $step->minutes !== null && ! $isOnBoard,
            $named, $parts,
        );
        $new = array_values(array_diff($named, $this->taken));
        $this->taken = [...$this->taken, ...$new];
        $name = $step->does();

        return array_filter([
            'name' => mb_strimwidth($name, 0, self::LONGEST_NAME, '…'),
            'minutes' => $usual,
            'attention' => preg_match(self::BY_ITSELF, $text) === 1 && preg_match(self::BY_HAND, $text) !== 1
                ? 'end' : 'throughout',
            'burner' => $isOnBoard ? null : $this->ring,
            'till' => $step->look,
            'least_min' => match (true) {
                $isRange => max(1, (int) floor($step->minutes[0] ?? 1)),
                $step->look !== null => max(1, (int) floor(Step::LOOK_LEAST * $usual)),
                default => null,
            },
            'most_min' => match (true) {
                $isRange => (int) ceil($step->minutes[1] ?? $usual),
                $step->look !== null => (int) ceil(Step::LOOK_MOST * $usual),
                default => null,
            },
            'pressure' => $isUnderPressure ? true : null,
            'with' => $new === [] ? null : $new,
            'untold' => $step->minutes === null && $step->look === null ? true : null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return list<string> names of the things of the list that a sentence names */
    private function named(string $text): array
    {
        $foods = $this->craft->foods->allNamed($text);
        $roles = [];
        foreach (self::GROUPS as $words => $role) {
            if (preg_match($words, $text) === 1) {
                $roles[] = $role;
            }
        }
        $named = [];
        foreach ($this->lines as $line) {
            if ($line['grams'] <= 0 || in_array($line['role'], [RecipeLine::RICE, RecipeLine::NOWHERE], true)
                || in_array($line['for'], ['top', 'base', 'seal'], true)) {
                continue;
            }
            $food = $this->craft->foods->named($line['of']) ?? $this->craft->foods->near($line['of']);
            $isThis = ($food !== null && in_array($food, $foods, true)) || $this->sharesAWord($text, $line['of'])
                || array_filter($roles, fn (string $role): bool => $this->isOf($line, $food, $role)) !== [];
            if ($isThis) {
                $named[] = mb_substr($line['of'], 0, 80);
            }
        }

        return array_values(array_unique($named));
    }

    /** "paste" for "ginger garlic paste", "chicken" for "chicken breasts": its last word, or one that is a food. */
    private function sharesAWord(string $text, string $of): bool
    {
        $name = (string) preg_replace('/[,(].*$|\s(?:for|each)\s.*$/u', '', mb_strtolower($of));
        $words = preg_split('/[^\p{L}]+/u', $name, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $last = array_key_last($words);
        foreach ($words as $place => $word) {
            $tells = $place === $last || $this->craft->foods->named($word) !== null;
            $said = '/(?<!\p{L})'.preg_quote(rtrim($word, 's'), '/').'e?s?(?!\p{L})/iu';
            if ($tells && mb_strlen($word) >= 4 && ! in_array($word, self::FORMS, true)
                && preg_match($said, $text) === 1) {
                return true;
            }
        }

        return false;
    }

    /** @param  Line  $line */
    private function isOf(array $line, ?Food $food, string $group): bool
    {
        $kind = str_starts_with($line['role'], 'part:') ? $this->kind(substr($line['role'], strlen('part:'))) : null;

        return match ($group) {
            'all' => $line['for'] !== 'rice',
            'spice' => $line['role'] === 'extra:other' && $line['for'] !== 'rice'
                && ($food === null || $food->kgPerL < self::DRY_KG_PER_L),
            'raw' => $kind?->wantsCooking() === true,
            'fish' => $kind?->group === FillingGroup::Fish,
            default => $kind?->group === FillingGroup::Vegetable && $kind->comes === FillingKind::COMES_LAST,
        };
    }

    /**
     * Minutes that a sentence cooks what is in the pan: what it names, and all that went in before.
     *
     * @param  list<string>  $named
     * @param  list<Part>  $parts
     */
    private function cooks(string $text, float $minutes, bool $isTold, array $named, array $parts): void
    {
        // "Add the mince" cooks nothing yet, but the mince is in the pan.
        $isCooked = $isTold || preg_match(self::COOKS, $text) === 1;
        foreach ($parts as $part) {
            $isIn = in_array($part['name'], $named, true) || in_array($part['name'], $this->taken, true);
            if ($isIn && $isCooked) {
                $this->cooked[$part['kind']] = ($this->cooked[$part['kind']] ?? 0.0) + $minutes;
            }
        }
    }

    /**
     * How far the least of its kinds is when it is layered.
     *
     * @param  list<Part>  $parts
     */
    private function ready(array $parts): float
    {
        $ready = 1.0;
        foreach ($parts as $part) {
            $kind = $this->kind($part['kind']);
            // A gravy is done when its look is there.
            if ($kind !== null && $kind->tenderMin > 0 && $kind->comes === FillingKind::COMES_LAST) {
                $ready = min($ready, isset($this->cooked[$kind->id])
                    ? $this->cooked[$kind->id] / $kind->tenderMin : $kind->ready);
            }
        }

        return round($ready, 2);
    }

    private function kind(string $id): ?FillingKind
    {
        return $this->craft->fillings->all[$id] ?? null;
    }
}
