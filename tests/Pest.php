<?php

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Tests\Support\Screens;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->afterEach(fn () => Request::setTrustedHosts([]))
    ->in('Feature');

pest()->afterEach(fn () => Screens::closeAll())->in('Browser');
