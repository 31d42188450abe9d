<?php

return [
    // Compiled editions, one PHP file each under its content hash.
    'editions' => env('FRAVEL_EDITIONS', storage_path('app/editions')),

    // Files of games, each under the hash of its content.
    'files' => env('FRAVEL_FILES', storage_path('app/files')),

    // Whether the bare route to measure against is there.
    'bench' => (bool) env('FRAVEL_BENCH', false),

    // The largest worksheet that is read, in bytes.
    'worksheet_bytes' => 1_000_000,
];
