<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

final class BootTest extends TestCase
{
    /** What a command sets for itself, such as a database in memory, holds: nothing was opened before it could. */
    public function testTheApplicationOpensNoDatabaseBeforeItIsAsked(): void
    {
        self::assertSame([], DB::getConnections());
    }
}
