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

    /** @var resource|null held from the begin to the end of a transaction */
    private mixed $turn = null;

    /**
     * @param array<int, mixed>|null $options
     * @param string|null            $file    whose writers wait in a row; null for a memory that has one
     */
    public function __construct(string $dsn, ?string $user, ?string $password, ?array $options, private readonly ?string $file)
    {
        parent::__construct($dsn, $user, $password, $options);
    }

    public function beginTransaction(): bool
    {
        $this->takeTurn();
        try {
            $this->exec('BEGIN IMMEDIATE');
        } catch (\PDOException $e) {
            $this->turn = null;

            throw $e;
        }

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        try {
            $this->exec('COMMIT');
        } catch (\PDOException $e) {
            // What could not be kept is not left open: the next would write into it.
            $this->abandon();

            throw $e;
        }
        $this->isOpen = false;
        $this->turn = null;

        return true;
    }

    private function abandon(): void
    {
        try {
            $this->rollBack();
        } catch (\PDOException) {
            // SQLite itself has rolled back.
        }
    }

    /**
     * A write outside a transaction waits in the same row.
     *
     * @template T
     *
     * @param \Closure(): T $write
     *
     * @return T
     */
    public function inTurn(\Closure $write): mixed
    {
        if ($this->inTransaction()) {
            return $write();
        }
        $this->takeTurn();
        try {
            return $write();
        } finally {
            $this->turn = null;
        }
    }

    public function rollBack(): bool
    {
        // SQLite itself rolls back when the disk is full: then there is nothing left to end.
        $this->isOpen = false;
        try {
            $this->exec('ROLLBACK');
        } finally {
            $this->turn = null;
        }

        return true;
    }

    /**
     * SQLite lets its waiting writers ask again now and then, and the unlucky one waits long: a lock of the file beside it
     * lets them in as they came. A process that dies gives its turn back.
     */
    private function takeTurn(): void
    {
        if ($this->file !== null) {
            $this->turn = fopen("{$this->file}.turn", 'c') ?: null;
            if ($this->turn !== null) {
                flock($this->turn, LOCK_EX);
            }
        }
    }

    public function inTransaction(): bool
    {
        return $this->isOpen || parent::inTransaction();
    }
}
