<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Opens SQLite so that every transaction takes the write lock first. The framework does so from PHP 8.4 only. */
final class ImmediateSqliteConnector extends SQLiteConnector
{
    /** @param array<int, mixed> $options */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): ImmediatePdo
    {
        $file = substr($dsn, strlen('sqlite:'));

        return new ImmediatePdo($dsn, $username, $password, $options, is_file($file) ? $file : null);
    }
}
