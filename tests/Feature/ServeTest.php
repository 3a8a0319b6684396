<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A server as `./oak install` makes it, built in a folder of its own and tried from outside. */
final class ServeTest extends TestCase
{
    public function testAllOfAServerStandsInAFolderOfItsOwn(): void
    {
        $root = dirname(__DIR__, 2);
        $check = new Process(['tools/server', 'check'], $root, array_fill_keys(['APP_ENV', 'APP_KEY', 'OAK_DEMO', 'OAK_FROZEN_AT', 'OAK_NOTES', 'BCRYPT_ROUNDS', 'CACHE_STORE', 'APP_MAINTENANCE_DRIVER', 'APP_MAINTENANCE_STORE', 'DB_DATABASE', 'SESSION_DRIVER'], false), null, 240);
        $check->run();
        if ($check->getExitCode() === 77) {
            self::markTestSkipped('nginx-light and php8.2-fpm are not here: '.$check->getErrorOutput());
        }
        self::assertSame(0, $check->getExitCode(), $check->getOutput().$check->getErrorOutput());
        self::assertStringContainsString('All of it stands.', $check->getOutput());
        self::assertGreaterThan(12, substr_count($check->getOutput(), "\nok ") + 1);
    }
}
