<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Formats\CraftFiles;
use BackedEnum;
use FilesystemIterator;
use MessageFormatter;
use PhpParser\Node\Expr\MethodCall;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\String_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\Core\Sample;

/** Every note that is made has its words, and every word its note. */
final class WordsTest extends TestCase
{
    /** Places that are looked up by something other than a note's key. */
    private const BY_NAME = ['labels', 'paths', 'dates', 'craft', 'foods'];

    public function test_what_is_noted_is_worded_and_what_is_worded_is_noted(): void
    {
        $used = self::used();
        $worded = [];
        foreach (self::messages() as $key => $message) {
            $worded[] = $key;
        }

        self::assertGreaterThan(300, count($used));
        self::assertSame([], array_values(array_diff($used, $worded)), 'noted, but without words');
        self::assertSame([], array_values(array_diff($worded, $used)), 'worded, but never noted');
    }

    public function test_every_message_can_be_read(): void
    {
        foreach (self::messages() as $key => $message) {
            self::assertNotNull(MessageFormatter::create('en_US_POSIX', ltrim($message, '^')), $key);
            preg_match_all('/\{(\w+)(?:, (plural|select|number))?/', $message, $found, PREG_SET_ORDER);
            $args = [];
            foreach ($found as $one) {
                $kind = $one[2] ?? '';
                $args[$one[1]] = $kind === 'plural' || $kind === 'number' || is_int($args[$one[1]] ?? null) ? 2 : 'x';
            }
            self::assertNotFalse(MessageFormatter::formatMessage('en_US_POSIX', ltrim($message, '^'), $args), $key);
        }
    }

    /** A second of the same name says what it is; only an area's unit ends in a figure. */
    public function test_what_a_message_takes_has_a_name(): void
    {
        $unnamed = [];
        foreach (self::messages() as $key => $message) {
            preg_match_all('/\{(it(?=,)|value\d|(?!\w*[cC]m2\b)\w+\d)\b/', $message, $found);
            $unnamed = [...$unnamed, ...array_map(static fn (string $arg): string => "{$key}: {$arg}", $found[1])];
        }
        self::assertSame([], $unnamed);
    }

    public function test_a_label_belongs_to_a_case_and_every_case_has_one(): void
    {
        $enums = [];
        foreach (self::files('core') as $file) {
            $class = 'Orbek\\Core\\'.strtr(substr($file->getPathname(), strlen(self::root().'/core/'), -4), '/', '\\');
            if (enum_exists($class) && is_subclass_of($class, BackedEnum::class)) {
                $enums[$file->getBasename('.php')] = array_map(
                    static fn (BackedEnum $case): string => (string) $case->value,
                    $class::cases(),
                );
            }
        }
        /** @var array<string, array<string, array<string, string>>> $labels */
        $labels = require self::root().'/lang/en/labels.php';
        foreach ($labels as $enum => $forms) {
            self::assertArrayHasKey($enum, $enums, "{$enum} is no enum of the core");
            foreach ($forms as $form => $cases) {
                self::assertSame([], array_diff(array_keys($cases), $enums[$enum]), "{$enum}.{$form}");
            }
            if (isset($forms['label'])) {
                self::assertSame([], array_diff($enums[$enum], array_keys($forms['label'])), "{$enum}.label");
            }
        }
    }

    public function test_what_the_craft_and_its_foods_are_called_belongs_to_an_id_of_theirs(): void
    {
        $ids = static fn (mixed $rows): array => array_column((array) $rows, 'id');
        $files = CraftFiles::files(self::root().'/schema/craft', Sample::wording());
        $craft = Sample::wording()->craft();
        foreach ($craft as $file => $words) {
            self::assertEqualsCanonicalizing($ids($files[$file] ?? []), array_keys($words), $file);
        }
        self::assertSame(['bases', 'boiled', 'cues', 'fillings', 'preparations', 'seals', 'schools'], array_keys($craft));
        self::assertEqualsCanonicalizing($ids($files['foods']['foods']), array_keys(Sample::wording()->foods()));
    }

    /** @return list<string> keys of all notes that core and application make, and of all that a page says */
    private static function used(): array
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $keys = [];
        foreach (['core', 'app'] as $folder) {
            foreach (self::files($folder) as $file) {
                $code = $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
                foreach ((new NodeFinder)->findInstanceOf($code, MethodCall::class) as $call) {
                    $key = $call->name instanceof Identifier && $call->name->name === 'say' && ! $call->isFirstClassCallable()
                        ? ($call->getArgs()[0]->value ?? null) : null;
                    if ($key instanceof String_) {
                        $keys[$key->value] = true;
                    }
                }
                foreach ((new NodeFinder)->findInstanceOf($code, StaticCall::class) as $call) {
                    $place = ['Note::of' => 0, 'Refused::because' => 1][self::called($call)] ?? null;
                    $key = $place === null ? null : ($call->getArgs()[$place]->value ?? null);
                    if ($key instanceof String_) {
                        $keys[$key->value] = true;
                    }
                }
            }
        }

        foreach (self::files('resources/views') as $file) {
            // $t('pages/stove.read') and $th(…), a sentence of a page.
            preg_match_all('/\$th?\(\s*\'([\w\/.-]+)\'/', (string) file_get_contents($file->getPathname()), $found);
            $keys += array_fill_keys($found[1], true);
            // <x-sentence says="pages/pot.sentence-rice">, one with words to change in it.
            preg_match_all('/<x-sentence\s+says="([\w\/.-]+)"/', (string) file_get_contents($file->getPathname()), $found);
            $keys += array_fill_keys($found[1], true);
        }

        foreach (glob(self::root().'/resources/js/*.js') ?: [] as $file) {
            preg_match_all("/\\btell\\('([\\w-]+)'/", (string) file_get_contents($file), $found);
            $keys += array_fill_keys(array_map(static fn (string $key): string => "scripts.{$key}", $found[1]), true);
        }

        return array_keys($keys);
    }

    private static function called(StaticCall $call): string
    {
        return (
            $call->class instanceof Name ? $call->class->getLast() : ''
        ).'::'.($call->name instanceof Identifier ? $call->name->name : '');
    }

    /** @return iterable<string, string> by key */
    private static function messages(): iterable
    {
        foreach (self::files('lang/en') as $file) {
            $place = substr($file->getPathname(), strlen(self::root().'/lang/en/'), -4);
            if (! in_array($place, self::BY_NAME, true)) {
                /** @var array<string, string> $messages */
                $messages = require $file->getPathname();
                foreach ($messages as $name => $message) {
                    yield "{$place}.{$name}" => $message;
                }
            }
        }
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return iterable<SplFileInfo> */
    private static function files(string $folder): iterable
    {
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(self::root()."/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->getExtension() === 'php') {
                yield $file;
            }
        }
    }
}
