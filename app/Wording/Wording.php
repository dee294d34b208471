<?php

declare(strict_types=1);

namespace App\Wording;

use BackedEnum;
use Closure;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Support\Htmlable;
use Illuminate\Support\Facades\View;
use Illuminate\Support\HtmlString;
use IntlDateFormatter;
use LogicException;
use MessageFormatter;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Measure\Degrees;
use Orbek\Core\Measure\Digits;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Refused;
use Stringable;
use Symfony\Component\String\UnicodeString;

/**
 * Puts the core's notes into words: ICU messages of lang/, amounts in the units that the household
 * has chosen. A message that begins with ^ is a sentence: its first letter is made large.
 */
final class Wording
{
    /** What every word is written in first. */
    public const FIRST = 'en';

    /** English that writes numbers without grouping: what a kitchen reads has no thousands. */
    private const NUMBERS = ['en' => 'en_US_POSIX'];

    /** Languages with digits of their own. */
    private const OWN_DIGITS = ['fa'];

    private const RIGHT_TO_LEFT = ['ar', 'fa', 'he', 'ur'];

    /** Languages whose days are told by another calendar, as ICU knows it. */
    private const CALENDARS = ['fa' => 'fa_IR@calendar=persian'];

    /** How a sentence of lang/ tells °C where not by that sign, and what stands between two of them. */
    private const DEGREES = ['fa' => 'درجه'];

    private const BETWEEN = ['fa' => [' تا ', ' یا ']];

    /** A letter of no width that runs from right to left. */
    private const MARK = "\u{200F}";

    /** So many letters of Vazirmatn stand where one of Anek Latin, set narrow, does. */
    private const WIDER = 0.8;

    /** A space at which no line ends. */
    private const UNBROKEN = "\u{A0}";

    /** What sets a name apart from the order of its line (first strong isolate), and ends that. */
    private const APART = "\u{2068}";

    private const APART_ENDS = "\u{2069}";

    /** What is later than this is no longer the same supper. */
    private const OF_TODAY_MIN = 12 * 60;

    private ?Reading $chosen = null;

    private readonly string $direction;

    /** @var array<string, MessageFormatter|null> by pattern */
    private array $formatters = [];

    /** @var array<string, IntlDateFormatter> by form and time zone */
    private array $dates = [];

    /**
     * @var array<
     *     string, array<string, string|array<string, string|array<string, string>>>
     * > messages by place, as read so far
     */
    private array $read = [];

    /**
     * @param  string  $folder that holds the languages
     * @param  Closure(): Reading|null  $reading of whoever reads; grams and °C where nobody has chosen
     * @param  string  $locale a language that has a folder, or the made-up one
     */
    public function __construct(
        private readonly string $folder, private readonly ?Closure $reading = null,
        public readonly string $locale = self::FIRST,
    ) {
        $this->direction = in_array($this->language(), self::RIGHT_TO_LEFT, true) ? 'rtl' : 'ltr';
    }

    /** The language in which a page is written, as HTML names it. */
    public function language(): string
    {
        return $this->isMadeUp() ? self::FIRST : $this->locale;
    }

    /** Which way its lines run, as HTML has it. */
    public function direction(): string
    {
        return $this->direction;
    }

    private function isMadeUp(): bool
    {
        return $this->locale === MadeUp::LOCALE;
    }

    public function __invoke(Note|string $note): string
    {
        return $this->text($note);
    }

    public function text(Note|string $note): string
    {
        if (is_string($note)) {
            return $note;
        }
        if ($note->key === 'as-is') {
            return is_string($note->args['name'] ?? null) ? $this->inDegrees($note->args['name']) : '';
        }
        $case = $note->args['case'] ?? null;

        return $case instanceof BackedEnum && ! str_contains($note->key, '.')
            ? $this->label($case, $note->key)
            : $this->message($this->pattern($note->key), $note->args);
    }

    /** As it is stored, searched or measured: without the signs, never seen, that order a line. */
    public function name(Note|string $note): string
    {
        return str_replace([self::APART, self::APART_ENDS, self::MARK], '', $this->text($note));
    }

    /** Gives views their words: $say puts notes into words, $t a sentence by its key, $th one with HTML in it. */
    public function share(): void
    {
        View::share([
            'say' => $this, 't' => $this->say(...), 'th' => $this->html(...), 'comma' => $this->say('units.between'),
            'semicolon' => $this->say('units.apart'),
        ]);
    }

