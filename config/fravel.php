<?php

return [
    // Compiled editions, one PHP file each under its content hash.
    'editions' => env('FRAVEL_EDITIONS', storage_path('app/editions')),

    // Files of games, each under the hash of its content.
    'files' => env('FRAVEL_FILES', storage_path('app/files')),

    // A learning record store that takes the place of the receiver inside the application, and its secret.
    'receiver' => env('FRAVEL_RECEIVER'),
    'receiver_secret' => env('FRAVEL_RECEIVER_SECRET'),

    // Reports and exports of large runs on their way to a teacher, for an hour; and the plays past which a run is large.
    'reports' => env('FRAVEL_REPORTS', storage_path('app/reports')),
    'large_run' => (int) env('FRAVEL_LARGE_RUN', 400),

    // What tells devices that something changed: served as files under /pulse by the web server.
    'pulse' => env('FRAVEL_PULSE', storage_path('app/pulse')),

    // Whether letters may stay inside the application, where everybody can read them: for trying out, and nowhere else.
    'outbox' => (bool) env('FRAVEL_OUTBOX', env('APP_ENV', 'production') === 'local'),

    // Names under which the application may be called, beside the one in its address; and proxies whose word is taken.
    'hosts' => array_values(array_filter(explode(',', (string) env('FRAVEL_HOSTS', '')))),
    'proxies' => array_values(array_filter(explode(',', (string) env('FRAVEL_PROXIES', '')))),

    // Whether the bare route to measure against is there.
    'bench' => (bool) env('FRAVEL_BENCH', false),

    // Languages of games, each by its own name. Those with a folder in lang/ are spoken by the interface too.
    'languages' => [
        'en' => 'English',
        'fr' => 'Français',
        'de' => 'Deutsch',
        'es' => 'Español',
        'it' => 'Italiano',
        'nl' => 'Nederlands',
        'pt' => 'Português',
    ],

    // The largest film or sound that is taken, in megabytes.
    'clip_megabytes' => (int) env('FRAVEL_CLIP_MEGABYTES', 500),

    // Whether the web server in front sends files itself when it is told where they are (X-Accel-Redirect).
    'accel' => env('FRAVEL_ACCEL'),

    // The largest worksheet that is read, in bytes.
    'worksheet_bytes' => 1_000_000,
];
