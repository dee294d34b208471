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

    /** What a word tells, the first that is there. */
    private const WORDS = [
        'rice vinegar' => self::NOWHERE, 'rice' => self::RICE, 'basmati' => self::RICE,
        'chicken breast' => 'part:chicken-breast', 'chicken' => 'part:chicken-thigh', 'turkey' => 'part:turkey-thigh',
        'lamb' => 'part:lamb-cubes', 'goat' => 'part:lamb-cubes', 'mutton' => 'part:mutton-cubes',
        'beef' => 'part:mutton-cubes',
        'mince' => 'part:meatballs', 'meatball' => 'part:meatballs', 'prawn' => 'part:prawns',
        'shrimp' => 'part:prawns',
        'trout' => 'part:fish', 'salmon' => 'part:fish', 'cod' => 'part:fish', 'fish' => 'part:fish',
        'eggplant' => 'part:tender-vegetables', 'egg' => 'part:egg', 'paneer' => 'part:paneer', 'tofu' => 'part:paneer',
        'lentil' => 'part:ready', 'chickpea' => 'part:ready', 'bean' => 'part:ready',
        'carrot' => 'part:root-vegetables', 'potato' => 'part:root-vegetables', 'jackfruit' => 'part:root-vegetables',
        'squash' => 'part:tender-vegetables',
        'mushroom' => 'part:tender-vegetables', 'spinach' => 'part:tender-vegetables',
        'aubergine' => 'part:tender-vegetables', 'tomato' => 'part:tender-vegetables',
        'fried onion' => 'extra:onion', 'onion' => 'part:tender-vegetables',
        'saffron' => 'extra:saffron', 'butter' => 'extra:fat', 'ghee' => 'extra:fat',
        'mint' => 'extra:herbs', 'coriander' => 'extra:herbs', 'dill' => 'extra:herbs', 'parsley' => 'extra:herbs',
        'pistachio' => 'extra:nuts', 'almond' => 'extra:nuts', 'cashew' => 'extra:nuts', 'walnut' => 'extra:nuts',
        'raisin' => 'extra:fruit', 'date' => 'extra:fruit', 'barberr' => 'extra:fruit', 'cherr' => 'extra:fruit',
    ];

    /** What one usually weighs, g. */
    private const PIECES = [
        'egg' => 50.0, 'onion' => 110.0, 'chicken thigh' => 150.0, 'tomato' => 100.0, 'carrot' => 80.0,
        'potato' => 130.0,
    ];

    /** Bulk as spooned, kg per litre, of what recipes measure by volume. */
    private const BULKS = [
        'rice' => 0.84, 'basmati' => 0.84, 'butter' => 0.92, 'ghee' => 0.92, 'lentil' => 0.80, 'raisin' => 0.62,
        'mint' => 0.10, 'coriander' => 0.10, 'dill' => 0.10, 'parsley' => 0.10, 'almond' => 0.55, 'pistachio' => 0.52,
        'cashew' => 0.55, 'walnut' => 0.45,
    ];

    private function __construct(
        public string $text,
        /** What it is of; the whole line where no amount could be read. */
        public string $of,
        public ?float $grams,
        public string $role,
        /** How it was read, or why it was not. */
        public Note $note,
    ) {
    }

    public static function read(string $text, Cup $cup): self
    {
        $text = trim(mb_substr((string) preg_replace('/\s+/u', ' ', $text), 0, 200));
        $read = AmountReader::read($text, $cup);
        $of = $read['of'] ?? $text;
        $of = $of === '' ? $text : $of;
        $role = self::role($of);
        if ($read === null) {
            return new self($text, $of, null, $role, Note::of('recipe-line.no-amount-could-be-read'));
        }
        if ($read['unit'] === 'g') {
            return new self(
                $text, $of, $read['amount'], $role,
                $role === self::NOWHERE
                    ? Note::of('recipe-line.weighed-but-nothing-here-says-what')
                    : Note::of('recipe-line.weighed'),
            );
        }
        $table = $read['unit'] === 'piece' ? self::PIECES : self::BULKS;
        foreach ($table as $word => $each) {
            if (str_contains(mb_strtolower($of), $word)) {
                return $read['unit'] === 'piece'
                    ? new self(
                        $text, $of, $read['amount'] * $each, $role, Note::of('recipe-line.counted', each: (int) $each),
                    )
                    : new self(
                        $text, $of, $read['amount'] * $each, $role,
                        Note::of('recipe-line.ml-at-kg-a-litre', amount: (int) round($read['amount']), each: $each),
                    );
            }
        }

        return new self(
            $text, $of, null, $role,
            $read['unit'] === 'piece'
                ? Note::of('recipe-line.of-them-of-unknown-weight', amount: round($read['amount'], 2))
                : Note::of('recipe-line.ml-of-unknown-weight', amount: (int) round($read['amount'])),
        );
    }

    public function isUnderstood(): bool
    {
        return $this->grams !== null && $this->role !== self::NOWHERE;
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

    private static function role(string $of): string
    {
        $of = mb_strtolower($of);
        foreach (self::WORDS as $word => $role) {
            if (preg_match('/\b'.$word.'/u', $of) === 1) {
                return $role;
            }
        }

        return self::NOWHERE;
    }
}