    /** What scripts say, as JSON that may stand in a page. */
    public function scripts(): string
    {
        $words = array_map(
            fn (mixed $said): string => is_string($said) ? $this->written($said) : '',
            $this->place('scripts'),
        );

        return (string) json_encode($words, JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE);
    }

    /**
     * What the craft calls its own, by file of schema/craft and id.
     *
     * @return array<string, array<string, array<array-key, mixed>>>
     */
    public function craft(): array
    {
        $words = $this->place('craft');
        array_walk_recursive($words, function (mixed &$said): void {
            $said = is_string($said) ? $this->written($said) : $said;
        });

        /** @phpstan-ignore return.type (lang/, held to its form by LanguageTest) */
        return $words;
    }

    /**
     * The names of foods by id, what this language calls them first, then what recipes of any language write.
     *
     * @return array<string, list<string>>
     */
    public function foods(): array
    {
        $names = [];
        foreach ($this->place('foods') as $id => $said) {
            $own = explode('|', is_string($said) ? $said : '');
            $names[$id] = $this->isMadeUp() ? [$this->written($own[0]), ...$own] : $own;
        }
        foreach (array_diff(Language::all($this->folder), [$this->language()]) as $other) {
            foreach (Language::of($this->folder, $other)->place('foods') as $id => $said) {
                $names[$id] = [...$names[$id] ?? [], ...explode('|', $said)];
            }
        }

        return array_map(static fn (array $all): array => array_values(array_unique($all)), $names);
    }

    /**
     * Files of these places in every language, whose change is a change of what is read of them.
     *
     * @return list<string>
     */
    public function files(string ...$places): array
    {
        return glob("{$this->folder}/*/{".implode(',', $places).'}.php', GLOB_BRACE) ?: [];
    }

    /** A sentence of a page, by its key of lang/, its arguments named. */
    public function say(string $key, mixed ...$args): string
    {
        /** @var array<string, mixed> $args */
        return $this->message($this->pattern($key), $args);
    }

    /**
     * The same with what is strong or stressed in it as HTML; what it is given is escaped.
     */
    public function html(string $key, mixed ...$args): HtmlString
    {
        /** @var array<string, mixed> $args */
        $given = [];
        foreach ($args as $name => $arg) {
            $told = $arg instanceof Htmlable ? $arg->toHtml() : $this->argument($arg, $name);
            $given[$name] = is_string($told) && ! $arg instanceof Htmlable ? e($told) : $told;
        }

        return new HtmlString($this->message(str_replace('&', '&amp;', $this->pattern($key)), $given, true));
    }

    /**
     * Sentences one after another.
     *
     * @param  iterable<Note|string>  $notes
     */
    public function sentences(iterable $notes): string
    {
        $said = [];
        foreach ($notes as $note) {
            $said[] = $this->text($note);
        }

        return implode(' ', $said);
    }

    /** What begins a line. */
    public function first(Note|string $note): string
    {
        $said = $this->text($note);

        return mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
    }

    /**
     * Things one after another: "milk, nuts".
     *
     * @param  iterable<Note|string>  $notes
     */
    public function list(iterable $notes): string
    {
        return $this->joined(array_map($this->text(...), array_values([...$notes])));
    }

    /** @param  list<string>  $said */
    private function joined(array $said): string
    {
        return implode($this->say('units.between'), $said);
    }

    /** What is wrong with a value from outside: its field, and what would do. */
    public function refusal(Refused $wrong): string
    {
        // One line, whatever was typed: what is not seen stands as a blank.
        return trim((string) preg_replace(
            '/[\p{Cc}\x{2028}\x{2029}]+/u', ' ', mb_scrub("{$wrong->field}: {$this->text($wrong->why)}"),
        ));
    }

    /**
     * A field that changed: "people: 9, was 5".
     *
     * @param  array<string, string>  $names of things, by the ids that a document has
     */
    public function difference(Difference $one, array $names = []): string
    {
        $named = static fn (mixed $value): mixed => is_string($value) ? $names[$value] ?? $value : $value;
        $name = $this->place('paths')[$one->path] ?? null;
        $name = is_string($name) ? $this->written($name) : str_replace(['/', '_'], ' ', $one->path);

        return $this->text(
            Note::of(
                'difference.changed', field: $name, is: $this->value($named($one->is)),
                was: $this->value($named($one->was)),
            ),
        );
    }

