<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Digits;

/**
 * What a recipe in Persian says, in the words that recipes are read by here: amounts with their units, and of a
 * sentence
 * its verbs, its things, its times and its heat, in their order. Foods keep their names (lang/fa/foods.php).
 */
final class PersianRecipe
{
    /** One sign for what is typed in two ways; a half-space is a space. */
    private const SIGNS = [
        'ي' => 'ی', 'ى' => 'ی', 'ك' => 'ک', 'ة' => 'ه', 'ۀ' => 'ه', 'أ' => 'ا', 'إ' => 'ا', 'ؤ' => 'و', 'ئ' => 'ی',
        "\u{200C}" => ' ', "\u{200F}" => '', "\u{200E}" => '', "\u{0654}" => '', "\u{064B}" => '', "\u{064E}" => '',
        "\u{064F}" => '', "\u{0650}" => '', "\u{0651}" => '', 'ـ' => '', '،' => ', ', '؛' => '; ', '٪' => ' %',
    ];

    /** Number words, the longer before what they begin with. */
    private const NUMBERS = [
        'سه چهارم' => '3/4', 'دو سوم' => '2/3', 'یک سوم' => '1/3', 'یک چهارم' => '1/4', 'یک دوم' => '1/2',
        'نصف' => '1/2',
        'نیم' => '1/2', 'ربع' => '1/4', 'سی و پنج' => '35', 'چهل و پنج' => '45', 'بیست و پنج' => '25', 'پانزده' => '15',
        'بیست' => '20', 'سی' => '30', 'چهل' => '40', 'پنجاه' => '50', 'شصت' => '60', 'دوازده' => '12', 'یک' => '1',
        'دو' => '2', 'سه' => '3', 'چهار' => '4', 'پنج' => '5', 'شش' => '6', 'هفت' => '7', 'هشت' => '8', 'نه' => '9',
        'ده' => '10',
    ];

    /** Measures, the longer before what they begin with. */
    private const UNITS = [
        'قاشق (?:غذا ?خوری|سوپ ?خوری)' => 'tbsp', 'ق ?\.? ?غ' => 'tbsp', 'قاشق (?:چای ?خوری|مربا ?خوری)' => 'tsp',
        'ق ?\.? ?چ' => 'tsp', 'قاشق' => 'tbsp', 'نوک انگشت|سر سوزن|نوک قاشق' => 'pinch', 'پیمانه' => 'cup',
        'استکان' => 'estekan', 'فنجان' => 'tea cup', 'لیوان' => 'glass', 'کیلو ?گرم|کیلو' => 'kg', 'گرم' => 'g',
        'مثقال' => 'mesqal', 'میلی ?لیتر|سی ?سی' => 'ml', 'لیتر' => 'litre', 'دسته' => 'bunch', 'مشت' => 'handful',
        'حبه' => 'clove', 'بوته' => 'head', 'قوطی' => 'tin', 'بسته' => 'packet', 'شاخه|چوب(?= دارچین)' => 'stick',
        'سانتی ?متر|بند انگشت' => 'inch', 'عدد|تا(?= \p{L})|دانه(?! هل)' => '',
    ];

    private const METHOD = '/^(?:طرز تهیه|روش تهیه|دستور پخت|دستور تهیه|روش پخت|طرز پخت|مراحل پخت|مراحل تهیه)\b/u';

    private const LIST = '/^(?:مواد لازم|مواد اولیه|مواد مورد نیاز|مواد)(?=$|\s*:|\s+برای)/u';

    /** "For the rice:" and where its things go. */
    private const PARTS = [
        '/^(?:برای |مواد )?(?:پلو|برنج|چلو)\s*:?$/u' => 'rice', '/^(?:برای |مواد )?ته ?دیگ\s*:?$/u' => 'base',
        '/^(?:برای |مواد )?(?:تزیین|تزئین|روی برنج|رویه)\s*:?$/u' => 'top',
        '/^(?:برای |مواد )\p{L}+(?: \p{L}+)?\s*:?$/u' => 'filling',
    ];

    private const EATERS = '/(?:برای\s*)?(\d{1,2})\s*نفر(?:ه)?/u';

