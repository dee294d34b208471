<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\AmountReader;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Refused;

/**
 * A recipe as it is copied from anywhere. Each of its rows becomes something: its name, for how many, a heading, a
 * thing with its amount, a step; or it is told as not understood. None is lost.
 */
final class RecipeReader
{
    private const MOST_LINES = 80;

    private const LONGEST_LINE = 160;

    private const LONGEST_NAME = 80;

    private const USUAL_EATERS = 4;

    /** From here on it is told what to do, not what to take. */
    private const METHOD = '/^(?:method|instructions?|directions?|preparation|steps?|procedure|what to do|cooking'
        .'|how to(?: make it| cook)?)\b\s*[:.]?\s*$/iu';

    private const LIST = '/^(?:ingred[a-z]+|you (?:will )?need|what you need|shopping list)\s*[:.]?\s*$/iu';

    /** "For the rice:", "Filling", "To serve:". */
    private const PART = '/^(?!.*\b(?:bir[iy]+a?ni|polo|pul[ao]{1,2}|pilaf)\b)(?:for (?:the )?|to )?(rice|filling|meat'
        .'|chicken|lamb|vegetables?|marinade|marination|gravy|masala|curry|stew|sauce|spices'
        .'|top(?:ping)?|finish|garnish|serve|serving'
        .'|crust|tahd?ig|base|bottom|layers?|layering|assembly|dum|dough|seal)\b'
        .'[^\d:]{0,30}[:.]?\s*$/iu';

    private const GOES_TO = [
        'rice' => 'rice', 'top' => 'top', 'topping' => 'top', 'finish' => 'top', 'garnish' => 'top', 'serve' => 'top',
        'serving' => 'top', 'crust' => 'base', 'tahdig' => 'base', 'tahig' => 'base', 'base' => 'base',
        'bottom' => 'base', 'layer' => 'top', 'layers' => 'top', 'layering' => 'top', 'assembly' => 'top',
        'dum' => 'top', 'dough' => 'seal', 'seal' => 'seal',
    ];

    /** A row of a few words that ends with a colon, or says what it is for. */
    private const HEADING = '/^(?:for (?:the )?\p{L}+(?:\s\p{L}+){0,2}|\p{L}+(?:\s\p{L}+){0,2}(?=:)):$/iu';

    private const FOR_HOW_MANY = '/\(?\b(?:serves?|feeds?|yields?|makes|does|servings?|enough for):?\s+'
        .'(?:about\s+|around\s+)?(\d{1,2})\b(?:\s*(?:-|–|to|or)\s*\d{1,2}\b)?'
        .'(?:\s*(?:servings|people|portions))?\)?'
        .'|\(?\b(\d{1,2})\s*(?:-|to)?\s*\d{0,2}\s*(?:people|persons?|ppl|servings?|portions?|eaters|nafar|logo?n?)\b\)?'
        .'|\bfor\s+(?:about\s+)?(\d{1,2})(?:\s*(?:-|–|to)\s*\d{1,2})?(?:\s*\([^()\d]*\))?\W*$/iu';

    private const MINUTES_FOR = '/\d\s*(?:m|mins?|minutes?)\b.*\bfor\s+\d+\W*$/iu';

    /** Dots that lead the eye to an amount, "1 & 1/2", 1": as they are meant. */
    private const AS_MEANT = [
        '/^#+\s*(.+?)[\s:]*$/u' => '$1:', '/\*\*|__/u' => '',
        '/\s*\.{3,}\s*/u' => ' - ', '/(\d)\s*(?:&|and)\s*(?=\d\/\d|[½¼¾])/iu' => '$1 ',
        '/(\d)\s*["”](?=[\s,]|$)/u' => '$1 inch', '/\s+/u' => ' ',
    ];

    private const EATERS = [
        'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'eight' => 8, 'ten' => 10,
    ];

    private ?string $name = null;

    private ?int $eaters = null;

    /** @var list<RecipeLine> */
    private array $lines = [];

