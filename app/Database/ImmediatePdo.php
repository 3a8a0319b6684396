<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * A connection to SQLite whose transactions take the write lock as they begin. One that begins deferred, as PDO does by
 * itself, reads first and is refused at its first write if another wrote meanwhile; this one waits its turn, and what it
 * reads stays true until it ends.
 */
final class ImmediatePdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        // SQLite itself rolls back when the disk is full: then there is nothing left to end.
        $this->isOpen = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen || parent::inTransaction();
    }
}
