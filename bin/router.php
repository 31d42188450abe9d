<?php

declare(strict_types=1);

// Routes for PHP's own web server: files of public/, pulses, and everything else through the application.

/** What is text grows small on its way. */
const TEXTS = [
    'css' => 'text/css', 'js' => 'text/javascript', 'svg' => 'image/svg+xml', 'json' => 'application/json',
    'webmanifest' => 'application/manifest+json', 'txt' => 'text/plain',
];

const OTHERS = [
    'woff2' => 'font/woff2', 'woff' => 'font/woff', 'ttf' => 'font/ttf', 'png' => 'image/png', 'ico' => 'image/x-icon',
    'webp' => 'image/webp',
];

/** Shorter ones are sent as they are. */
const LEAST = 1000;

/** What is built has its content in its name; the rest may be another tomorrow. */
function keptFor(string $path): string
{
    return str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'public, max-age=86400';
}

function takesGzip(): bool
{
    return str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip');
}

function sendFile(string $file, string $path, string $extension): never
{
    header('Content-Type: '.(TEXTS[$extension] ?? OTHERS[$extension]));
    header('Cache-Control: '.keptFor($path));
    header('X-Content-Type-Options: nosniff');
    $content = (string) file_get_contents($file);
    if (isset(TEXTS[$extension])) {
        header('Vary: Accept-Encoding');
        if (takesGzip() && strlen($content) > LEAST) {
            header('Content-Encoding: gzip');
            $content = (string) gzencode($content, 6);
        }
    }
    header('Content-Length: '.strlen($content));
    exit($_SERVER['REQUEST_METHOD'] === 'HEAD' ? '' : $content);
}

/** Pages and replies grow small; files, which may be sent in parts, stay as they are. */
function compressed(string $sent): string
{
    $type = '';
    foreach (headers_list() as $header) {
        $type = stripos($header, 'Content-Type:') === 0 ? $header : $type;
        if (preg_match('/^Content-(?:Length|Range|Encoding):/i', $header) === 1) {
            return $sent;
        }
    }
    if (strlen($sent) < LEAST || preg_match('~text/html|application/json~', $type) !== 1) {
        return $sent;
    }
    header('Content-Encoding: gzip');
    header('Vary: Accept-Encoding', false);

    return (string) gzencode($sent, 4);
}

$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath(__DIR__.'/../public'.$path);
if (
    $file !== false &&
    is_file($file) &&
    str_starts_with($file, realpath(__DIR__.'/../public').DIRECTORY_SEPARATOR) &&
    ! str_ends_with($file, '.php')
) {
    $extension = strtolower(pathinfo($file, PATHINFO_EXTENSION));
    isset(TEXTS[$extension]) || isset(OTHERS[$extension]) ? sendFile($file, $path, $extension) : null;

    return false;
}
// What tells devices that something changed needs no application.
if (preg_match('~^/pulse/([0-9a-f]{32})$~D', $path, $pulse) === 1) {
    $beats = getenv('FRAVEL_PULSE') ?: __DIR__.'/../storage/app/pulse';
    // Boards read on from where they were.
    $isPart = preg_match('~^bytes=(\d+)-$~D', $_SERVER['HTTP_RANGE'] ?? '', $from) === 1;
    $beat = @file_get_contents("{$beats}/{$pulse[1]}", offset: (int) ($from[1] ?? 0));
    http_response_code($beat === false ? 404 : ($isPart ? 206 : 200));
    header('Content-Type: text/plain');
    header('Cache-Control: no-store');
    exit($beat === false ? '' : $beat);
}
if (takesGzip() && preg_match('~^/(?:files|p/[A-Za-z]+/clip)/~', $path) !== 1) {
    ob_start(compressed(...));
}
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';
