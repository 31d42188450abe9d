<?php

declare(strict_types=1);

// Weight and speed of students' pages on a phone, with the demo's data: a server of its own for tools/bench/pages.js.

require __DIR__.'/../../vendor/autoload.php';

use Tests\Support\Server;

/** Page → the label of the run it is looked at in. */
const PAGES = ['join' => '7C', 'page' => '7C', 'stage' => '7A', 'covers' => '5A', 'film' => '9A'];

$server = Server::start();
$open = (new PDO("sqlite:{$server->folder}/fravel.sqlite"))
    ->query('select label, code from runs where closed_at is null');
$codes = $open === false ? [] : $open->fetchAll(PDO::FETCH_KEY_PAIR);
$wanted = array_intersect_key(PAGES, array_flip(array_slice($argv, 2))) ?: PAGES;
$runs = array_map(
    static fn (string $page, string $label): string => "{$page}={$codes[$label]}", array_keys($wanted), $wanted,
);
$looks = (string) max(1, (int) ($argv[1] ?? 5));
$node = proc_open(
    ['node', __DIR__.'/pages.js', $server->address, $looks, ...$runs], [['file', '/dev/null', 'r'], STDOUT, STDERR],
    $pipes, dirname(__DIR__, 2), ['CHROME_PATH' => '/usr/bin/chromium'] + getenv(),
);
$status = is_resource($node) ? proc_close($node) : 1;
$server->stop();
exit($status);
