<?php

declare(strict_types=1);

/*
 * The router of `php -S` (see ./orbek start): files in public/ go out with the headers that the
 * application puts on its pages, compressed and kept where their name says what is in them. They are
 * the same for everybody and name nobody, so that every host may have them; all else goes to the
 * application, which knows under which names it answers.
 */

const KEPT_TYPES = [
    'css' => 'text/css; charset=UTF-8', 'js' => 'text/javascript; charset=UTF-8', 'json' => 'application/json',
    'svg' => 'image/svg+xml', 'png' => 'image/png', 'woff2' => 'font/woff2', 'webmanifest' => 'application/manifest+json',
];

header_remove('X-Powered-By');
$public = __DIR__.'/public';
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath($public.$path);
$type = KEPT_TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;

if ($type === null || $file === false || ! is_file($file) || ! str_starts_with($file, $public.'/')) {
    $_SERVER['SCRIPT_NAME'] = '/index.php';
    chdir($public);
    require $public.'/index.php';

    return;
}

$bytes = (string) file_get_contents($file);
header("Content-Type: {$type}");
header('X-Content-Type-Options: nosniff');
header('Referrer-Policy: same-origin');
// The worker fetches what it keeps, from here and nowhere else.
$isWorker = $path === '/build/sw.js';
header('Content-Security-Policy: '.($isWorker ? "default-src 'self'" : "default-src 'none'")."; frame-ancestors 'none'");
if ($isWorker) {
    header('Service-Worker-Allowed: /');
}
// Built files carry their content's sum in their name.
header(
    'Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'),
);
if (
    preg_match('/^(png|woff2)$/', pathinfo($path, PATHINFO_EXTENSION)) !== 1
        && str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip')
) {
    $bytes = (string) gzencode($bytes, 6);
    header('Content-Encoding: gzip');
    header('Vary: Accept-Encoding');
}
header('Content-Length: '.strlen($bytes));
echo $bytes;