    private function value(mixed $value): Note|string
    {
        return match (true) {
            $value === null => Note::of('difference.not-told'),
            is_bool($value) => Note::of('difference.flag', value: $value),
            is_float($value) => (string) round($value, 3),
            is_scalar($value) => mb_strimwidth(str_replace('T', ' ', (string) $value), 0, 40, '…'),
            default => '…',
        };
    }

    /** What an enum's case is called, or another form of it. */
    public function label(BackedEnum $case, string $form = 'label'): string
    {
        $class = substr($case::class, (int) strrpos($case::class, '\\') + 1);
        $forms = $this->place('labels')[$class] ?? null;
        $named = is_array($forms) ? $forms[$form] ?? null : null;
        $label = is_array($named) ? $named[$case->value] ?? null : null;

        return is_string($label)
            ? $this->inDigits($this->inDegrees($this->written($label)))
            : throw new LogicException("labels: {$class}.{$form}.{$case->value} has no words.");
    }

    /**
     * Cases with their labels, as a choice takes them.
     *
     * @param  list<BackedEnum>  $cases
     * @return array<array-key, string> by value
     */
    public function options(array $cases, string $form = 'label'): array
    {
        return array_combine(
            array_map(static fn (BackedEnum $case): int|string => $case->value, $cases),
            array_map(fn (BackedEnum $case): string => $this->label($case, $form), $cases),
        );
    }

    /** Seconds as a cook says them, unlike a time of day: "43 s", "6 min", "5 min 43 s". */
    public function clock(float $seconds): string
    {
        $whole = (int) round(abs($seconds));
        $isBefore = $seconds < 0 && $whole > 0;

        return match (true) {
            $whole < 60 => $this->say('units.seconds', isBefore: $isBefore, seconds: $whole),
            $whole % 60 === 0 => $this->say('units.whole-minutes', isBefore: $isBefore, minutes: intdiv($whole, 60)),
            default => $this->say(
                'units.minutes-and-seconds', isBefore: $isBefore, minutes: intdiv($whole, 60), seconds: $whole % 60,
            ),
        };
    }

    /** An amount as this household reads it. */
    public function amount(Figure|Quantity $amount): string
    {
        return match ($amount->unit) {
            'h:min' => $this->duration($amount->amount),
            's' => $this->clock($amount->amount),
            'clock' => $this->time((new DateTimeImmutable('2000-01-01'))->setTime(0, (int) round($amount->amount))),
            default => $this->inUnits($amount instanceof Figure ? $amount->quantity() : $amount),
        };
    }

    private function inUnits(Quantity $amount): string
    {
        return $this->text($this->reading()->units->told($amount, $this->reading()->cup));
    }

    public function reading(): Reading
    {
        return $this->chosen ??= $this->reading === null ? new Reading : ($this->reading)();
    }

    /** A temperature: "98 °C", or as this household reads it. */
    public function degrees(float $celsius, int $decimals = 0): string
    {
        $n = number_format($this->reading()->degrees($celsius), $decimals, '.', '');

        return $this->reading()->degrees === Degrees::Celsius
            ? $this->say('units.celsius', n: $n) : $this->say('units.fahrenheit', n: $n);
    }

    /** A stretch of minutes, short, and unlike a time of day: "45 min", "2 h", "1 h 46". */
    public function hours(int $minutes): string
    {
        return $minutes < 60 || $minutes % 60 === 0 ? $this->duration($minutes) : $this->say(
            'units.hours-short', hours: intdiv($minutes, 60), minutes: sprintf('%02d', $minutes % 60),
        );
    }

    /**
     * What stands as HTML in a sentence, set apart where lines run from right to left: a field, a figure with its
     * reasons.
     */
    public function inLine(Htmlable $html): HtmlString
    {
        $inner = trim($html->toHtml());

        return new HtmlString($this->direction() === 'rtl' && $inner !== '' ? self::APART.$inner.self::APART_ENDS
            : $inner);
    }

    /**
     * The same in lines of so many letters, each of which keeps its order.
     *
     * @return list<string>
     */
    public function lines(Note|string $note, int $letters): array
    {
        // "Ring 1" is one name: its figure stands on no line of its own.
        $plain = (string) preg_replace('/(?<=[A-Za-z]) (?=\d+\b)/u', self::UNBROKEN, $this->name($note));
        $letters = preg_match('/\p{Arabic}/u', $plain) === 1 ? (int) round(self::WIDER * $letters) : $letters;

        return array_map(
            $this->inOrder(...), explode("\n", (new UnicodeString($plain))->wordwrap($letters, "\n", true)->toString()),
        );
    }

