<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The source measured as it stands: folders and what they use, methods, parameters, lines, texts. */
final class House
{
    public const LINE = 120;

    /** A text of so many words among the computation is a sentence. */
    private const SENTENCE = '/\p{L}{2,}[,.:;]?\s+(\S+\s+)*\p{L}{2,}[,.:;]?\s+(\S+\s+)*\p{L}{2,}/u';

    /** @var array<string, array<string, int>> uses of other folders by folder of core/ */
    public array $uses = [];

    /** @var array<string, int> by "Class::method" */
    public array $methodLines = [];

    /** @var array<string, int> by "Class::method" */
    public array $parameters = [];

    /** @var array<string, int> by folder */
    public array $lines = [];

    /** @var list<string> "file:line" */
    public array $longLines = [];

    /** @var list<string> "file:line text" */
    public array $sentences = [];

    public function __construct(private readonly string $root, string ...$folders)
    {
        foreach ($folders as $folder) {
            /** @var SplFileInfo $file */
            foreach (
                new RecursiveIteratorIterator(
                    new RecursiveDirectoryIterator("{$root}/{$folder}", RecursiveDirectoryIterator::SKIP_DOTS),
                ) as $file
            ) {
                if ($file->getExtension() === 'php') {
                    $this->measure($file->getPathname());
                }
            }
        }
        ksort($this->lines);
    }

    /** @return list<string> folders of core/ that use one another in a ring, each ring once */
    public function rings(): array
    {
        $reach = $this->uses;
        do {
            $grown = false;
            foreach ($reach as $from => $tos) {
                foreach (array_keys($tos) as $to) {
                    foreach (array_keys($reach[$to] ?? []) as $further) {
                        $grown = $grown || ! isset($reach[$from][$further]);
                        $reach[$from][$further] = 1;
                    }
                }
            }
        } while ($grown);
        $rings = [];
        foreach (array_keys($reach) as $folder) {
            if (isset($reach[$folder][$folder])) {
                $with = array_values(
                    array_filter(
                        array_keys($reach[$folder]),
                        static fn (string $other): bool => isset($reach[$other][$folder]),
                    ),
                );
                sort($with);
                $rings[implode(' ', $with)] = true;
            }
        }

        return array_map(strval(...), array_keys($rings));
    }

    private function measure(string $path): void
    {
        $short = substr($path, strlen($this->root) + 1);
        $folder = implode('/', array_slice(explode('/', $short), 0, 2));
        $code = (string) file_get_contents($path);
        foreach (explode("\n", $code) as $number => $line) {
            $this->lines[$folder] = ($this->lines[$folder] ?? 0) + (int) (trim($line) !== '');
            if (mb_strlen($line) > self::LINE) {
                $this->longLines[] = $short.':'.($number + 1);
            }
        }
        $tree = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];
        $find = new NodeFinder;
        $class = basename($path, '.php');
        foreach ($find->findInstanceOf($tree, Node\Stmt\ClassMethod::class) as $method) {
            $name = "{$class}::{$method->name}";
            $this->methodLines[$name] = $method->getEndLine() - $method->getStartLine() + 1;
            $this->parameters[$name] = count($method->params);
        }
        if (! str_starts_with($short, 'core/')) {
            return;
        }
        foreach ($find->findInstanceOf($tree, Node\Stmt\UseUse::class) as $use) {
            $parts = $use->name->getParts();
            $to = 'core/'.($parts[2] ?? '');
            if ($parts[0] === 'Orbek' && $to !== $folder) {
                $this->uses[$folder][$to] = ($this->uses[$folder][$to] ?? 0) + 1;
            }
        }
        $texts = [
            ...$find->findInstanceOf($tree, Node\Scalar\String_::class),
            ...$find->findInstanceOf($tree, Node\InterpolatedStringPart::class),
        ];
        foreach ($texts as $text) {
            if (preg_match(self::SENTENCE, $text->value) === 1) {
                $this->sentences[] = "{$short}:{$text->getStartLine()} {$text->value}";
            }
        }
    }
}
