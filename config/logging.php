<?php

use App\Logging\OneLine;

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        // A file a day, each kept for two weeks.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/fravel.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'tap' => [OneLine::class],
        ],
        'errorlog' => ['driver' => 'errorlog', 'level' => 'warning', 'tap' => [OneLine::class]],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/fravel.log')],
    ],
];
