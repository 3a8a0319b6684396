<?php

declare(strict_types=1);

namespace App\Backup;

/** A copy that can't be put back; the data stay as they are. */
final class NotRestored extends \RuntimeException
{
    public static function because(string $why): self
    {
        return new self("{$why} Nothing was changed.");
    }
}
