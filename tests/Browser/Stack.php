<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\WebDriverCapabilityType;
use PDO;
use RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** A server of its own on an empty database with the demo, ChromeDriver and a browser, on free ports. */
final class Stack
{
    private const TIMEOUT_S = 30;

    /** PHP as ./orbek start serves it. */
    private const FAST = [
        '-d', 'opcache.enable=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M', '-d',
        'opcache.revalidate_freq=60', '-d', 'pcov.enabled=0', '-d', 'expose_php=0', '-d', 'upload_max_filesize=1G', '-d',
        'post_max_size=1025M', '-d', 'memory_limit=512M',
    ];

    private static ?self $running = null;

    private static bool $isShellNoUse = false;

    /** @var array<string, RemoteWebDriver> by size */
    private array $kept = [];

    /** @param  list<Process>  $processes */
    private function __construct(
        public readonly string $url, private readonly string $folder, private readonly string $driverUrl,
        private array $processes, public readonly int $port,
    ) {
    }

    public static function get(): self
    {
        return self::$running ??= self::start();
    }

    /** The demo as on the first day: other tests' cooks are gone, the clock is real. */
    public function fresh(): void
    {
        if (! $this->isThere()) {
            $this->startServer();
        } elseif (! $this->rests()) {
            $this->killServer();
            $this->startServer();
        }
        copy("{$this->folder}/seeded.sqlite", "{$this->folder}/orbek.sqlite");
        foreach (['-wal', '-shm'] as $side) {
            @unlink("{$this->folder}/orbek.sqlite{$side}");
        }
        // What was planned and drawn of the demo as seeded holds again; who was there before is forgotten.
        $anew = 'rm -rf cache sessions && cp -r warm cache && mkdir sessions';
        (new Process(['bash', '-c', $anew], $this->folder))->mustRun();
    }

    /** A test that failed with the server killed does not take the next ones with it. */
    private function isThere(): bool
    {
        $socket = @stream_socket_client("tcp://127.0.0.1:{$this->port}", timeout: 2);

        return $socket !== false && fclose($socket);
    }

    /** Every page of the demo is seen once, so that not each test waits till its dishes are planned. */
    private function warmUp(): void
    {
        $shelf = $this->page('/shelf');
        preg_match_all('~/(?:dishes|meals)/[0-9a-z]{26}(?=")~', $shelf, $things);
        foreach (['/notebook', '/kitchen', ...array_unique($things[0])] as $path) {
            $this->page($path);
        }
        (new Process(['cp', '-r', 'cache', 'warm'], $this->folder))->mustRun();
    }

    private function page(string $path): string
    {
        return (
            new Process(['curl', '-sf', '--max-time', (string) self::TIMEOUT_S, $this->url.$path])
        )->mustRun()->getOutput();
    }

    /**
     * Whether the server has nothing to do, or soon has not. A page that is gone may have asked for what takes
     * seconds: what that writes must not come into the next test.
     */
    private function rests(): bool
    {
        $group = (string) $this->processes[0]->getPid();
        for ($quiet = $looks = 0; $quiet < 5 && $looks < 50; $looks++) {
            $working = array_filter(glob('/proc/[0-9]*/stat') ?: [], static function (string $of) use ($group): bool {
                $after = explode(' ', substr((string) strrchr((string) @file_get_contents($of), ')'), 2));

                return ($after[2] ?? '') === $group && $after[0] !== 'S';
            });
            $quiet = $working === [] ? $quiet + 1 : 0;
            usleep(20_000);
        }

        return $quiet >= 5;
    }

    /** An installation that nobody has cooked in. */
    public function emptied(): void
    {
        $pdo = new PDO("sqlite:{$this->folder}/orbek.sqlite");
        $pdo->exec('PRAGMA foreign_keys = ON');
        $pdo->exec('DELETE FROM households');
    }

    /** @param  bool  $whole with all that a browser is beside its engine: what is seen and timed as users do */
    public function browser(int $width, int $height, bool $dark = false, bool $whole = false): RemoteWebDriver
    {
        $profile = "{$this->folder}/profile-".bin2hex(random_bytes(4));
        $arguments = [
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync', '--hide-scrollbars',
            "--user-data-dir={$profile}", "--window-size={$width},{$height}",
        ];
        if ($dark) {
            $arguments[] = '--blink-settings=preferredColorScheme=0';
        }
        $options = (new ChromeOptions)->addArguments($arguments);
        $options->setExperimentalOption(
            'mobileEmulation',
            ['deviceMetrics' => ['width' => $width, 'height' => $height, 'pixelRatio' => 1.0, 'touch' => false]],
        );
        // The same engine without windows takes half the work; where it is not, or does not fit its driver, chromium does.
        $shell = $whole || self::$isShellNoUse ? null : (new ExecutableFinder)->find('chromium-headless-shell');
        if ($shell !== null) {
            try {
                return $this->session('chrome-headless-shell', $options->setBinary($shell));
            } catch (WebDriverException) {
                self::$isShellNoUse = true;

                return $this->browser($width, $height, $dark);
            }
        }

        return $this->session('chrome', $options);
    }