    /** @var list<RecipeStep> */
    private array $steps = [];

    /** @var list<string> */
    private array $unread = [];

    private bool $isUnderMethod = false;

    private bool $isInList = false;

    /** Whether a row told what to do. */
    private bool $isBegun = false;

    private ?string $for = null;

    private function __construct(private readonly Cup $cup, private readonly Foods $foods)
    {
    }

    /** @throws Refused when no row of it names a food */
    public static function read(string $text, Cup $cup, Foods $foods): RecipeRead
    {
        $reader = new self($cup, $foods);
        foreach (preg_split('/\R/u', self::sized($text)) ?: [] as $row) {
            $row = trim((string) preg_replace(array_keys(self::AS_MEANT), array_values(self::AS_MEANT), $row));
            if ($row !== '') {
                $reader->row($row);
            }
        }
        if ($reader->lines === []) {
            throw Refused::because('text', 'refused.no-line-names-a-food');
        }

        return new RecipeRead(
            $reader->name ?? '', $reader->eaters ?? self::USUAL_EATERS,
            array_slice($reader->lines, 0, self::MOST_LINES), $reader->steps,
            [...$reader->unread, ...array_map(
                static fn (RecipeLine $one): string => $one->text, array_slice($reader->lines, self::MOST_LINES),
            )], self::school(PersianRecipe::is($text) ? PersianRecipe::words($text) : $text),
        );
    }

    /** A mug, tumbler or cup whose size the text tells, in millilitres wherever it is an amount. */
    private static function sized(string $text): string
    {
        $vessel = '(cup|mug|tumbler|glass|bowl)';
        if (preg_match('/\b'.$vessel.'\s*(?:=|is|of|holds)\s*(\d{2,3})\s*ml\b/iu', $text, $found) !== 1
            && preg_match('/(?<size>\d{2,3})\s*ml\s+'.$vessel.'\b/iu', $text, $found) !== 1) {
            return $text;
        }
        [$name, $ml] = isset($found['size']) ? [$found[2], $found['size']] : [$found[1], $found[2]];
        $number = '(\d+\s+\d\/\d|\d\/\d|\d+(?:\.\d+)?)';

        return (string) preg_replace_callback(
            '/(?<![\d\/])'.$number.'\s*'.$name.'(?:s|es)?\b(?!\s*(?:=|is|of|holds)\s*\d)/iu',
            static function (array $told) use ($ml): string {
                $sum = 0.0;
                foreach (preg_split('/\s+/', $told[1]) ?: [] as $one) {
                    [$over, $under] = [...array_map(floatval(...), explode('/', $one)), 1.0];
                    $sum += $over / max(1.0, $under);
                }

                return round($sum * (float) $ml)." ml ({$told[0]})";
            }, $text,
        );
    }

    /**
     * A recipe whose parts are told apart already.
     *
     * @param  list<string>  $things
     * @param  list<string>  $method
     */
    public static function ofParts(
        string $name, int $eaters, array $things, array $method, Cup $cup, Foods $foods,
    ): RecipeRead {
        $reader = new self($cup, $foods);
        $reader->isInList = true;
        foreach ($things as $row) {
            $reader->things($row);
        }
        foreach ($method as $row) {
            $reader->sentences($row);
        }

        return new RecipeRead(
            $name, $eaters, $reader->lines, $reader->steps, $reader->unread,
            self::school($name."\n".implode("\n", [...$things, ...$method])),
        );
    }

