<?php

declare(strict_types=1);

namespace Tests\Compat;

use Fruitcake\Cors\CorsService;
use League\CommonMark\GithubFlavoredMarkdownConverter;
use League\Config\Configuration;
use League\Config\Exception\InvalidConfigurationException;
use League\Config\Exception\UnknownOptionException;
use LogicException;
use Nette\Schema\Expect;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\NativeClock;

/** The stand-ins under compat/ for packages that the registry cannot give. */
final class CompatTest extends TestCase
{
    public function test_settings_are_checked_against_their_schema_and_read_by_path(): void
    {
        $config = new Configuration(['name' => Expect::string('none')]);
        $config->addSchema(
            'table',
            Expect::structure(['wide' => Expect::int(80), 'deep' => Expect::structure(['on' => Expect::bool(false)])]),
        );
        $config->merge(['table' => ['wide' => 40]]);
        $config->set('table/deep/on', true);

        self::assertSame('none', $config->get('name'));
        self::assertSame(40, $config->reader()->get('table/wide'));
        self::assertTrue($config->get('table/deep/on'));
        self::assertFalse($config->exists('table/height'));

        $config->set('table/wide', 'very');
        $this->expectException(InvalidConfigurationException::class);
        $config->get('table/wide');
    }

    public function test_an_unknown_setting_is_an_error(): void
    {
        $this->expectException(UnknownOptionException::class);
        (new Configuration)->get('colour');
    }

    public function test_markdown_works_with_it(): void
    {
        self::assertStringContainsString(
            '<table>',
            (new GithubFlavoredMarkdownConverter)->convert("| a | b |\n|---|---|\n| 1 | 2 |")->getContent(),
        );
    }

    public function test_the_clock_tells_the_time_of_its_zone(): void
    {
        $clock = (new NativeClock('UTC'))->withTimeZone('Asia/Tehran');

        self::assertSame('Asia/Tehran', $clock->now()->getTimezone()->getName());
        self::assertEqualsWithDelta(time(), $clock->now()->getTimestamp(), 2);
        $before = microtime(true);
        $clock->sleep(0.01);
        self::assertGreaterThanOrEqual(0.009, microtime(true) - $before);
    }

    public function test_the_newer_functions_are_there(): void
    {
        self::assertSame(
            [1, 3, null, null],
            [array_first([5 => 1, 2 => 3]), array_last([5 => 1, 2 => 3]), array_first([]), array_last([])],
        );
        $mine = static fn (): bool => false;
        set_error_handler($mine);
        $got = get_error_handler();
        restore_error_handler();
        self::assertSame($mine, $got);
        $handler = static function (): void {
        };
        set_exception_handler($handler);
        $gotToo = get_exception_handler();
        restore_exception_handler();
        self::assertSame($handler, $gotToo);
    }

    public function test_cross_origin_requests_are_not_served(): void
    {
        $this->expectException(LogicException::class);
        new CorsService;
    }
}
