<?php

declare(strict_types=1);

return [
    'stores' => [
        'file' => [
            'driver' => 'careful',
            'path' => env('CACHE_PATH', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_PATH', storage_path('framework/cache/data')),
        ],
    ],

    // Where requests are counted; tests that share a cache count for themselves.
    'limiter' => env('CACHE_LIMITER'),
];
