<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A server of its own on an empty database with the demo, ChromeDriver and a browser, on free ports. */
final class Stack
{
    private const TIMEOUT_S = 30;

    private static ?self $running = null;

    /** @param  list<Process>  $processes */
    private function __construct(public readonly string $url, private readonly string $folder, private readonly string $driverUrl, private array $processes)
    {
    }

    public static function get(): self
    {
        return self::$running ??= self::start();
    }

    /** The demo as on the first day: other tests' cooks are gone, the clock is real. */
    public function fresh(): void
    {
        copy("{$this->folder}/seeded.sqlite", "{$this->folder}/orbek.sqlite");
        foreach (['-wal', '-shm'] as $side) {
            @unlink("{$this->folder}/orbek.sqlite{$side}");
        }
        (new Process(['rm', '-rf', "{$this->folder}/cache"]))->mustRun();
    }

    public function browser(int $width, int $height, bool $dark = false): RemoteWebDriver
    {
        $profile = "{$this->folder}/profile-".bin2hex(random_bytes(4));
        $arguments = ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--hide-scrollbars', "--user-data-dir={$profile}", "--window-size={$width},{$height}"];
        if ($dark) {
            $arguments[] = '--blink-settings=preferredColorScheme=0';
        }
        $options = (new ChromeOptions)->addArguments($arguments);
        $options->setExperimentalOption('mobileEmulation', ['deviceMetrics' => ['width' => $width, 'height' => $height, 'pixelRatio' => 1.0, 'touch' => false]]);

        return RemoteWebDriver::create($this->driverUrl, DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options), self::TIMEOUT_S * 1000, self::TIMEOUT_S * 1000);
    }

    /** Pauses the server's processes, as a lost connection would. */
    public function pauseServer(bool $pause): void
    {
        $group = (string) $this->processes[0]->getPid();
        (new Process(['bash', '-c', sprintf('kill -%s -- -%s', $pause ? 'STOP' : 'CONT', $group)]))->mustRun();
    }

    private static function start(): self
    {
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/orbek-browser-'.getmypid();
        if (! is_dir($folder)) {
            mkdir($folder, 0700);
        }
        $env = [
            'DB_DATABASE' => "{$folder}/orbek.sqlite", 'CACHE_STORE' => 'file', 'CACHE_PATH' => "{$folder}/cache",
            'SESSION_DRIVER' => 'file', 'PHP_CLI_SERVER_WORKERS' => '4', 'APP_DEBUG' => 'false',
        ];
        touch("{$folder}/orbek.sqlite");
        (new Process([PHP_BINARY, 'artisan', 'migrate:fresh', '--seed', '--force'], $root, $env, null, 120))->mustRun();
        (new PDO("sqlite:{$folder}/orbek.sqlite"))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        copy("{$folder}/orbek.sqlite", "{$folder}/seeded.sqlite");

        $port = self::freePort();
        $driverPort = self::freePort();
        // A session of its own each, so that workers end with their parent.
        $server = new Process(['setsid', PHP_BINARY, '-S', "127.0.0.1:{$port}", "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"], "{$root}/public", $env, null, null);
        $driver = new Process(['setsid', 'chromedriver', "--port={$driverPort}"], null, null, null, null);
        // Nobody reads what they print: a full pipe would hold them after some hundred requests.
        $server->disableOutput();
        $driver->disableOutput();
        $server->start();
        $driver->start();
        register_shutdown_function(static function () use ($server, $driver, $folder): void {
            foreach ([$server, $driver] as $process) {
                (new Process(['bash', '-c', 'kill -KILL -- -'.$process->getPid()]))->run();
            }
            (new Process(['rm', '-rf', $folder]))->run();
        });

        self::wait("http://127.0.0.1:{$port}/orbek.svg");
        self::wait("http://127.0.0.1:{$driverPort}/status");

        return new self("http://127.0.0.1:{$port}", $folder, "http://127.0.0.1:{$driverPort}", [$server, $driver]);
    }

    private static function wait(string $url): void
    {
        $until = microtime(true) + self::TIMEOUT_S;
        do {
            $answer = new Process(['curl', '-sf', '-o', '/dev/null', '--max-time', '2', $url]);
            if ($answer->run() === 0) {
                return;
            }
            usleep(100_000);
        } while (microtime(true) < $until);

        throw new RuntimeException("{$url} does not answer.");
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No free port.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