    private function session(string $browser, ChromeOptions $options): RemoteWebDriver
    {
        $wanted = new DesiredCapabilities([WebDriverCapabilityType::BROWSER_NAME => $browser]);

        return HandedBrowser::create(
            $this->driverUrl, $wanted->setCapability(ChromeOptions::CAPABILITY, $options),
            self::TIMEOUT_S * 1000, self::TIMEOUT_S * 1000,
        );
    }

    /** The browser of that size, which tests use one after another: to begin one costs more than most tests. */
    public function keptBrowser(int $width, int $height): RemoteWebDriver
    {
        $browser = $this->kept["{$width}x{$height}"] ??= $this->browser($width, $height);
        // What its worker was still fetching when the pages were closed has come by now, and goes as well.
        $this->empty($browser);

        return $browser;
    }

    /** Takes a kept browser's pages away and all that Orbek left in it, as in one that was never used. */
    public function clear(RemoteWebDriver $browser): void
    {
        try {
            $open = $browser->getWindowHandles();
            $browser->switchTo()->newWindow();
            $fresh = $browser->getWindowHandle();
            foreach ($open as $window) {
                $browser->switchTo()->window($window)->close();
            }
            $browser->switchTo()->window($fresh);
            $this->empty($browser);
        } catch (WebDriverException) {
            // One that a test broke is no use to the next.
            $this->kept = array_filter($this->kept, static fn (RemoteWebDriver $one): bool => $one !== $browser);
            $browser->quit();
        }
    }

    private function empty(RemoteWebDriver $browser): void
    {
        $tools = new ChromeDevToolsDriver($browser);
        $tools->execute('Storage.clearDataForOrigin', ['origin' => $this->url, 'storageTypes' => 'all']);
        $tools->execute('Network.clearBrowserCookies');
    }

    /** Pauses the server's processes, as a lost connection would. */
    public function pauseServer(bool $pause): void
    {
        $group = (string) $this->processes[0]->getPid();
        (new Process(['bash', '-c', sprintf('kill -%s -- -%s', $pause ? 'STOP' : 'CONT', $group)]))->mustRun();
    }

    /** One value out of the server's database. */
    public function value(string $sql, string $of): mixed
    {
        $asked = (new PDO("sqlite:{$this->folder}/orbek.sqlite"))->prepare($sql);
        $asked->execute([$of]);

        return $asked->fetchColumn();
    }

