<?php

declare(strict_types=1);

// Over HTTPS the cookie is bound to this very name, and no other page of it may set one.
$isSafe = str_starts_with((string) env('APP_URL', ''), 'https://');

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 720,
    'expire_on_close' => false,
    'encrypt' => true,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    // Two servers on one machine must not sign each other out.
    'cookie' => env('SESSION_COOKIE', $isSafe ? '__Host-oak_gloss' : 'oak_gloss_session'),
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', $isSafe ?: null),
    'http_only' => true,
    'same_site' => 'lax',
];
