<?php

use App\Console\Commands\EraseRuns;
use App\Console\Commands\SendRecords;
use Illuminate\Support\Facades\Schedule;

Schedule::command(EraseRuns::class)->hourly();
Schedule::command(SendRecords::class)->everyMinute();
