<?php

declare(strict_types=1);

namespace App\Stock;

/** One jar of one sheet of the shelf, by the newest sheet. */
final readonly class Jar
{
    public function __construct(public string $kind, public int $itemId, public string $jar = '')
    {
    }

    public function key(): string
    {
        return "{$this->kind}:{$this->itemId}:{$this->jar}";
    }
}
