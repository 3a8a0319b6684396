<?php

declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';

// One class of the core is another one: its mutant.
spl_autoload_register(function (string $class): void {
    if ($class === getenv('MUTANT_CLASS')) {
        require (string) getenv('MUTANT_COPY');
    }
}, true, true);
