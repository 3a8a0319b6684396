<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\Schema\Grammars\SQLiteGrammar;
use Illuminate\Database\SQLiteConnection as LaravelConnection;

/** SQLite rolls back what changes tables, too: a migration that fails half-way leaves nothing and can be run again. */
final class SqliteConnection extends LaravelConnection
{
    private int $rowsRead = 0;

    /** Rows that queries of this connection have given, for the bench. */
    public function rowsRead(): int
    {
        return $this->rowsRead;
    }

    /**
     * @param string      $query
     * @param list<mixed> $bindings
     * @param bool        $useReadPdo
     *
     * @return array<array-key, mixed>
     */
    public function select($query, $bindings = [], $useReadPdo = true): array
    {
        $rows = parent::select($query, $bindings, $useReadPdo);
        $this->rowsRead += count($rows);

        return $rows;
    }

    /**
     * @param string      $query
     * @param list<mixed> $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        return $this->inTurn(fn (): bool => parent::statement($query, $bindings));
    }

    /**
     * @param string      $query
     * @param list<mixed> $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        return $this->inTurn(fn (): int => parent::affectingStatement($query, $bindings));
    }

    /** @param string $query */
    public function unprepared($query): bool
    {
        return $this->inTurn(fn (): bool => parent::unprepared($query));
    }

    /**
     * Every write waits its turn, as transactions do: one that only asks again and again may starve.
     *
     * @template T
     *
     * @param Closure(): T $write
     *
     * @return T
     */
    private function inTurn(Closure $write): mixed
    {
        $pdo = $this->getPdo();

        return $pdo instanceof ImmediatePdo ? $pdo->inTurn($write) : $write();
    }

    protected function getDefaultSchemaGrammar(): SQLiteGrammar
    {
        return new class ($this) extends SQLiteGrammar {
            protected $transactions = true;
        };
    }
}
