<?php

declare(strict_types=1);

/*
 * ./orbek docs: writes the table of core's rooms into docs/architecture.md, between its two marks. Given --check it
 * prints what would stand there, and ends with 1 where that is another.
 */

$root = dirname(__DIR__);
require "{$root}/vendor/autoload.php";

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Tests\Architecture\FolderOrder;

$doc = "{$root}/docs/architecture.md";
$order = FolderOrder::ORDER;
$parser = (new ParserFactory)->createForHostVersion();
$finder = new NodeFinder;
$rows = ['| folder | uses | files | lines | longest method | most parameters |', '|---|---|---|---|---|---|'];
$rooms = [];
foreach ($order as $room) {
    $rooms[] = $room;
    // Rooms within a room; a folder of like things (events) is one.
    foreach ($room === 'Plan' ? glob("{$root}/core/{$room}/*", GLOB_ONLYDIR) ?: [] : [] as $within) {
        $rooms[] = "{$room}/".basename($within);
    }
}
foreach ($rooms as $room) {
    $files = new RegexIterator($room === 'Plan' ? new FilesystemIterator("{$root}/core/{$room}") : (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/core/{$room}"))
    ), '/\.php$/');
    $uses = [];
    $longest = ['–', 0];
    $most = ['–', 0];
    $count = $lines = 0;
    foreach ($files as $file) {
        $code = (string) file_get_contents((string) $file);
        $count++;
        $lines += substr_count($code, "\n");
        preg_match_all('/^use Orbek\\\\Core\\\\(\w+)\\\\/m', $code, $found);
        $uses += array_flip($found[1]);
        foreach ($finder->findInstanceOf($parser->parse($code) ?? [], Node\Stmt\ClassLike::class) as $class) {
            foreach ($class->getMethods() as $method) {
                $name = "{$class->name}::{$method->name}";
                $long = $method->getEndLine() - $method->getStartLine() + 1;
                // Of equals the first by name: the order of a folder's files is the disk's.
                $longest = [$long, $longest[0]] > [$longest[1], $name] ? [$name, $long] : $longest;
                $parameters = count($method->params);
                $most = [$parameters, $most[0]] > [$most[1], $name] ? [$name, $parameters] : $most;
            }
        }
    }
    $others = array_values(array_filter($order, static fn (string $one): bool => isset($uses[$one]) && $one !== explode('/', $room)[0]));
    $rows[] = sprintf(
        '| `%s` | %s | %d | %d | %s, %d | %s, %d |', $room, $others === [] ? '–' : implode(', ', $others), $count, $lines,
        $longest[0], $longest[1], $most[0], $most[1],
    );
}
$was = (string) file_get_contents($doc);
$table = implode("\n", $rows);
$is = preg_replace('/^\| folder \|.*?(?=\n\n)/ms', str_replace(['\\', '$'], ['\\\\', '\\$'], $table), $was, 1);
if (in_array('--check', $argv, true)) {
    echo $table, "\n";
    exit($is === $was ? 0 : 1);
}
file_put_contents($doc, $is);