    /** A bare figure: of an axis, in a list. */
    public function digits(int|float|string $number): string
    {
        return $this->inDigits((string) $number);
    }

    public function time(DateTimeInterface $time): string
    {
        $at = DateTimeImmutable::createFromInterface($time);
        $said = ! $this->reading()->isTwelveHours ? $this->inDigits($at->format('H:i')) : $this->say(
            'units.twelve-hours', time: $at->format('g:i'), isMorning: $at->format('a') === 'am',
        );
        $which = Instant::comesTwice($at);

        return $which === null ? $said : $this->say('units.comes-twice', time: $said, isFirst: $which === 1);
    }

    /**
     * A day, or a day and an hour, as this language writes it.
     *
     * @param  string  $form one of lang/en/dates.php
     */
    public function dated(DateTimeInterface $at, string $form): string
    {
        $pattern = $this->place('dates')[$form] ?? null;
        $zone = $at->getTimezone();
        $this->dates["{$form} {$zone->getName()}"] ??= new IntlDateFormatter(
            self::CALENDARS[$this->language()] ?? $this->language(), IntlDateFormatter::NONE, IntlDateFormatter::NONE,
            $zone,
            isset(self::CALENDARS[$this->language()]) ? IntlDateFormatter::TRADITIONAL : null,
            is_string($pattern) ? $pattern : throw new LogicException("dates: {$form} has no pattern."),
        );
        $said = (string) $this->dates["{$form} {$zone->getName()}"]->format($at);

        return $this->written($said);
    }

    /** As it stands in lang/, or made up. */
    private function written(string $said): string
    {
        return $this->isMadeUp() ? MadeUp::of($said) : $said;
    }

    /** How a table came against its plan: "on time", "12 min late", "on another day than planned". */
    public function lateness(int $minutes): string
    {
        return $minutes === 0 ? $this->text(Note::of('late.not')) : $this->text(Note::of(
            'late.than-was-planned', minutes: abs($minutes), isLate: $minutes > 0,
            isOfToday: abs($minutes) < self::OF_TODAY_MIN,
        ));
    }

    /** Every "74 °C" of a sentence in the degrees that are read. */
    private function inDegrees(string $said): string
    {
        $mark = self::DEGREES[$this->language()] ?? '°C';
        if ($this->reading()->degrees === Degrees::Celsius || ! str_contains($said, $mark)) {
            return $said;
        }
        $fahrenheit = trim((string) preg_replace('/^\[|·*\]$|\{n\}/u', '', $this->pattern('units.fahrenheit')));
        $read = fn (array $found): string => implode($found['to'] ?? '', array_map(
            fn (string $celsius): string => number_format(
                $this->reading()->degrees((float) $celsius), strlen((string) strrchr($celsius, '.')) > 1 ? 1 : 0, '.',
                '',
            ),
            array_filter([$found['from'] ?? '', $found['at'] ?? ''], static fn (string $one): bool => $one !== ''),
        ))." {$fahrenheit}";
        $number = '-?\d+(?:\.\d+)?';
        $between = implode('|', self::BETWEEN[$this->language()] ?? [' to ', ' or ']);

        return (string) preg_replace_callback(
            "/(?:(?<from>{$number})(?<to>{$between}))?(?<at>{$number}) {$mark}(?!\\p{L})/u", $read,
            in_array($this->language(), self::OWN_DIGITS, true) ? Digits::latin($said) : $said,
        );
    }

    /** 45 → "45 min", 120 → "2 h", 135 → "2 h 15 min". */
    public function duration(float $minutes): string
    {
        $whole = (int) round($minutes);

        return match (true) {
            $whole < 60 => $this->say('units.min', n: $whole),
            $whole % 60 === 0 => $this->say('units.hours', hours: intdiv($whole, 60)),
            default => $this->say(
                'units.hours-and-minutes', hours: intdiv($whole, 60), minutes: $whole % 60,
            ),
        };
    }

    public function has(string $key): bool
    {
        [$place, $name] = [...explode('.', $key, 2), ''];

        return is_string($this->place($place)[$name] ?? null);
    }

