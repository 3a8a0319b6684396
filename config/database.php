<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', storage_path('oak/shop.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Who writes waits for the one before, twenty of them too.
            'busy_timeout' => 60000,
            'journal_mode' => 'WAL',
            'transaction_mode' => 'IMMEDIATE',
            // A kept act is on the disk before it is said to be kept.
            'synchronous' => 'FULL',
            // A row that is replaced is deleted, and triggers that forbid that must see it.
            'pragmas' => ['recursive_triggers' => 'on'],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
