<?php

declare(strict_types=1);

// Finds the classes that the verbs on game files need, without the files that Composer loads for the framework.

$vendor = __DIR__.'/../vendor';
require_once "{$vendor}/composer/ClassLoader.php";
$loader = new Composer\Autoload\ClassLoader;
foreach ([
    'Cli\\' => __DIR__,
    'Fravel\\' => __DIR__.'/../engine',
    'Brick\\Math\\' => "{$vendor}/brick/math/src",
    'Symfony\\Component\\Console\\' => "{$vendor}/symfony/console",
    'Symfony\\Component\\String\\' => "{$vendor}/symfony/string",
    'Symfony\\Contracts\\Service\\' => "{$vendor}/symfony/service-contracts",
    'Psr\\Container\\' => "{$vendor}/psr/container/src",
] as $prefix => $folder) {
    $loader->setPsr4($prefix, $folder);
}
$loader->register();
