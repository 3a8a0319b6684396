<?php

declare(strict_types=1);

namespace App\Devices;

/** A probe gave no answer that can be read. */
final class ProbeSilent extends \RuntimeException
{
    public static function noAnswer(string $why): self
    {
        return new self("no answer ({$why})");
    }

    public static function status(int $status): self
    {
        return new self("it answers with status {$status}");
    }

    public static function unreadable(): self
    {
        return new self('its answer is no JSON with an air_c');
    }
}
