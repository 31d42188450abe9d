<?php

return [
    // Files, not SQLite: a session in the database turns every GET into a write.
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 240,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'fravel_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
];