    /** What is done, seen and used, by the English that RecipeMethod and RecipeWork know. */
    private const SAYS = [
        'پلو ?پز' => 'rice cooker', 'خیس (?:کنید|بخورد)|بخیسانید|خیسانده|خیساندن|بخیسد' => 'soak',
        'بشویید|شسته|بشورید|آب ?کشی کنید' => 'wash', 'آبکش' => 'drain',
        'جوش (?:بیاورید|بیاید|آمد)|بجوشانید|بجوشد|می ?جوشد|جوشاندن' => 'boil',
        'سرخ|تفت' => 'fry', 'آرام بپزد|آرام بپزید|ریز بجوشد' => 'simmer',
        'بپزید|بپزد|بپزند|پخته شود|بگذارید تا بپزد' => 'cook',
        'دم ?کنی' => 'cloth', 'دم (?:بکشد|کنید|بگذارید|کشید)|دم کشیدن' => 'steam', 'لایه|بچینید' => 'layer',
        'در قابلمه را|درش را|در را|سرپوش' => 'lid on', 'بخوابانید|مزه ?دار|مرینیت' => 'marinate', 'مخلوط' => 'mix',
        'اضافه کنید|بیفزایید|بریزید' => 'add', 'هم بزنید' => 'stir', 'خرد کنید|خلال کنید|نگینی' => 'chop',
        'رنده' => 'grate',
        'پوست بگیرید' => 'peel', 'ساییده|بسابید|آسیاب' => 'grind', 'آب کنید' => 'melt', 'گرم کنید|داغ کنید' => 'heat',
        'استراحت|بماند|کنار بگذارید' => 'rest', 'سرو کنید|میل کنید|بکشید|نوش جان' => 'serve',
        'تزیین|تزئین' => 'garnish',
        'برنج|پلو(?! ?پز)' => 'rice', 'مرغ' => 'chicken', 'گوشت' => 'meat', 'پیاز ?داغ' => 'fried onion',
        'پیاز' => 'onion',
        'زعفران' => 'saffron', 'آب ?نمک|آب و نمک' => 'salted water', 'ته ?دیگ' => 'tahdig', 'روغن|کره' => 'fat',
        'نمک' => 'salt',
        '(?:حرارت|شعله)(?: \p{L}+)? (?:کم|ملایم)|کم کنید' => 'on low heat', '(?:حرارت|شعله) متوسط' => 'on medium heat',
        '(?:حرارت|شعله) (?:زیاد|تند|بالا)' => 'on high heat', 'شب تا صبح|یک شب|از شب قبل' => 'overnight',
    ];

    private const SENTENCE = '/(?:ید|یم|ند|شود|شد|بماند|بپزد|بجوشد|بکشد|بخورد|بیاید|است)\s*[.!:]*$/u';

    /** Whether a text is written in it. */
    public static function is(string $text): bool
    {
        return preg_match('/\p{Arabic}/u', $text) === 1;
    }

