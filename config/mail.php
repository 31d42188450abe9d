<?php

return [
    'default' => env('MAIL_MAILER') ?: 'outbox',
    'mailers' => [
        // Keeps mail inside the application, where the outbox page shows it; takes none unless fravel.outbox says so.
        'outbox' => ['transport' => 'outbox'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'fravel@localhost.example'), 'name' => 'Fravel'],
];