    private function row(string $row): void
    {
        if (PersianRecipe::is($row)) {
            $this->persian($row);
        } elseif (preg_match(self::METHOD, $row) === 1) {
            [$this->isUnderMethod, $this->isInList] = [true, false];
        } elseif (preg_match(self::LIST, $row) === 1) {
            [$this->isUnderMethod, $this->isInList, $this->for] = [false, true, null];
        } elseif (preg_match(self::PART, $row, $found) === 1 && AmountReader::read($row, $this->cup) === null) {
            $this->for = self::GOES_TO[mb_strtolower($found[1])] ?? 'filling';
            [$this->isUnderMethod, $this->isInList] = [false, true];
        } elseif (! $this->isUnderMethod && $this->name !== null && preg_match(self::HEADING, $row) === 1) {
            // "For the barberries:", "Koftas:" head what is in the filling.
            $this->for = 'filling';
            $this->isInList = true;
        } elseif ($this->isUnderMethod) {
            $this->sentences($row);
        } elseif ($this->isTitle($row)) {
            $this->name = mb_substr(trim($row, '# *:'), 0, 180);
        } elseif ($this->isAllInOne($row)) {
            return;
        } elseif ($this->isForHowMany($row)) {
            return;
        } elseif ($this->isBegun && ! $this->isInList && preg_match('/\d/', $row) !== 1) {
            // Once it is told what to do, a row without a figure is no thing to take.
            $this->sentences($row);
        } elseif (preg_match('/^(?:prep|cook|total|active|hands[- ]on)\w*(?: time)?\s*:/iu', $row) === 1) {
            $this->unread[] = $row;
        } elseif (mb_strlen($row) <= self::LONGEST_LINE && ! self::isSentence($row) && $this->things($row)) {
            return;
        } elseif (! self::isSentence($row) && self::listed($row) !== null) {
            $this->isInList = true;
            $this->things($row);
        } else {
            $this->other($row);
        }
    }

    /** A row in Persian: a heading, for how many, its name, a thing or sentences; else it is told as not understood. */
    private function persian(string $row): void
    {
        $eaters = PersianRecipe::eaters($row);
        $part = PersianRecipe::part($row);
        $isSentence = PersianRecipe::isSentence($row);
        if ($eaters !== null && ! $isSentence) {
            $this->eaters ??= max(1, min(Table::MOST_EATERS, $eaters));
        }
        if (PersianRecipe::isMethod($row)) {
            [$this->isUnderMethod, $this->isInList] = [true, false];
        } elseif (PersianRecipe::isList($row)) {
            [$this->isUnderMethod, $this->isInList, $this->for] = [false, true, null];
        } elseif ($part !== null && ! $this->isUnderMethod && ($this->name !== null || str_ends_with($row, ':'))) {
            [$this->for, $this->isInList] = [$part, true];
        } elseif ($this->isUnderMethod || $isSentence) {
            foreach (preg_split('/(?<=[.!؛])\s+/u', $row) ?: [] as $sentence) {
                $step = RecipeStep::read($sentence);
                $step === null ? $this->unread[] = $sentence : $this->steps[] = $step;
            }
        } elseif ($this->name === null && $this->lines === [] && ! $this->isInList) {
            $this->name = mb_substr(trim($row, '# *:'), 0, 180);
        } elseif ($eaters === null) {
            $line = RecipeLine::read($row, $this->cup, $this->foods)->under($this->for);
            $line->food !== null || $line->grams !== null || $this->isInList
                ? $this->lines[] = $line : $this->unread[] = $row;
        }
    }

    /** The first row is its name, where it has more than two words and, brackets aside, no figure. */
    private function isTitle(string $row): bool
    {
        $bare = trim((string) preg_replace('/\([^)]*\)/u', '', $row));

        return $this->name === null && $this->lines === [] && $this->steps === [] && ! $this->isInList
            && str_contains($row, '(') && mb_strlen($bare) <= self::LONGEST_NAME
            && preg_match('/\d/', $bare) !== 1 && preg_match('/^\p{L}+(?:\W+\p{L}+)+$/u', $bare) === 1
            && preg_match('/\b(?:serves|feeds|makes|for)\b|\b(?:people|persons|ppl)\b/iu', $row) !== 1
            && ! self::isSentence($row);
    }

