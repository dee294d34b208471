<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Opened under another name, pages come with their styles and scripts; under a name that nobody gave, none come. */
final class OtherHostTest extends TestCase
{
    public function test_a_page_under_another_name_has_its_styles_and_scripts(): void
    {
        $stack = Stack::get();
        $stack->fresh();
        $stack->killServer();
        $stack->startServer(['ORBEK_HOSTS' => 'kitchen.home']);
        try {
            [$status, $page] = self::ask($stack->port, '/shelf', 'kitchen.home');
            self::assertSame(200, $status);
            self::assertGreaterThan(2, preg_match_all('~(?:href|src)="(?:http://kitchen\.home(?::\d+)?)?(/build/assets/[^"]+)"~', $page, $files));
            foreach (array_unique($files[1]) as $file) {
                self::assertSame(200, self::ask($stack->port, $file, 'kitchen.home')[0], $file);
            }
            self::assertSame(421, self::ask($stack->port, '/shelf', 'elsewhere.test')[0]);
        } finally {
            $stack->killServer();
            $stack->startServer();
        }
    }

    /** @return array{int, string} status and body */
    private static function ask(int $port, string $path, string $host): array
    {
        $asked = new Process([
            'curl', '-s', '--max-time', '30', '-H', "Host: {$host}:{$port}", '-w', '%{http_code}', "http://127.0.0.1:{$port}{$path}",
        ]);
        $answer = $asked->mustRun()->getOutput();

        return [(int) substr($answer, -3), substr($answer, 0, -3)];
    }
}
