<?php

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Screens;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

pest()->afterEach(fn () => Screens::closeAll())->in('Browser');
