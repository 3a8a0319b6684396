<?php

declare(strict_types=1);

return [
    'no_amount' => 'An amount in :currency, with at most :digits digits after the point.',
];