    /** With one sign for each letter, Latin digits and plain spaces. */
    public static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', Digits::latin(strtr($text, self::SIGNS))));
    }

    public static function isMethod(string $row): bool
    {
        return preg_match(self::METHOD, self::plain($row)) === 1;
    }

    public static function isList(string $row): bool
    {
        return preg_match(self::LIST, self::plain($row)) === 1;
    }

    /** What a heading's things are for: rice, base, top, filling; null where a row is no heading. */
    public static function part(string $row): ?string
    {
        foreach (self::PARTS as $is => $for) {
            if (preg_match($is, self::plain($row)) === 1) {
                return $for;
            }
        }

        return null;
    }

    /** For how many a row says that it is; null where it says nothing of it. */
    public static function eaters(string $row): ?int
    {
        $plain = self::numbered(self::plain($row));

        return preg_match(self::EATERS, $plain, $found) === 1 ? (int) $found[1] : null;
    }

    /** Whether a row tells what is done, not what is taken. */
    public static function isSentence(string $row): bool
    {
        return preg_match(self::SENTENCE, self::plain($row)) === 1;
    }

    /** "۲ قاشق غذاخوری روغن" as "2 tbsp روغن": its amount and unit as they are read here, its food as it is called. */
    public static function line(string $row): string
    {
        $line = self::numbered((string) preg_replace('/^[-*•·]\s*/u', '', self::plain($row)));
        $line = (string) preg_replace('/(\d)\s*(?:تا|الی|-)\s*(\d)/u', '$1 to $2', $line);
        $line = (string) preg_replace('/(\d+) و (\d\/\d)/u', '$1 $2', $line);
        if (preg_match('/^(\D+?)\s*[:\-–]?\s+(\d.*)$/u', $line, $found) === 1) {
            // "برنج ۴ پیمانه", "زعفران: نصف قاشق": the amount comes first here.
            $line = self::measured($found[2]);
            $isLeft = preg_match('/^((?:\d[\d\s\/.]*(?:to [\d\s\/.]+)?)(?:[a-z ]+)?)\s*(.*)$/u', $line, $told) === 1;

            return $isLeft ? trim("{$told[1]} {$found[1]} {$told[2]}") : $line;
        }
        $line = self::measured($line);

        return (string) preg_replace('/(?:به مقدار|به اندازه|به میزان) (?:لازم|کافی|دلخواه)/u', 'to taste', $line);
    }

    /** A sentence's verbs, things, times and heat in English, then the sentence itself with its foods. */
    public static function words(string $sentence): string
    {
        return trim(self::english($sentence).' — '.self::plain($sentence), ' —');
    }

    /** A sentence's verbs, things, times and heat in English; empty where it tells none. */
    public static function english(string $sentence): string
    {
        $plain = self::numbered(self::plain($sentence));
        $timed = (string) preg_replace(
            [
                '/(\d)\s*(?:تا|الی|-)\s*(\d)/u', '/(\d+) ساعت و 1\/2/u', '/1\/2 ساعت/u', '/(\d+) و 1\/2 ساعت/u',
                '/3\/4 ساعت|(?:سه|3) 1\/4/u',
                '/(?:یک|1) 1\/4(?! پ)/u', '/(?<=\d)\s*دقیقه/u', '/(?<=\d)\s*ساعت/u',
            ],
            ['$1-$2', '$1 h 30', '30 minutes', '$1 h 30', '45 minutes', '15 minutes', ' minutes', ' hours'], $plain,
        );
        $said = [];
        $rest = $timed;
        $any = '/(?<time>\d+ h 30|\d+(?:-\d+)? (?:minutes|hours))|'.implode('|', array_map(
            static fn (int $at, string $words): string => "(?<w{$at}>{$words})", array_keys(array_keys(self::SAYS)),
            array_keys(self::SAYS),
        )).'/u';
        preg_match_all($any, $rest, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        $english = array_values(self::SAYS);
        foreach ($found as $one) {
            if ($one['time'] !== null) {
                $said[] = "for {$one['time']}";
            }
            foreach ($english as $at => $word) {
                if (($one["w{$at}"] ?? null) !== null) {
                    $said[] = $word;
                }
            }
        }

        return implode(' ', self::verbFirst($said));
    }

    /** What a sentence goes on till, in its own words: "تا طلایی شود"; null where it says nothing of it. */
    public static function look(string $sentence): ?string
    {
        $plain = self::plain($sentence);
        if (preg_match('/(?<=\s)تا\s+(?!\d|صبح)([^.,;]{4,60}?(?:شود|شوند|بیفتد|بگیرد|بیاید|بکشد|برود|شد))/u', $plain,
            $found) !== 1) {
            return null;
        }

        return $found[1];
    }

    /**
     * Persian tells its verb last, English first: saffron that steams is bloomed.
     *
     * @param  list<string>  $said
     * @return list<string>
     */
    private static function verbFirst(array $said): array
    {
        $things = ['rice', 'chicken', 'meat', 'onion', 'fried onion', 'saffron', 'salted water', 'tahdig', 'fat',
            'salt', 'cloth'];
        if (in_array('saffron', $said, true) && ! in_array('rice', $said, true)
            && array_intersect(['steam', 'grind'], $said) !== []) {
            return ['bloom', 'saffron', ...array_diff($said, ['steam', 'saffron'])];
        }
        $verbs = array_values(array_filter($said, static fn (string $word): bool => ! in_array($word, $things, true)));
        $named = array_values(array_filter($said, static fn (string $word): bool => in_array($word, $things, true)));
        $isDoing = $verbs !== [] && ! str_starts_with($verbs[0], 'for ') && ! str_starts_with($verbs[0], 'on ');

        return $isDoing ? [$verbs[0], ...$named, ...array_slice($verbs, 1)] : [...$named, ...$verbs];
    }

    /** Number words where they count something, as figures. */
    private static function numbered(string $plain): string
    {
        foreach (self::NUMBERS as $word => $number) {
            $plain = (string) preg_replace("/(?<!\\p{L}){$word}(?= (?!\\d)|\$)(?!\\p{L})/u", $number, $plain);
        }

        return $plain;
    }

    private static function measured(string $line): string
    {
        foreach (self::UNITS as $words => $unit) {
            $line = (string) preg_replace("/(?<=\\d)\\s*(?:{$words})(?!\\p{L})/u", " {$unit}", $line, 1, $count);
            if ($count > 0) {
                break;
            }
        }

        return trim((string) preg_replace('/\s+/u', ' ', $line));
    }
}
