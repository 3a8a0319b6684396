<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Schema\Grammars\SQLiteGrammar;
use Illuminate\Database\SQLiteConnection as LaravelConnection;

/** SQLite rolls back what changes tables, too: a migration that fails half-way leaves nothing and can be run again. */
final class SqliteConnection extends LaravelConnection
{
    protected function getDefaultSchemaGrammar(): SQLiteGrammar
    {
        return new class ($this) extends SQLiteGrammar {
            protected $transactions = true;
        };
    }
}
