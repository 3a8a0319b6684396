<?php

declare(strict_types=1);

namespace App\Database;

use Closure;

/**
 * The database as this request sees it: what was read once is not read again until a table that it rests on is written. Which
 * those are is heard, not declared: the tables that are asked while it is read. Whoever takes the write lock begins anew,
 * for another may have written while it waited.
 */
final class Present
{
    /** Who acts, and for which shop, is handed on as a model and asked for no more: after a write to these nothing stands. */
    private const HANDED_ON = ['shops' => true, 'users' => true];

    private Snapshot $now;

    /** @var list<array<string, true>> tables that were asked, of each reading under way */
    private array $asked = [];

    /** @var array<string, true> tables that were written since the outermost reading under way began */
    private array $written = [];

    public function __construct()
    {
        $this->now = new Snapshot();
    }

    /**
     * @template T
     *
     * @param Closure(): T $read from the database, and from nothing else that may change
     *
     * @return T
     */
    public function read(string $name, Closure $read): mixed
    {
        if ($this->now->has($name)) {
            $this->rests($this->now->restsOn($name));

            return $this->now->value($name);
        }
        $this->written = $this->asked === [] ? [] : $this->written;
        $this->asked[] = [];
        try {
            $value = $read();
        } finally {
            $tables = array_pop($this->asked) ?? [];
        }
        $this->rests($tables);
        // What was written while it was read may have come too late for it.
        if (array_intersect_key($tables, $this->written) === []) {
            $this->now = $this->now->with($name, $value, $tables);
        }

        return $value;
    }

    /** Everything is read anew. */
    public function anew(): void
    {
        $this->now = new Snapshot();
    }

    /** A statement that the database has carried out. */
    public function heard(string $sql): void
    {
        preg_match_all('/\b(?:from|join|into|update)\s+"?(\w+)"?/i', $sql, $named);
        $tables = array_fill_keys($named[1], true);
        if (preg_match('/^\s*(?:select|with|pragma|explain)\b/i', $sql) === 1) {
            $this->rests($tables);
        } elseif ($tables !== []) {
            $this->written += $tables;
            // A row that goes may take others along.
            $all = preg_match('/^\s*delete\b/i', $sql) === 1 || array_intersect_key($tables, self::HANDED_ON) !== [];
            $this->now = $all ? new Snapshot() : $this->now->after($tables);
        }
    }

    /** @param array<string, true> $tables */
    private function rests(array $tables): void
    {
        $under = count($this->asked) - 1;
        if ($under >= 0) {
            $this->asked[$under] += $tables;
        }
    }
}
