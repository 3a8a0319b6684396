<?php

declare(strict_types=1);

return [
    // Where requests are counted; tests that share a cache count for themselves.
    'limiter' => env('CACHE_LIMITER'),
];
