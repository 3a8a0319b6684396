<?php

declare(strict_types=1);

return [
    'default' => 'careful',
    'channels' => [
        // A log that can't be written, on a full disk, stops no answer.
        'careful' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/oak.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => (int) env('LOG_DAILY_DAYS', 30),
            'permission' => 0640,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
