<?php

declare(strict_types=1);

// Finds the classes that the verbs on game files need, without the files that Composer loads for the framework.

require_once __DIR__.'/../vendor/composer/ClassLoader.php';
$loader = new Composer\Autoload\ClassLoader;
$loader->setPsr4('Fravel\\', __DIR__.'/../engine');
$loader->setPsr4('App\\', __DIR__.'/../app');
$loader->setPsr4('Brick\\Math\\', __DIR__.'/../vendor/brick/math/src');
$loader->register();
