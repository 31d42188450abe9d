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
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';
