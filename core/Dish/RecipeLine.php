<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\AmountReader;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Note;

/**
 * One line of a recipe from outside, read as far as it can be.
 *
 * What a line is of is told only where it names it; grams only where the line weighs, or where the
 * bulk of what it names is known. The rest is left to the cook.
 */
final readonly class RecipeLine
{
    /** Roles beside the kinds of filling and of toppings. */
    public const RICE = 'rice';

    public const NOWHERE = 'nowhere';

    private function __construct(
        public string $text,
        /** What it is of; the whole line where no amount could be read. */
        public string $of,
        public ?float $grams,
        public string $role,
        /** How it was read, or why it was not. */
        public Note $note,
        /** The food that it names; null where none is known by that name. */
        public ?Food $food = null,
        /** Under which heading it stands: rice, filling, top, base or seal; null where under none. */
        public ?string $for = null,
        /** Its food's name as it was taken for, where it was spelt otherwise. */
        public ?string $guess = null,
        /** Amount as it is told, in g, ml, piece or a food's own measure; null where none is. */
        public ?float $amount = null,
        public ?string $unit = null,
    ) {
    }

    public function under(?string $heading): self
    {
        return new self(
            text: $this->text, of: $this->of, grams: $this->grams, role: $this->role, note: $this->note,
            food: $this->food, for: $heading, guess: $this->guess, amount: $this->amount, unit: $this->unit,
        );
    }

    /** The same as it stands in the recipe, whatever order it was read in. */
    public function standing(string $text): self
    {
        return new self(
            text: $text, of: $this->of, grams: $this->grams, role: $this->role, note: $this->note, food: $this->food,
            for: $this->for, guess: $this->guess, amount: $this->amount, unit: $this->unit,
        );
    }

    public static function read(string $text, Cup $cup, Foods $foods): self
    {
        $text = trim(mb_substr((string) preg_replace('/\s+/u', ' ', $text), 0, 200));
        $read = AmountReader::read(PersianRecipe::is($text) ? PersianRecipe::line($text) : $text, $cup);
        $of = $read['of'] ?? $text;
        $of = $of === '' ? $text : $of;
        // "4 tbsp salt for the water" is salt.
        $food = $foods->named((string) preg_replace('/\s+(?:for|in|into)\s.*$/iu', '', $of))
            ?? $foods->named($of) ?? $foods->named($text);
        $near = $food === null ? $foods->near($of) : null;
        $food ??= $near;
        $guess = $near?->names[0];
        $role = $food->role ?? self::NOWHERE;
        if ($read === null) {
            return new self(
                text: $text, of: $of, grams: null, role: $role, note: $food !== null && self::isToTaste($text)
                    ? Note::of('recipe-line.to-taste') : Note::of('recipe-line.no-amount'), food: $food, guess: $guess,
            );
        }
        $grams = self::grams($read['amount'], $read['unit'], $food);
        if ($grams === null) {
            return new self(
                text: $text, of: $of, grams: null, role: $role, note: match ($read['unit']) {
                    'ml' => Note::of('recipe-line.volume-unknown', amount: (int) round($read['amount'])),
                    default => Note::of('recipe-line.of-them-of-unknown-weight', amount: round($read['amount'], 2)),
                }, food: $food, guess: $guess, amount: $read['amount'], unit: $read['unit'],
            );
        }
        $range = $read['low'] === null || $read['high'] === null ? null : [$read['low'], $read['high']];

        $note = match (true) {
            $food === null => Note::of('recipe-line.weighed-for-nothing'),
            $range !== null => Note::of(
                'recipe-line.between', low: round($range[0], 2), high: round($range[1], 2), unit: $read['unit'],
            ),
            $read['unit'] === 'g' => Note::of('recipe-line.weighed'),
            $read['unit'] === 'ml' => Note::of(
                'recipe-line.by-volume', amount: (int) round($read['amount']), each: $food->kgPerL,
            ),
            $read['unit'] === 'piece' => Note::of('recipe-line.counted', each: round($grams / $read['amount'], 2)),
            default => Note::of(
                'recipe-line.by-measure', measure: $read['unit'], each: round($grams / $read['amount'], 2),
            ),
        };

        return new self(
            text: $text, of: $of, grams: $grams, role: $role, note: $note, food: $food, guess: $guess,
            amount: $read['amount'], unit: $read['unit'],
        );
    }

    /** What an amount weighs, g; null where that is not known of this food. */
    private static function grams(float $amount, string $unit, ?Food $food): ?float
    {
        $each = match ($unit) {
            'g' => 1.0,
            'ml' => $food?->kgPerL,
            'piece' => $food?->pieceG,
            // A stick or a head of what comes by the piece is one.
            default => $food->weighs[$unit]
                ?? (in_array($unit, ['stick', 'head', 'pod'], true) ? $food?->pieceG : null),
        };

        return $each === null ? null : $amount * $each;
    }

    /** Whether a line leaves its amount to the cook. */
    private static function isToTaste(string $text): bool
    {
        return preg_match(
            '/\b(to taste|as needed|to serve|for serving|for frying|to garnish|for garnish|optional)\b/i',
            PersianRecipe::is($text) ? PersianRecipe::line($text) : $text,
        ) === 1
            || preg_match('/\d/', $text) !== 1;
    }

    /** What one weighs, g, where it is told by number. */
    public function pieceG(): ?float
    {
        return $this->unit === 'piece' && $this->grams !== null && $this->amount > 0
            ? round($this->grams / $this->amount, 3) : null;
    }

    public function isUnderstood(): bool
    {
        return $this->grams !== null && $this->role !== self::NOWHERE;
    }

    /** Whether all is known of it that the line says: its food and its weight, or that it is left to the cook. */
    public function isRead(): bool
    {
        return $this->food !== null && ($this->grams !== null || $this->note->key === 'recipe-line.to-taste');
    }

    /**
     * All that a line can be used as.
     *
     * @return array<string, Note> by role
     */
    public static function roles(Craft $craft): array
    {
        $roles = [
            self::NOWHERE => Note::of('recipe-line.leave-it-out'),
            self::RICE => Note::of('recipe-line.the-rice'),
        ];
        foreach ($craft->fillings->all as $kind) {
            $roles["part:{$kind->id}"] = Note::of('recipe-line.filling', kind: $kind->name);
        }
        foreach (ExtraKind::cases() as $kind) {
            if ($kind !== ExtraKind::Essence) {
                $roles["extra:{$kind->value}"] = Note::of('recipe-line.topping', kind: $kind);
            }
        }

        return $roles;
    }
}
