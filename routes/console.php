<?php

use App\Console\Commands\EraseRuns;
use Illuminate\Support\Facades\Schedule;

Schedule::command(EraseRuns::class)->hourly();
