<?php

declare(strict_types=1);

// The frame around every page.
return [
    'rooms' => [
        'bench' => 'Bench', 'parts' => 'Parts', 'run-sheet' => 'Run sheet', 'shelf' => 'Shelf',
        'air' => 'Air', 'practice' => 'Practice', 'shop' => 'Shop',
    ],
    'sending' => 'Sending', 'skip_to_due' => 'To what is due',
    'skip' => 'Skip to the work',
    'home' => 'Oak Gloss, to the bench',
    'to_bench' => 'To the bench',
    'nav' => 'Rooms',
    'humid' => ':rh % · dew :dew',
    'type_air' => 'Type the air',
    'rising' => 'rising :by/h',
    'falling' => 'falling :by/h',
    'people' => 'People',
    'account' => ':initials: your sign-in, :name',
    'signed_in' => 'Signed in as :name',
    'sign_out' => 'Sign out',
    'reads' => 'You read along. Acts are for who works in the shop.',
    'clock' => 'Demo clock',
    'skip_clock' => 'Skip',
    'skip_to' => [
        'window' => 'to the next window',
        '15' => '+15 min',
        '60' => '+1 h',
        'tomorrow' => 'tomorrow<span class="wide"> 08:00</span>',
    ],
    'keys' => 'Keys',
    'more_keys' => [
        'f' => 'Find', 'n' => 'New part', 'w' => 'Weigh the coat that is due', 'c' => 'Coat is on', 't' => 'Tack check',
        'm' => 'Uniformly matt, in Sand', '?' => 'This help',
    ],
    'find' => 'Find',
    'close' => 'Close',
    'why' => 'why',
    'caution' => 'Caution at this step',
    'severity' => ['refuse' => 'Not this way', 'warn' => 'Mind', 'note' => 'Note'],
    'as_table' => 'The same as a table',
    'sign_in' => [
        'title' => 'Sign in', 'email' => 'Address', 'password' => 'Password', 'remember' => 'Stay signed in on this device',
        'demo' => 'This is the demo workshop. Sign in with',
    ],
];
