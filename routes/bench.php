<?php

use Illuminate\Support\Facades\Route;

// Loaded only while measuring: the least that a route of the framework can be.
Route::get('/bench/bare', fn (): string => 'bare');