    /** @param  array<string, mixed>  $args */
    private function message(string $pattern, array $args, bool $isHtml = false): string
    {
        if (! str_contains($pattern, '{') && ! str_starts_with($pattern, '^')) {
            return $this->inDigits($this->inDegrees($pattern), $isHtml);
        }
        $isSentence = str_starts_with($pattern, '^');
        $given = [];
        foreach ($args as $name => $arg) {
            $told = $this->argument($arg, $name);
            $isChosenBy = str_contains($pattern, "{{$name}, ");
            $given[$name] = is_string($told) && ! $isChosenBy && ! $arg instanceof BackedEnum ? $this->apart($told)
                : $told;
        }
        // Read once: a page says "{n} g" a hundred times.
        $formatter = $this->formatters[$pattern] ??= MessageFormatter::create(
            self::NUMBERS[$this->language()] ?? $this->language(), $isSentence ? substr($pattern, 1) : $pattern,
        );
        $said = $formatter?->format($given);
        if (! is_string($said)) {
            throw new LogicException("\"{$pattern}\" cannot be said: ".intl_get_error_message());
        }

        $said = $this->inOrder($this->inDigits($this->inDegrees($said), $isHtml));

        return $isSentence ? mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1) : $said;
    }

    /** What begins or ends with a number or a sign keeps its order in a drawing, whose lines run from left to right. */
    private function inOrder(string $said): string
    {
        $isOfLetters = $this->direction() === 'ltr' || preg_match('/^\p{L}(?:.*\p{L})?$/su', $said) === 1;
        if ($isOfLetters || preg_match('/\p{Arabic}/u', $said) !== 1) {
            return $said;
        }

        return (string) preg_replace(['/^(?=[^\p{L}<\x{200F}])/u', '/(?<=[^\p{L}>\x{200F}])$/u'], self::MARK, $said);
    }

    /** A name of another script keeps its own order and digits inside a line from right to left: "24 cm steel". */
    private function apart(string $name): string
    {
        $isOfOtherScript = preg_match('/[A-Za-z]/', $name) === 1 && preg_match('/[\x{0600}-\x{06FF}<]/u', $name) !== 1;

        return $this->direction() === 'rtl' && $isOfOtherScript
            ? self::APART.$name.self::APART_ENDS : $name;
    }

    /** In the digits of the language, but for what stands apart; of HTML what stands in tags and entities stays. */
    private function inDigits(string $said, bool $isHtml = false): string
    {
        if (! in_array($this->language(), self::OWN_DIGITS, true) || strpbrk($said, '0123456789') === false) {
            return $said;
        }
        if (! $isHtml && ! str_contains($said, self::APART)) {
            return Digits::persian($said);
        }
        $apart = 0;
        $told = '';
        $signs = self::APART.'|'.self::APART_ENDS.($isHtml ? '|<[^>]*>|&#?\w+;' : '');
        foreach (preg_split("/({$signs})/u", $said, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $part) {
            $apart += match ($part) {
                self::APART => 1,
                self::APART_ENDS => -1,
                default => 0,
            };
            $told .= $at % 2 === 1 || $apart > 0 ? $part : Digits::persian($part);
        }

        return $told;
    }

    /** What a message is given for an argument: numbers stay numbers, so that it may choose by them. */
    private function argument(mixed $arg, string $name): int|float|string
    {
        return match (true) {
            is_int($arg), is_float($arg), is_string($arg) => $arg,
            is_bool($arg) => $arg ? 'yes' : 'no',
            $arg instanceof Htmlable => $arg->toHtml(),
            $arg instanceof Note => $this->text($arg),
            $arg instanceof Figure, $arg instanceof Quantity => $this->amount($arg),
            $arg instanceof BackedEnum => $this->label($arg),
            $arg instanceof DateTimeImmutable => str_ends_with($name, 'day')
                ? $this->dated($arg, 'day')
                : $this->time($arg),
            is_array($arg) => $this->joined(
                array_map(fn (mixed $one): string => (string) $this->argument($one, $name), array_values($arg)),
            ),
            $arg instanceof Stringable => (string) $arg,
            default => '',
        };
    }

    private function pattern(string $key): string
    {
        [$place, $name] = [...explode('.', $key, 2), ''];
        $pattern = $this->place($place)[$name] ?? null;

        return is_string($pattern) ? $this->written($pattern) : throw new LogicException("{$key} has no words.");
    }

    /** @return array<string, string|array<string, string|array<string, string>>> */
    private function place(string $place): array
    {
        if (! isset($this->read[$place])) {
            $file = "{$this->folder}/{$this->language()}/{$place}.php";
            /** @var array<string, string|array<string, string|array<string, string>>> $messages */
            $messages = is_file($file) ? require $file : [];
            $this->read[$place] = $messages;
        }

        return $this->read[$place];
    }
}
