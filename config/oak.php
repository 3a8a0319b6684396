<?php

declare(strict_types=1);

return [
    // What happened by itself and how it went, beside the data.
    'notes' => env('OAK_NOTES', storage_path('oak/notes.json')),

    // Copies of every night: where, where else (such as a mounted disk), and the key that seals them.
    'backups' => [
        'folder' => env('OAK_BACKUPS', storage_path('oak/backups')),
        'second' => env('OAK_BACKUPS_SECOND'),
        'key' => env('OAK_BACKUP_KEY'),
    ],

    // Shows the demo login and the bar that skips the clock.
    'demo' => (bool) env('OAK_DEMO', false),

    // Names under which the server answers besides this machine's own and that of APP_URL, with commas between.
    'hosts' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('OAK_HOSTS', ''))))),

    // Addresses or ranges of proxies in front of it that are believed who asks them, with commas between.
    'proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('OAK_PROXIES', ''))))),

    // A fixed moment (UTC, ISO 8601) for tests and screenshots; empty or “no” lets the clock run.
    'frozen_at' => in_array(env('OAK_FROZEN_AT'), [null, '', 'no'], true) ? null : env('OAK_FROZEN_AT'),

    // Where the stand-in probe answers, if it was started.
    'demo_probe_url' => env('OAK_PROBE_URL'),

    // Where the stand-in gloss meter answers, if it was started.
    'demo_meter_url' => env('OAK_METER_URL'),

    // Where the stand-in bench scale answers, if it was started.
    'demo_scale_url' => env('OAK_SCALE_URL'),

    'demo_login' => ['email' => 'ines@hollowquay.example', 'password' => 'oak-and-resin'],

    // The made-up workshop opens its eyes at this local time on a Wednesday.
    'demo_starts_at' => '2027-03-10 16:34:00',
];
