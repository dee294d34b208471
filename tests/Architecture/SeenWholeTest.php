<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Orbek\Core\Lid\Steaming;
use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use RegexIterator;
use SplFileInfo;

/** What is read is seen whole: no line past the edge, no method longer than a screen but the named hot loops. */
final class SeenWholeTest extends TestCase
{
    private const LONGEST_LINE = 120;

    /** Of pages, styles and scripts. */
    private const LONGEST_IN_PAGES = 140;

    private const LONGEST_METHOD = 50;

    private const BLOCKS = 20;

    /** Things that a call takes by position. */
    private const MOST = 6;

    /** Phases of the simulation, each one loop over plain floats. */
    private const HOT = [Steaming::class.'::boil', Steaming::class.'::conduct'];

    public function test_no_line_runs_past_the_edge(): void
    {
        $long = $lines = [];
        foreach (self::files() as $file) {
            foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $at => $line) {
                $lines[] = mb_strlen($line);
                if (mb_strlen($line) > self::LONGEST_LINE) {
                    $long[] = $file->getPathname().':'.($at + 1);
                }
            }
        }

        self::assertGreaterThan(10_000, count($lines));
        self::assertSame([], $long);
    }

    /** What a page needs is prepared for it, in app/View. */
    public function test_a_view_decides_next_to_nothing(): void
    {
        $blocks = [];
        $folder = dirname(__DIR__, 2).'/resources/views';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)) as $file) {
            if ($file->getExtension() === 'php') {
                $code = (string) file_get_contents($file->getPathname());
                $blocks[$file->getPathname()] = substr_count($code, '@php');
            }
        }
        self::assertGreaterThan(100, count($blocks));
        self::assertLessThan(self::BLOCKS, array_sum($blocks), 'so many pieces of PHP in views');
    }

    /** Values read from data stand beside their names too. */
    public function test_nothing_takes_more_than_six_things_by_position(): void
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $byPosition = static fn (Node $arg): bool => $arg instanceof Arg && $arg->name === null && ! $arg->unpack;
        // PHP's own functions may take as many as they like.
        $isCall = static fn (Node $node): bool => $node instanceof CallLike && ! $node instanceof FuncCall;
        $many = [];
        $seen = 0;
        foreach (self::files() as $file) {
            $code = $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
            foreach ((new NodeFinder)->find($code, $isCall) as $call) {
                $seen++;
                if ($call instanceof CallLike && count(array_filter($call->getRawArgs(), $byPosition)) > self::MOST) {
                    $many[] = "{$file->getPathname()}:{$call->getStartLine()}";
                }
            }
        }
        self::assertGreaterThan(5_000, $seen);
        self::assertSame([], $many);
    }

    public function test_no_line_of_a_page_a_style_or_a_script_does_either(): void
    {
        $long = [];
        $read = 0;
        $folder = dirname(__DIR__, 2).'/resources';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)) as $file) {
            if (! in_array($file->getExtension(), ['php', 'js', 'scss'], true)) {
                continue;
            }
            foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $at => $line) {
                $read++;
                if (mb_strlen($line) > self::LONGEST_IN_PAGES) {
                    $long[] = $file->getPathname().':'.($at + 1);
                }
            }
        }

        self::assertGreaterThan(5_000, $read);
        self::assertSame([], $long);
    }

    public function test_no_method_is_longer_than_a_screen(): void
    {
        $long = [];
        $hot = 0;
        foreach (self::files() as $file) {
            $class = self::classIn($file);
            foreach ($class?->getMethods() ?? [] as $method) {
                $lines = $method->getEndLine() - $method->getStartLine() + 1;
                if ($method->getFileName() !== $file->getRealPath() || $lines <= self::LONGEST_METHOD) {
                    continue;
                }
                $name = "{$class?->name}::{$method->name}";
                in_array($name, self::HOT, true) ? $hot++ : $long[] = "{$name}: {$lines} lines";
            }
        }

        self::assertSame([], $long);
        self::assertSame(count(self::HOT), $hot, 'what is named as an exception is one');
    }

    /** @return iterable<SplFileInfo> */
    private static function files(): iterable
    {
        foreach (['core', 'app'] as $folder) {
            $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}"));
            foreach (new RegexIterator($all, '/\.php$/') as $file) {
                if ($file instanceof SplFileInfo) {
                    yield $file;
                }
            }
        }
    }

    /** @return ReflectionClass<object>|null */
    private static function classIn(SplFileInfo $file): ?ReflectionClass
    {
        $source = (string) file_get_contents($file->getPathname());
        preg_match('/^namespace ([\w\\\\]+);/m', $source, $namespace);
        preg_match('/^(?:abstract |final |readonly )*(?:class|enum|trait|interface) (\w+)/m', $source, $name);
        $class = ($namespace[1] ?? '').'\\'.($name[1] ?? '');

        return class_exists($class) || interface_exists($class) || trait_exists($class)
            ? new ReflectionClass($class)
            : null;
    }
}
