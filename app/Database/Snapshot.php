<?php

declare(strict_types=1);

namespace App\Database;

/** What was read of the database, each reading with the tables that it rests on. Nothing in it changes: a write yields the next one. */
final readonly class Snapshot
{
    /** @param array<string, array{mixed, array<string, true>}> $readings value and tables, by name */
    public function __construct(private array $readings = [])
    {
    }

    public function has(string $name): bool
    {
        return isset($this->readings[$name]);
    }

    public function value(string $name): mixed
    {
        return $this->readings[$name][0];
    }

    /** @return array<string, true> */
    public function restsOn(string $name): array
    {
        return $this->readings[$name][1];
    }

    /** @param array<string, true> $tables */
    public function with(string $name, mixed $value, array $tables): self
    {
        return new self([$name => [$value, $tables]] + $this->readings);
    }

    /**
     * The next one: what rests on none of these tables is as it was.
     *
     * @param array<string, true> $tables that were written
     */
    public function after(array $tables): self
    {
        return new self(array_filter($this->readings, fn (array $of): bool => array_intersect_key($of[1], $tables) === []));
    }
}
