<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // No route serves what lies there.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true]],
    'links' => [],
];