    /**
     * A list that is written in one row: "You need 400 g rice, two onions and a knob of butter. That does four.",
     * "700 g lamb - 2 onions - 600 g rice".
     */
    private function isAllInOne(string $row): bool
    {
        $needs = '/^(.*?\b(?:you|u|we)(?:\'ll| will)? need:?|ingredients:)\s+(.{20,}?)\.?(?:(?<=\.)\s+(.*))?$/iu';
        if (preg_match($needs, $row, $found) === 1) {
            $between = '/\s*,\s*(?:and\s+)?|\s+and\s+(?=(?:\d|an?\b|two|three|four|some)\b)/iu';
            $parts = preg_split($between, $found[2]) ?: [];
            $rest = $found[3] ?? '';
            $before = $found[1];
        } else {
            $parts = preg_split('/\s+[-–•·|\/]\s+|\s*;\s*/u', $row) ?: [];
            $rest = $before = '';
        }
        $amounts = preg_grep('/^\W*(?:\d|[½¼¾]|an?\b|one\b|two\b|three\b|four\b|some\b)/iu', $parts) ?: [];
        if (count($parts) < 3 || 2 * count($amounts) <= count($parts)) {
            return false;
        }
        if (preg_match('/\p{L}+\W+\p{L}+\W+\p{L}+\W+\p{L}+/u', $before) === 1) {
            $this->unread[] = $before;
        }
        $isInList = $this->isInList;
        $this->isInList = true;
        foreach ($parts as $part) {
            $this->things($part);
        }
        $this->isInList = $isInList;
        if (trim($rest) !== '') {
            $this->row(trim($rest));
        }

        return true;
    }

    /** What is neither a heading nor a thing: its name, where it has none yet; else a step, or not understood. */
    private function other(string $row): void
    {
        $isName = $this->name === null && $this->lines === [] && mb_strlen($row) <= self::LONGEST_LINE;
        if ($isName && ! self::isSentence($row)) {
            $this->name = mb_substr(trim($row, '# *:'), 0, 180);

            return;
        }
        $this->sentences($row);
        $this->isBegun = $this->steps !== [];
    }

    /** Several sentences of a method, each a step of its own. */
    private function sentences(string $row): void
    {
        foreach (self::clauses($row) as $sentence) {
            $step = RecipeStep::read($sentence);
            if ($step !== null) {
                $this->steps[] = $step;
            } elseif (preg_match('/^\W*(?:\d{1,2}[.)])?\W*$/u', $sentence) !== 1) {
                $this->unread[] = $sentence;
            }
        }
    }

