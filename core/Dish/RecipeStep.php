<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** One sentence of a recipe's method, read as far as it can be. */
final readonly class RecipeStep
{
    /** What is done in a kitchen; a sentence without any of it is no step. */
    private const DOES = 'soak|wash|rinse|boil|parboil|par-boil|drain|strain|fry|saut[eé]|brown|sear|marinat|mix|layer'
        .'|seal|cover|steam|cook|simmer|add|stir|heat|sprinkle|serve|rest|toast|chop|slice|cut|grind|bloom|put|pour'
        .'|spread|turn|remove|bake|roast|peel|dissolve|season|garnish|reduce|bring|keep|leave|let|melt|combine|whisk'
        .'|squeeze|top|warm|place|set|lower|knead|roll|wrap|poke|drizzle|dip|toss|prick|lift|flip|discard|return'
        .'|scatter|arrange|line|grease|crush|braise|soften|chuck|bubble|rub|transfer|oil|fluff|take'
        .'|pound|blend|grate|mash|throw|tip|open|switch|dum';

    /** Between two things that are done in one sentence. */
    public const BETWEEN = '/(,\s*(?:and\s+)?(?:then\s+)?|\s(?:and\s+)?then\s+|\sand\s+(?=\d+\s*(?:m|min|minutes)\b)'
        .'|\sand\s+(?=on (?:a )?(?:very )?(?:low|medium|high)))'
        .'(?=(?:'.self::DOES.'|(?:on |over )?(?:an? )?(?:very )?(?:low|med|medium|high|gentle)(?:est)?'
        .'|\d+(?:m|h)?)\b)/iu';

    private const NUMBER = '\d+(?:\s+\d\/\d|[.,]\d+)?(?:ish)?|\d\/\d|half an|three quarters of an|a quarter of an'
        .'|a couple of|a few|an|a|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty';

    private const WORDS = [
        'half an' => 0.5, 'three quarters of an' => 0.75, 'a quarter of an' => 0.25, 'a couple of' => 2.0,
        'a few' => 3.0, 'six' => 6.0, 'seven' => 7.0, 'eight' => 8.0, 'nine' => 9.0, 'twelve' => 12.0,
        'fifteen' => 15.0, 'thirty' => 30.0, 'forty' => 40.0, 'an' => 1.0, 'a' => 1.0, 'one' => 1.0, 'two' => 2.0,
        'three' => 3.0, 'four' => 4.0,
        'five' => 5.0, 'ten' => 10.0, 'twenty' => 20.0,
    ];

    /** An overnight soak or marinade, minutes. */
    private const OVERNIGHT = [480.0, 720.0];

    public function __construct(
        public string $text,
        /** @var array{float, float}|null least and most; null where none are told */
        public ?array $minutes,
        /** low, medium or high; null where no heat is told */
        public ?string $ring,
        /** What ends it, as it says; null where nothing does. */
        public ?string $look,
    ) {
    }

    /** What it says in the words that it is sorted by. */
    public function words(): string
    {
        return PersianRecipe::is($this->text) ? PersianRecipe::words($this->text) : $this->text;
    }

    /** @return self|null null where the sentence says nothing that is done */
    public static function read(string $sentence): ?self
    {
        if (PersianRecipe::is($sentence)) {
            $read = self::read(PersianRecipe::english($sentence));

            return $read === null
                ? null : new self(trim($sentence), $read->minutes, $read->ring, PersianRecipe::look($sentence));
        }
        $text = trim((string) preg_replace('/^\s*(?:(?:step\s*)?\d{1,2}[.):]|[-*•])\s*/iu', '', $sentence));
        $minutes = self::minutes($text);
        if ($text === '' || ($minutes === null && preg_match('/\b(?:'.self::DOES.')/iu', $text) !== 1)) {
            return null;
        }

        return new self(
            $text, $minutes,
            preg_match('/\b(?:(?:very |medium[- ])?(low|slow|medium|med|high|gentle|strong)(?:est)?)'
                .'[- ](?:heat|flame|fire|setting)\b|\bon (low|medium|high)\b'
                .'|\b(low|medium|high)\s+(?:for\s+)?\d'
                .'|\d\s*(?:m|mins?|minutes?)\s+(low|medium|high)\b'
                .'|\b(?:heat|flame|gas) (?:down )?to (?:very |the )?(low|medium|high)(?:est)?\b/iu', $text, $ring) === 1
                ? self::heat(mb_strtolower(implode('', array_slice($ring, 1)))) : null,
            preg_match('/\b(?:un)?till?\s+([^.,;]{3,80})/iu', $text, $look) === 1 ? self::seen($look[1]) : null,
        );
    }

    /** What is done, without its minutes and its look: they stand apart from it. */
    public function does(): string
    {
        $number = '(?<![\p{L}\d])(?:'.self::NUMBER.')';
        $time = '(?:\b(?:for|about|around|another)\s+)*'.$number.'(?:\s*(?:-|–|to|or)\s*(?:'.self::NUMBER.'))?'
            .'\s*-?\s*(?:minutes?|mins?|m|hours?|hrs?|h)\b';
        $does = (string) preg_replace([
            '/\b(?:un)?till?\s+[^.,;]{3,80}/iu', '/\(?\s*'.$time.'\s*\)?/iu', '/\s+([.,;])/u',
            '/[,;]+\s*(?=[,;.]|$)/u', '/\s{2,}/u',
        ], ['', ' ', '$1', '', ' '], $this->text);
        $does = trim($does, " \t,;.–-");

        return mb_strlen($does) < 3 ? $this->text : mb_strtoupper(mb_substr($does, 0, 1)).mb_substr($does, 1);
    }

    /** A look without the time that stands beside it. */
    private static function seen(string $look): ?string
    {
        $time = '\s+(?:about |for )?\d+(?:\s*(?:-|to)\s*\d+)?\s*(?:m|mins?|minutes?)$';
        $look = trim((string) preg_replace('/\s*\(.*$|'.$time.'/iu', '', $look));

        return $look === '' ? null : $look;
    }

    private static function heat(string $word): string
    {
        return ['gentle' => 'low', 'slow' => 'low', 'strong' => 'high', 'med' => 'medium'][$word] ?? $word;
    }

    /** @return array{float, float}|null */
    private static function minutes(string $text): ?array
    {
        if (preg_match('/\bover ?night\b/iu', $text) === 1) {
            $hours = '/(\d+)\s*(?:hours?|hrs?|h)\b[^.]*\bor\s+over ?night/iu';

            return preg_match($hours, $text, $found) === 1
                ? [60.0 * (float) $found[1], self::OVERNIGHT[1]] : self::OVERNIGHT;
        }
        $text = strtr($text, ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '–' => '-', '—' => '-']);
        // "1 h 30", "1 hr 15 mins".
        $both = '/\b(\d+)\s*(?:h|hrs?|hours?)\s*(?:and\s+)?(\d{1,2})(?:\s*(?:m|mins?|minutes?))?\b/iu';
        if (preg_match($both, $text, $long) === 1) {
            $minutes = 60.0 * (float) $long[1] + (float) $long[2];

            return [$minutes, $minutes];
        }
        $unit = '(minutes?|mins?|m(?![a-z])|hours?|hrs?|h(?![a-z])|seconds?|secs?)';
        if (preg_match(
            '/\b('.self::NUMBER.')(?:\s*(?:-|to|or)\s*('.self::NUMBER.'))?\s*-?\s*(?:more\s+)?'.$unit.'\b/iu',
            $text, $found,
        ) !== 1) {
            return null;
        }
        $each = ['h' => 60.0, 's' => 1 / 60][mb_strtolower($found[3][0])] ?? 1.0;
        $low = $each * self::number($found[1]);
        $high = $found[2] === '' ? $low : $each * self::number($found[2]);

        return [min($low, $high), max($low, $high)];
    }

    private static function number(string $text): float
    {
        $text = mb_strtolower(trim($text));
        if (isset(self::WORDS[$text])) {
            return self::WORDS[$text];
        }
        if (preg_match('~^(?:(\d+)\s+)?(\d)/(\d)$~', $text, $found) === 1) {
            return (float) $found[1] + (float) $found[2] / max(1.0, (float) $found[3]);
        }

        return (float) str_replace([',', 'ish'], ['.', ''], $text);
    }
}
