<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use RuntimeException;
use Symfony\Component\Process\Process;

/** Orbek in a home network, as ./orbek start --home serves it (HTTPS, caddy, php-fpm), in a folder of its own. */
final class Home
{
    private const STARTS_WITHIN_S = 120;

    private const PASSPHRASE = 'rice over low heat';

    public readonly string $url;

    public readonly string $database;

    private function __construct(private readonly string $folder, private readonly Process $process, int $port)
    {
        $this->url = "https://localhost:{$port}";
        $this->database = "{$folder}/orbek.sqlite";
    }

    /**
     * Serves as long as the work takes, and takes all of it away again.
     *
     * @param  Closure(self): void  $work
     */
    public static function serve(Closure $work): void
    {
        $folder = sys_get_temp_dir().'/orbek-home-'.bin2hex(random_bytes(4));
        mkdir($folder, 0700);
        touch("{$folder}/orbek.sqlite");
        $port = 8700 + random_int(0, 200);
        $process = new Process(
            ['setsid', './orbek', 'start', '--home', '--owner', 'Bench', '--port', (string) $port], dirname(__DIR__, 2),
            [
                'DB_DATABASE' => "{$folder}/orbek.sqlite", 'ORBEK_PASSPHRASE' => self::PASSPHRASE,
                'ORBEK_HOME_RUN' => "{$folder}/run", 'ORBEK_HOME_CACHE' => 'bootstrap/cache/bench-home-config.php',
                'APP_CONFIG_CACHE' => 'bootstrap/cache/bench-config.php', 'CACHE_PATH' => "{$folder}/cache",
            ], null, null,
        );
        $process->start();
        try {
            $home = new self($folder, $process, $port);
            $home->wait();
            $work($home);
        } finally {
            (new Process(['bash', '-c', 'kill -TERM -- -'.$process->getPid()]))->run();
            $process->wait();
            (new Process(
                ['rm', '-rf', $folder, 'bootstrap/cache/bench-home-config.php', 'bootstrap/cache/bench-config.php'],
                dirname(__DIR__, 2),
            ))->run();
        }
    }

    /** A device of its own, signed in: its session's cookies live in the handle. */
    public function signedIn(): \CurlHandle
    {
        $handle = curl_init();
        if ($handle === false) {
            throw new RuntimeException('curl does not start.');
        }
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_COOKIEFILE => '',
            CURLOPT_FOLLOWLOCATION => true, CURLOPT_TIMEOUT => 30, CURLOPT_ENCODING => '',
        ]);
        $page = $this->ask($handle, '/sign-in');
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        $this->ask($handle, '/sign-in', [
            '_token' => $token[1] ?? '', 'name' => 'Bench', 'passphrase' => self::PASSPHRASE,
        ]);

        return $handle;
    }

    /** @param  array<string, string>|null  $form posted where it is given */
    public function ask(\CurlHandle $handle, string $path, ?array $form = null): string
    {
        curl_setopt_array($handle, [CURLOPT_URL => $this->url.$path, CURLOPT_HTTPHEADER => []]);
        $form === null
            ? curl_setopt($handle, CURLOPT_HTTPGET, true)
            : curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query($form));

        return (string) curl_exec($handle);
    }

    /** The token of the session a handle has. */
    public function token(\CurlHandle $handle): string
    {
        $answer = json_decode($this->ask($handle, '/token'), true);

        return is_array($answer) && is_string($answer['token'] ?? null) ? $answer['token'] : '';
    }

    /** @return array<string, float> seconds of the processor so far, by what took them */
    public function processor(): array
    {
        $seconds = ['php' => 0.0, 'caddy' => 0.0];
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            $after = explode(' ', substr((string) strrchr($stat, ')'), 2));
            $name = str_contains($stat, '(php-fpm') ? 'php' : (str_contains($stat, '(caddy)') ? 'caddy' : null);
            if ($name !== null) {
                $seconds[$name] += ((float) ($after[11] ?? 0) + (float) ($after[12] ?? 0)) / 100;
            }
        }

        return $seconds;
    }

    private function wait(): void
    {
        $until = microtime(true) + self::STARTS_WITHIN_S;
        $handle = curl_init();
        if ($handle === false) {
            throw new RuntimeException('curl does not start.');
        }
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_TIMEOUT => 5]);
        while (! str_contains($this->ask($handle, '/sign-in'), '_token')) {
            if (microtime(true) > $until || ! $this->process->isRunning()) {
                throw new RuntimeException('The home server did not start: '.$this->process->getErrorOutput());
            }
            usleep(300_000);
        }
    }
}
