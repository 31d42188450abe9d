<?php

// Routes for PHP's own web server: files of public/ as they are, everything else through the application.
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath(__DIR__.'/../public'.$path);
if (
    $file !== false &&
    is_file($file) &&
    str_starts_with($file, realpath(__DIR__.'/../public').DIRECTORY_SEPARATOR) &&
    ! str_ends_with($file, '.php')
) {
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
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';
