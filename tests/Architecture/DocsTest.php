<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Orbek\Core\Cook\Event;
use PHPUnit\Framework\TestCase;

/** What the docs list is what there is. */
final class DocsTest extends TestCase
{
    public function test_every_kind_of_event_stands_in_the_formats_in_its_order(): void
    {
        $formats = (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats.md');
        self::assertSame(1, preg_match('/^"type": "(started[a-z|-]+)",$/m', $formats, $found));
        self::assertSame(implode('|', array_keys(Event::KINDS)), $found[1]);
    }

    /** ./orbek docs writes it anew. */
    public function test_the_table_of_rooms_is_as_the_rooms_are(): void
    {
        exec(sprintf('%s %s/tools/rooms.php --check', PHP_BINARY, dirname(__DIR__, 2)), $table, $isOther);
        self::assertGreaterThan(15, count($table));
        self::assertSame(
            0, $isOther, "./orbek docs brings docs/architecture.md up to date:\n".implode("\n", $table),
        );
    }

    public function test_every_place_that_the_docs_name_is_there(): void
    {
        $root = dirname(__DIR__, 2);
        $gone = [];
        $named = 0;
        foreach ([...glob("{$root}/docs/*.md") ?: [], "{$root}/README.md", "{$root}/CONTRIBUTING.md"] as $file) {
            preg_match_all(
                '#`((?:core|app|resources|schema|tests|lang|database|tools|docs)/[\w/.*-]+)`#',
                (string) file_get_contents($file), $found,
            );
            foreach ($found[1] as $place) {
                $named++;
                $there = [...glob("{$root}/{$place}") ?: [], ...glob("{$root}/{$place}.{php,js}", GLOB_BRACE) ?: []];
                if ($there === []) {
                    $gone[] = basename($file).": {$place}";
                }
            }
        }
        self::assertGreaterThan(40, $named);
        self::assertSame([], $gone);
    }
}
