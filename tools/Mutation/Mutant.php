<?php

declare(strict_types=1);

namespace Tools\Mutation;

/** One change of one place of the core, and the tests that run over its line. */
final readonly class Mutant implements \Stringable
{
    /** @param list<string> $tests tests with their classes and data sets */
    public function __construct(
        public string $room,
        public string $file,
        public int $line,
        public int $from,
        public int $until,
        public string $was,
        public string $is,
        public array $tests,
    ) {
    }

    public function source(): string
    {
        return substr_replace((string) file_get_contents($this->file), $this->is, $this->from, $this->until - $this->from);
    }

    public function __toString(): string
    {
        $short = fn (string $code): string => mb_strimwidth((string) preg_replace('/\s+/', ' ', $code), 0, 70, '…');

        return substr($this->file, (int) strpos($this->file, '/core/') + 1).":{$this->line}  {$short($this->was)}  →  {$short($this->is)}";
    }
}
