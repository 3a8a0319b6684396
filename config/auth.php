<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    // Who stays signed in does so for 30 days, minutes.
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 30 * 1440]],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
];
