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
}
