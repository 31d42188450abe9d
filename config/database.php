<?php

return [
    'default' => 'sqlite',

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', storage_path('app/fravel.sqlite')),
            'prefix' => '',
            // The journal mode belongs to the file and is set once, by the first migration.
            'pragmas' => ['foreign_keys' => 1, 'busy_timeout' => 5000, 'synchronous' => env('DB_SYNCHRONOUS', 'FULL')],
            // The last close of a WAL database checkpoints and syncs, so a serving process keeps its connection.
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)],
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
