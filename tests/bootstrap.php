<?php

declare(strict_types=1);

// Each checkout, and each process that tests it, has a folder of its own for what its tests write.

$folder = sys_get_temp_dir().'/fravel-tests-'.substr(md5(dirname(__DIR__).getenv('TEST_TOKEN')), 0, 8);
exec('rm -rf '.escapeshellarg($folder));
$own = [
    'FRAVEL_EDITIONS' => "{$folder}/editions", 'FRAVEL_FILES' => "{$folder}/files", 'FRAVEL_PULSE' => "{$folder}/pulse",
    'FRAVEL_REPORTS' => "{$folder}/reports",
];
foreach ($own as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}

require __DIR__.'/../vendor/autoload.php';
