<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What class rules cannot see: calls of global functions that reach out of the core. */
final class CoreTokensTest extends TestCase
{
    private const FORBIDDEN = [
        'time', 'microtime', 'hrtime', 'date', 'mktime', 'strtotime', 'rand', 'mt_rand', 'random_int', 'random_bytes',
        'uniqid', 'lcg_value', 'shuffle', 'array_rand', 'str_shuffle',
        'file_get_contents', 'file_put_contents', 'fopen', 'fwrite', 'echo', 'print', 'printf', 'var_dump', 'getenv',
        'putenv', 'header', 'curl_init', 'exec', 'shell_exec', 'error_log', 'usleep', 'sleep',
        'app', 'config', 'collect', 'now', 'today', 'request', 'session', 'cache', 'logger', 'env', 'resolve', 'view',
        'response', 'storage_path', 'base_path',
    ];

    public function test_core_calls_nothing_that_reaches_out(): void
    {
        $found = [];
        $files = 0;
        foreach ($this->files() as $file) {
            $files++;
            array_push(
                $found,
                ...self::reachingOut((string) file_get_contents($file->getPathname()), $file->getFilename()),
            );
        }

        self::assertGreaterThan(50, $files);
        self::assertSame([], $found);
    }

    public function test_the_check_itself_finds_what_it_looks_for(): void
    {
        $code =
            '<?php namespace X; final class A { public function time(): int { return $this->time() + \microtime(true) + self::date(); } public function b(): void { static $kept; global $g; new \DateTimeImmutable; echo collect([]); } }';

        self::assertSame(
            [
                'A.php: microtime()', 'A.php: static $kept', 'A.php: global',
                'A.php: new DateTimeImmutable without a time', 'A.php: echo()', 'A.php: collect()',
            ],
            self::reachingOut($code, 'A.php'),
        );
    }

    /** @return list<string> */
    private static function reachingOut(string $code, string $name): array
    {
        $found = [];
        $tokens = array_values(
            array_filter(PhpToken::tokenize($code), static fn (PhpToken $token): bool => ! $token->isIgnorable()),
        );
        foreach ($tokens as $index => $token) {
            $next = $tokens[$index + 1] ?? null;
            $before = $tokens[$index - 1] ?? null;
            $word = ltrim(strtolower($token->text), '\\');
            $isCall = $token->is([T_STRING, T_NAME_FULLY_QUALIFIED])
                && $next?->text === '('
                && $before !== null
                && ! $before->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW]);
            if (($isCall || $token->is([T_ECHO, T_PRINT])) && in_array($word, self::FORBIDDEN, true)) {
                $found[] = "{$name}: {$word}()";
            }
            if ($token->is(T_STATIC) && $next !== null && $next->is(T_VARIABLE)) {
                $found[] = "{$name}: static {$next->text}";
            }
            if ($token->is(T_GLOBAL)) {
                $found[] = "{$name}: global";
            }
            if (
                $token->is(T_NEW)
                    && $next !== null
                    && ltrim($next->text, '\\') === 'DateTimeImmutable'
                    && (($tokens[$index + 2] ?? null)?->text !== '(' || ($tokens[$index + 3] ?? null)?->text === ')')
            ) {
                $found[] = "{$name}: new DateTimeImmutable without a time";
            }
        }

        return $found;
    }

    /** @return iterable<SplFileInfo> */
    private function files(): iterable
    {
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->getExtension() === 'php') {
                yield $file;
            }
        }
    }
}