    /** The page as it is printed, or as it is in the dark; as it is where nothing is given. */
    public function seenAs(RemoteWebDriver $browser, string $media, string $scheme): void
    {
        $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setEmulatedMedia', 'params' => ['media' => $media, 'features' => [
                ['name' => 'prefers-color-scheme', 'value' => $scheme],
            ]],
        ]);
    }

    /** @return list<string> what the newest cook was told, in the order in which it happened */
    public function eventsTaken(): array
    {
        $database = new PDO("sqlite:{$this->folder}/orbek.sqlite");
        $events = $database->query(
            'select document from cook_events where meal_cook_id = (select id from meal_cooks order by started_at desc, id desc limit 1) order by id',
        );
        $told = static fn (mixed $row): string => trim(
            implode(
                ' ',
                array_intersect_key(
                    (array) json_decode(is_string($row) ? $row : '', true),
                    ['type' => 0, 'subject' => 0],
                ),
            ),
        );

        return $events === false ? [] : array_map($told, array_values($events->fetchAll(PDO::FETCH_COLUMN)));
    }

    /** Ends the server as a power cut would, and begins it anew on the same port. */
    public function killServer(): void
    {
        (new Process(['bash', '-c', 'kill -KILL -- -'.$this->processes[0]->getPid()]))->run();
        // Its workers too must have let go of the port before another can take it.
        for ($looks = 0; $looks < 200 && $this->isThere(); $looks++) {
            usleep(10_000);
        }
    }

    /** @param  array<string, string>  $with settings that differ */
    public function startServer(array $with = []): void
    {
        for ($try = 0; $try < 20; $try++) {
            $this->processes[0] = self::server($this->folder, $this->port, $with);
            // One that could not have the port yet ends at once.
            for ($looks = 0; $looks < 250 && $this->processes[0]->isRunning(); $looks++) {
                if ($this->isThere()) {
                    break 2;
                }
                usleep(20_000);
            }
        }
        self::wait("{$this->url}/orbek.svg");
    }

    /** @param  array<string, string>  $with settings that differ */
    public function artisan(array $with, string ...$arguments): void
    {
        (
            new Process(
                [PHP_BINARY, 'artisan', ...$arguments], dirname(__DIR__, 2), $with + self::env($this->folder), null, 60,
            )
        )->mustRun();
    }

    /** @param  array<string, string>  $with settings that differ */
    private static function server(string $folder, int $port, array $with = []): Process
    {
        $root = dirname(__DIR__, 2);
        // A session of its own, so that workers end with their parent.
        $server = new Process(
            ['setsid', PHP_BINARY, ...self::FAST, '-S', "127.0.0.1:{$port}", "{$root}/serve.php"], "{$root}/public",
            // Settings that differ are read, not those that were cached.
            $with + ($with === [] ? [] : ['APP_CONFIG_CACHE' => "{$folder}/none.php"]) + self::env($folder), null, null,
        );
        // Nobody reads what it prints: a full pipe would hold it after some hundred requests.
        $server->disableOutput();
        $server->start();

        return $server;
    }

    /** @return array<string, string> */
    private static function env(string $folder): array
    {
        return [
            'DB_DATABASE' => "{$folder}/orbek.sqlite", 'CACHE_STORE' => 'file', 'CACHE_PATH' => "{$folder}/cache",
            'APP_KEY' => 'base64:MDEyMzQ1Njc4OWFiY2RlZjAxMjM0NTY3ODlhYmNkZWY=', 'ORBEK_STAND_INS' => 'true',
            // A session kept in a file goes by the file's time, which is the true one on any day the tests are made to see.
            'SESSION_LIFETIME' => '5000000', 'SESSION_DRIVER' => 'file', 'SESSION_FILES' => "{$folder}/sessions",
            'PHP_CLI_SERVER_WORKERS' => '4', 'APP_DEBUG' => 'false',
            // What ./orbek start has cached names the household's own database.
            'APP_CONFIG_CACHE' => "{$folder}/config.php", 'APP_ROUTES_CACHE' => "{$folder}/routes.php",
            'APP_EVENTS_CACHE' => "{$folder}/events.php",
        ];
    }

    private static function start(): self
    {
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/orbek-browser-'.getmypid();
        if (! is_dir($folder)) {
            mkdir("{$folder}/sessions", 0700, true);
        }
        touch("{$folder}/orbek.sqlite");
        (
            new Process(
                [PHP_BINARY, 'artisan', 'migrate:fresh', '--seed', '--force'], $root, self::env($folder), null, 120,
            )
        )->mustRun();
        (new PDO("sqlite:{$folder}/orbek.sqlite"))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        copy("{$folder}/orbek.sqlite", "{$folder}/seeded.sqlite");
        // As ./orbek start does; views are shared with other tests, and compile as they are asked for.
        foreach (['config:cache', 'route:cache', 'event:cache'] as $command) {
            (new Process([PHP_BINARY, 'artisan', $command], $root, self::env($folder), null, 120))->mustRun();
        }

        $port = self::freePort();
        $driverPort = self::freePort();
        $server = self::server($folder, $port);
        $driver = new Process(['setsid', 'chromedriver', "--port={$driverPort}"], null, null, null, null);
        $driver->disableOutput();
        $driver->start();
        $stack = new self(
            "http://127.0.0.1:{$port}", $folder, "http://127.0.0.1:{$driverPort}", [$server, $driver], $port,
        );
        register_shutdown_function(static function () use ($stack, $folder): void {
            foreach ($stack->kept as $browser) {
                $browser->quit();
            }
            foreach ($stack->processes as $process) {
                (new Process(['bash', '-c', 'kill -KILL -- -'.$process->getPid()]))->run();
            }
            (new Process(['rm', '-rf', $folder]))->run();
        });

        self::wait("http://127.0.0.1:{$port}/orbek.svg");
        self::wait("http://127.0.0.1:{$driverPort}/status");
        $stack->warmUp();

        return $stack;
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
