<?php

declare(strict_types=1);

// Whether what the shop rests on is well; for owners.
return [
    'title' => 'Health',
    'told' => 'The shop\'s server wants a look',
    'look' => 'Health',
    'seen' => 'Seen, for today',
    'columns' => ['What', 'How it is', 'Since'],
    'state' => ['good' => 'well', 'open' => '–', 'warn' => 'mind', 'bad' => 'not well'],
    'what' => [
        'data' => 'Data', 'disk' => 'Disk', 'backup' => 'Nightly copy', 'trial' => 'Putting it back, tried', 'stock' => 'Stock against its moves',
        'probe' => 'Probe', 'poller' => 'Asking devices', 'mend' => 'Plan mended', 'clock' => 'Clock', 'queue' => 'Queue', 'version' => 'Version',
    ],
    'says' => [
        'unreadable' => 'Can\'t be read, others stand in: :rows.',
        'not_checked' => 'Not checked yet; it is every night.',
        'not_whole' => 'Not whole at the check of :at: :why',
        'whole' => 'Whole, checked :at.',
        'disk' => ':gb GB left.', 'disk_unknown' => 'How much is left is not known.',
        'demo_keeps_none' => 'The demo keeps none.',
        'no_backup' => 'None yet; one is made every night.',
        'backup_failed' => 'It failed :at: :why',
        'backup_failed_since' => 'It failed :at: :why The last good one is of :since.',
        'backup_late' => 'The last is of :at: one is missing.',
        'backup' => ':file, :at.',
        'no_trial' => 'Not tried yet; it is every week.',
        'trial_failed' => 'It could not be put back :at: :why',
        'trial_late' => 'Last tried :at.',
        'trial' => ':at: :said.',
        'stock_differs' => 'A lot has other than its moves come to; see the audit.',
        'stock' => 'Each lot is the sum of its moves.',
        'no_probe' => 'None is set.', 'probe_silent' => 'Silent: :why.', 'probe_not_asked' => 'Not asked yet.', 'probe' => 'It answered :at.',
        'no_poller' => 'Nothing asks: the scheduler does not run.', 'poller_late' => 'Last round :at: the scheduler does not run.', 'poller' => 'Last round :at.',
        'no_mend' => 'No plan is kept yet.', 'mend' => 'Last kept :at.',
        'clock_behind' => 'It is :minutes min behind the newest act: set it before anybody logs more.',
        'clock' => 'Not behind the newest act.',
        'queue' => 'Nothing waits: all is done as it is asked.',
        'version' => ':version, PHP :php.',
    ],
    'up' => '<a href=":url">/up</a> tells a watching machine the same in short.',
];
