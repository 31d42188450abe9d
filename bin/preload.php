<?php

declare(strict_types=1);

// Classes that a student's action uses, loaded and linked once when php-fpm starts: named by opcache.preload.

const PRELOADED = [
    'engine/Answer/',
    'engine/Condition/',
    'engine/Document/',
    'engine/Effect/',
    'engine/Play/',
    'engine/State/',
    'engine/Support/',
    'engine/Thing/',
    'app/Play/',
    'app/Storage/',
    'app/Actions/CastVote.php',
    'app/Actions/KeepOutcome.php',
    'app/Actions/TakeAction.php',
    'app/Http/Middleware/',
    'app/Http/ActionKernel.php',
    'app/Http/Key.php',
    'app/Http/ScriptedAction.php',
    'app/Http/Controllers/Controller.php',
    'app/Http/Controllers/PlayController.php',
    'app/Providers/',
    'vendor/brick/math/src/',
    'vendor/symfony/http-foundation/',
    'vendor/laravel/framework/src/Illuminate/Foundation/Application.php',
    'vendor/laravel/framework/src/Illuminate/Foundation/Http/',
    'vendor/laravel/framework/src/Illuminate/Foundation/Bootstrap/',
    'vendor/laravel/framework/src/Illuminate/Foundation/Providers/',
    'vendor/laravel/framework/src/Illuminate/Contracts/',
    'vendor/laravel/framework/src/Illuminate/Container/',
    'vendor/laravel/framework/src/Illuminate/Routing/',
    'vendor/laravel/framework/src/Illuminate/Http/',
    'vendor/laravel/framework/src/Illuminate/Database/',
    'vendor/laravel/framework/src/Illuminate/Support/',
    'vendor/laravel/framework/src/Illuminate/Collections/',
    'vendor/laravel/framework/src/Illuminate/Pipeline/',
    'vendor/laravel/framework/src/Illuminate/Events/',
    'vendor/laravel/framework/src/Illuminate/Config/',
    'vendor/laravel/framework/src/Illuminate/Translation/',
    'vendor/laravel/framework/src/Illuminate/Filesystem/',
    'vendor/laravel/framework/src/Illuminate/View/',
    'vendor/laravel/framework/src/Illuminate/Log/',
    'vendor/nesbot/carbon/src/Carbon/',
    'vendor/psr/',
];

$root = dirname(__DIR__);
$classes = require $root.'/vendor/composer/autoload_classmap.php';
require $root.'/vendor/composer/ClassLoader.php';
$loader = new Composer\Autoload\ClassLoader();
$loader->addClassMap($classes);
// What has come since the map was drawn is found by its name.
foreach (require $root.'/vendor/composer/autoload_psr4.php' as $prefix => $folders) {
    $loader->setPsr4($prefix, $folders);
}
$loader->register();

foreach ($classes as $class => $file) {
    $path = substr($file, strlen($root) + 1);
    $isWanted = array_filter(PRELOADED, static fn (string $start): bool => str_starts_with($path, $start)) !== [];
    if (
        ! $isWanted ||
        preg_match(
            '~/(Test|Tests|Testing|Console|Eloquent/Factories|Migrations|Seeder|PHPStan|Doctrine'
                .'|Laravel/ServiceProvider|Session/Storage/Handler)\b~',
            $path,
        ) === 1
    ) {
        continue;
    }
    try {
        class_exists($class) || interface_exists($class) || trait_exists($class);
    } catch (Throwable) {
        // A class whose parent belongs to a package that isn't here: nobody will miss it.
    }
}
