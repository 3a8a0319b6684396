<?php

declare(strict_types=1);

namespace App\Files;

/** A line of a file that can't be taken; nothing of the file is. */
final class BadLine extends \DomainException
{
    public static function at(int $line, ?string $column, string $why): self
    {
        return new self("Line {$line}".($column === null ? '' : ", column {$column}").": {$why}.");
    }
}