    /** @return list<string> sentences; those that tell two times apart, in two */
    private static function clauses(string $row): array
    {
        $clauses = [];
        $time = '/\d\s*(?:m|mins?|minutes?|h|hrs?|hours?)\b|\bhalf an hour\b|\ban hour\b/iu';
        foreach (preg_split('/(?<=[.!?;])\s+(?=\p{L}|\d+[.)])/u', $row) ?: [] as $sentence) {
            $left = $between = '';
            foreach (preg_split(RecipeStep::BETWEEN, $sentence, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $clause) {
                if ($at % 2 === 1) {
                    $between = $clause;
                } elseif (preg_match($time, $left) === 1 && preg_match($time, $clause) === 1) {
                    $clauses[] = $left;
                    $left = $clause;
                } else {
                    $left .= $between.$clause;
                }
            }
            $clauses[] = $left;
        }

        return $clauses;
    }

    private function isForHowMany(string $row): bool
    {
        $row = (string) preg_replace_callback(
            '/\b(serves|feeds|for)\s+(two|three|four|five|six|eight|ten)\b/iu',
            static fn (array $told): string => "{$told[1]} ".self::EATERS[mb_strtolower($told[2])], $row,
        );
        // "Low for 40" is no table for forty.
        if (mb_strlen($row) > self::LONGEST_NAME || self::isDoing($row) || preg_match(self::MINUTES_FOR, $row) === 1
            || preg_match(self::FOR_HOW_MANY, $row, $found) !== 1) {
            return false;
        }
        $told = array_values(array_filter(array_slice($found, 1), ctype_digit(...)));
        $this->eaters ??= max(1, min(Table::MOST_EATERS, (int) ($told[0] ?? self::USUAL_EATERS)));
        // "Chicken biryani (6 people)" is its name as well.
        $rest = trim((string) preg_replace(self::FOR_HOW_MANY, '', $row), ' -–,.:/|');
        $rest = (string) preg_replace('/\s*\($/u', '', $rest);
        if ($this->name === null && $this->lines === [] && mb_strlen($rest) > 3) {
            $this->name = mb_substr($rest, 0, 180);
        } elseif (preg_match('/\d|\p{L}{4}/u', $rest) === 1) {
            $this->unread[] = $rest;
        }

        return true;
    }

    /** A row told as what is done: it begins with a word of doing, or tells a time. */
    private static function isSentence(string $row): bool
    {
        $time = '(?:\d+|half an|an)[\s-]*(?:minutes?|mins?|hours?|hrs?)';
        $bare = (string) preg_replace('/\([^)]*\)/u', '', $row);
        // "rice boil 6m", "8m med then 45m low": what is timed is done.
        $timed = '/(?<![\p{L}\d])\d+\s?(?:m|mins?|h|hrs?)\b(?!\s*[=²\/])/iu';
        $begins = '/^\W*\p{L}|^\d+\s?(?:m|mins?|h|hrs?)\b/iu';
        if (preg_match($timed, $bare) === 1 && preg_match($begins, $bare) === 1 && RecipeStep::read($row) !== null) {
            return true;
        }

        return self::isDoing($row)
            || preg_match('/^(?!(?:one|two|three|four|half|an?)\b)\p{Lu}\p{Ll}+(?:,?\s+\S+){5,}\.$/iu', $row) === 1
            || preg_match('/^\W*\p{L}[^.]*\b'.$time.'\b/iu', $bare) === 1;
    }

    private static function isDoing(string $row): bool
    {
        return preg_match('/^\s*\d{1,2}[.)]\s+\p{L}/u', $row) === 1
            || (preg_match('/^\W*(?:then |now |next |first )?(?:soak|wash|rinse|boil|parboil|drain|fry|brown'
                .'|sear|marinate|mix|layer|seal|cover|steam|cook|simmer|add|stir|heat|sprinkle|serve|toast|chop|slice'
                .'|bring|keep|leave|let|melt|combine|soften|rub|braise|take|grind|dissolve|crush'
                .'|peel|garnish|strain|saut[eé]|put|pour|spread|place|turn|remove|bake|roast)\b/iu', $row) === 1
                && mb_strlen($row) > 20);
    }

    /** Each thing that a row names with its amount: "4 cloves, 4 cardamom, 1 stick of cinnamon" are three. */
    private function things(string $row): bool
    {
        $isKnown = $this->isInList || ($this->isLine($row) && ($this->name !== null || preg_match('/\d/', $row) === 1));
        if (! $isKnown) {
            return false;
        }
        $parts = $this->parted($row);
        foreach ($parts as $one) {
            $line = RecipeLine::read($one, $this->cup, $this->foods)->under($this->for);
            $this->lines[] = count($parts) === 1 ? $line->standing($row) : $line;
            // "2 cups basmati (soaked 30 min)" is work as well.
            if ($line->role === RecipeLine::RICE
                && preg_match('/\(([^)]*\d\s*(?:mins?|minutes?|hours?|hrs?)\b[^)]*)\)/iu', $one, $done) === 1) {
                $this->sentences("Rice: {$done[1]}");
            }
        }

        return true;
    }

    /** @return non-empty-list<string> */
    private function parted(string $row): array
    {
        // "2 chicken breasts, about 500 g in total" weigh that.
        $row = (string) preg_replace(
            [
                '/\s[-–]\s*(\d+)\s*g(?:rs?|ms?)?\s+each$/iu',
                '/,\s*(?:about|approx\.?|around)\s+(\d+(?:[.,]\d+)?\s*(?:kg|g|lb))(\s+(?:each|in total))?(?=,|$)/iu',
            ], [' ($1 g each)', ' ($1$2)'], self::inOrder($row),
        );

        return self::ofEach($row) ?? $this->several($row) ?? self::amongOthers($row);
    }

    /**
     * "mint and coriander, a handful each", "bunch each dill, parsley, chives".
     *
     * @return non-empty-list<string>|null
     */
    private static function ofEach(string $row): ?array
    {
        $each = '/^(\p{L}[\p{L}\s]*?)\s*(?:\band\b|&|\+)\s*(\p{L}+),?\s+(?:a\s+)?(handful|pinch|bunch)(?:\s+each)?$/iu';
        if (preg_match($each, $row, $found) === 1) {
            return ["1 {$found[3]} {$found[1]}", "1 {$found[3]} {$found[2]}"];
        }
        // "mint and coriander - 1/2 cup each".
        $so = '/^([\d½¼¾][\d\s\/.]*\s*\p{L}+)\s+(.+?)\s+(?:and|&)\s+(\p{L}+),\s*each$/iu';
        if (preg_match($so, $row, $found) === 1) {
            return ["{$found[1]} {$found[2]}", "{$found[1]} {$found[3]}"];
        }
        // "bunch each dill, parsley, chives".
        $eachOf = '/^(?:an?\s+)?(?:small |big |good )?(handful|pinch|bunch)\s+each\s+(?:of\s+)?(.+)$/iu';
        if (preg_match($eachOf, $row, $found) === 1) {
            $names = preg_split('/\s*(?:,|&|\+|\band\b)\s*/iu', $found[2], -1, PREG_SPLIT_NO_EMPTY) ?: [$found[2]];

            return array_map(static fn (string $name): string => "1 {$found[1]} {$name}", $names);
        }

        return null;
    }

    /**
     * Foods by turns with nothing but a comma, a plus or nothing between them.
     *
     * @return non-empty-list<string>|null
     */
    private function several(string $row): ?array
    {
        // "mint + coriander" are two, "salt & vinegar crisps" are not.
        if (preg_match('/^(\p{L}[\p{L}\s]*?)\s*[+&]\s*(\p{L}[\p{L}\s]*)$/u', $row, $two) === 1
            && $this->foods->named($two[1]) !== null && $this->foods->named($two[2]) !== null) {
            return [$two[1], $two[2]];
        }

        return $this->run($row) ?? self::listed($row);
    }

    /**
     * What else may stand in one row; else the row as it is.
     *
     * @return non-empty-list<string>
     */
    private static function amongOthers(string $row): array
    {
        $hasNote = str_contains($row, '(');
        if (! $hasNote && preg_match('/^(.*?\d[^,]*?)\s+each\s+(?:of\s+)?(.+)$/iu', $row, $found) === 1
            && ! str_contains($found[2], ' for ') && preg_match('/^for\b/iu', $found[2]) !== 1) {
            $names = preg_split('/\s*(?:,|&|\band\b)\s*/iu', $found[2], -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (count($names) > 1) {
                return array_values(array_map(static fn (string $name): string => "{$found[1]} {$name}", $names));
            }
        }
        $next = '(?=(?:\d|½|¼|¾|a (?:pinch|handful|few)\b))';
        $parts = preg_split('/\s*(?:[,;]|\s\+\s|\s\/\s|\band\b)\s*'.$next.'/iu', $row) ?: [];
        if (! $hasNote && count($parts) > 1 && preg_match('/^\W*\d/u', $parts[0]) === 1) {
            return self::completed($parts);
        }
        if (preg_match('/^(salt)\s*(?:and|&|,|\+)\s*((?:black )?pepper)\b(.*)$/iu', $row, $found) === 1) {
            return [$found[1].$found[3], $found[2].$found[3]];
        }

        return [$row];
    }

    /**
     * "1/2 c rice 1/2 c moong dal", "4 cloves 4 cardamom 1 bay leaf": amounts and names by turns, nothing between them.
     *
     * @return non-empty-list<string>|null null where it is no such run of foods that are known
     */
    private function run(string $row): ?array
    {
        $number = '(?:\d+\s*\/\s*\d+|\d+(?:[.,]\d+)?|[½¼¾])';
        if (preg_match('/^(?:'.$number.'\s*\p{L}[\p{L}\s]*){2,}$/u', $row) !== 1) {
            return null;
        }
        $parts = preg_split('/\s+(?='.$number.'\s*\p{L})/u', $row) ?: [];
        $foods = array_map(fn (string $part): ?Food => $this->foods->named($part), $parts);
        $names = array_unique(array_map(static fn (?Food $food): string => $food->names[0] ?? '', $foods));
        $isEach = count(array_filter($foods)) === count($parts) && count($names) === count($parts);

        return count($parts) > 1 && $isEach ? $parts : null;
    }

    /**
     * "cloves 6, cardamom 6, cinnamon 2 sticks": each with its amount behind it.
     *
     * @return non-empty-list<string>|null null where it is no such list
     */
    private static function listed(string $row): ?array
    {
        $parts = preg_split('/\s*[,;]\s*/u', rtrim($row, '. ')) ?: [];
        if (count($parts) < 2 || str_contains($row, '(')) {
            return null;
        }
        $isDone = '/\d\s*(?:cm|mm|minutes?|mins?|hours?)\b|^(?:cut|ground|\p{L}+ed)\b/iu';
        foreach ($parts as $part) {
            $tells = '/\d|^(?:an?|one|two|three|four|five|six|half)\b|\b(?:one|two|three|half)\b'
                .'|\s(?:pinch|handful|bunch)$/iu';
            if (preg_match($tells, $part) !== 1
                || preg_match($isDone, $part) === 1) {
                return null;
            }
        }

        return self::completed(array_map(self::inOrder(...), $parts));
    }

    /**
     * "3 T oil + 1 for the pot", "1 cup + 2 tbsp rice": what a part leaves out, the part beside it tells.
     *
     * @param  non-empty-list<string>  $parts
     * @return non-empty-list<string>
     */
    private static function completed(array $parts): array
    {
        $last = count($parts) - 1;
        $bare = '/^[\d\s.,\/½¼¾-]+(?:cups?|tbsps?|tsps?|tablespoons?|teaspoons?|T|t|g|kg|ml)?$/u';
        foreach ($parts as $index => $part) {
            if ($index < $last && preg_match($bare, $part) === 1) {
                $parts[$index] = $part.' '.preg_replace('/^[\d\s.,\/½¼¾-]+(?:\p{L}+)\s+/u', '', $parts[$index + 1]);
            } elseif ($index > 0 && preg_match('/^(\d+)\s+(for\s.+)$/iu', $part, $more) === 1) {
                $before = preg_replace('/^[\d\s.,\/½¼¾-]+/u', '', $parts[$index - 1]);
                $parts[$index] = "{$more[1]} {$before} {$more[2]}";
            }
        }

        return $parts;
    }

    /** "flour 250g for dough", "lemon x2", "Basmati - 2 cups", "oil, a good glug": the amount comes first. */
    private static function inOrder(string $row): string
    {
        $row = trim((string) preg_replace('/^[-*•·]\s*(?=\S)|^(?:about|some)\s+(?=\d)/iu', '', $row));
        $isFirst = '/^\W*(?:\d|[½¼¾⅓⅔]|(?:an?|one|two|three|four|five|six|half|some|pinch|handful|bunch|tin|can)\b)/iu';
        if (preg_match($isFirst, $row) === 1) {
            return $row;
        }
        // What is weighed in brackets counts, whatever stands before it.
        $weighed = '\((?:about |approx\.? |around )?(\d+(?:[.,]\d+)?\s*(?:kg|g|ml|l|cups?|mugs?|tbsps?|tsps?))\)';
        if (preg_match('/^([^(]+)'.$weighed.'\s*(.*)$/iu', $row, $found) === 1) {
            $packs = '/\s+[x×]?\d+\s*(?:packets?|packs?|tins?|cans?|bags?)?\s*$/iu';

            return trim("{$found[2]} ".trim((string) preg_replace($packs, '', $found[1]))." {$found[3]}");
        }
        $measure = '((?:small |big |good )?(?:handful|pinch|bunch))';
        if (preg_match('/^(\p{L}[\p{L}\s]*?),\s*(?:a\s+)?'.$measure.'$/iu', $row, $found) === 1) {
            return "{$found[2]} of {$found[1]}";
        }
        if (preg_match('/^(\p{L}[\p{L}\s\-]*?)\s*[x×]\s*(\d+)$/u', $row, $found) === 1) {
            return "{$found[2]} {$found[1]}";
        }
        $amount = '(?:(?:\d+(?:[.,\/]\d+)?(?:\s+\d\/\d)?|[½¼¾]|an?|one|two|three|half(?: an?)?)'
            .'(?:\s*(?:-|–|to)\s*\d+)?\s*(?:good |big |small |large |heaped |level )?'
            .'(?:kg|kilos?|g|gr|gm|gms|grams?|ml|l|litres?|cups?|c|mugs?|tumblers?|glass(?:es)?|tblsps?'
            .'|tbsps?|tbs|tsps?|tablespoons?|teaspoons?|(?:tea)?cups?'
            .'|katoris?|kalis?'
            .'|(?:big |small )?spoons?|pieces?|pcs|nos?|tins?|cans?'
            .'|cloves?|pinch(?:es)?|bunch(?:es)?|handfuls?|fistfuls?'
            .'|glugs?|inch(?:es)?|sticks?|pods?|packets?|T|t)?)';
        if (preg_match(
            '/^(\p{L}[\p{L}\s\-\/()]*?(?:,[\p{L}\s\-]+(?=\s[–-]\s))?)'
                .'\s*(?:[:=,–-]\s*|\s)('.$amount.')\.?(?:(?:,|\s)\s*(.+))?$/u',
            $row, $found,
        ) === 1 && preg_match('/\d|[½¼¾]|\b(?:an?|one|two|three|half)\b/iu', $found[2]) === 1) {
            return trim((string) preg_replace('/\b(?:pieces?|pcs|nos?)\b\.?/iu', '', $found[2])).' '.trim($found[1])
                .(isset($found[3]) ? ", {$found[3]}" : '');
        }

        return $row;
    }

    /** Whether a row is one of the list: it names a food, or gives an amount of something. */
    private function isLine(string $row): bool
    {
        $line = RecipeLine::read(self::inOrder($row), $this->cup, $this->foods);

        return $line->food !== null
            ? $line->grams !== null || mb_strlen($row) < 60
            : $line->grams !== null || ($line->amount !== null && preg_match('/^\W*\d/u', $row) === 1);
    }

    /** The school that its words speak of, by id. */
    private static function school(string $text): string
    {
        $says = static fn (string $words): bool => preg_match('/\b(?:'.$words.')/iu', $text) === 1;

        return match (true) {
            $says('rice cooker|electric cooker') => 'cooker',
            $says(
                'drain|strain|par-?boil|[5-9][05] ?%|half[- ]cooked|layer|boil(?:ed)? (?:the )?rice|rice boil',
            ) => match (true) {
                $says('marinat') && ! $says(
                    'brown the|simmer|(?:fry|cook) (?:the )?(?:meat|chicken|lamb|mutton)',
                ) => 'raw-filling',
                $says('bir[iy]+a?ni|masala|garam') => 'cooked-filling',
                default => 'drained-and-steamed',
            },
            $says('left ?overs?|day before|yesterday') => 'yesterday',
            default => 'one-pot',
        };
    }
}
