<?php

use App\Http\ActionKernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

require __DIR__.'/../vendor/autoload.php';

$request = Request::capture();
$answer = ActionKernel::answer(dirname(__DIR__), $request);
if ($answer !== null) {
    $answer->send();

    return;
}

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest($request);
