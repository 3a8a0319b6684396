<?php

declare(strict_types=1);

return [
    'driver' => 'prehashed',
    'bcrypt' => ['rounds' => env('BCRYPT_ROUNDS', 12), 'verify' => false],
    'rehash_on_login' => true,
];
