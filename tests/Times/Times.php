<?php

declare(strict_types=1);

namespace Tests\Times;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * How long each test took, by the clock and of this process's processor: a line of it in the file that OAK_TIMES names, from
 * all processes. `php tests/Times/print.php` adds them up by class.
 */
final class Times implements Extension
{
    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $file = (string) getenv('OAK_TIMES');
        if ($file === '') {
            return;
        }
        $began = new \ArrayObject();
        $facade->registerSubscribers(
            new class ($began) implements PreparationStartedSubscriber {
                public function __construct(private readonly \ArrayObject $began)
                {
                }

                public function notify(PreparationStarted $event): void
                {
                    $this->began->exchangeArray(Times::now());
                }
            },
            new class ($began, $file) implements FinishedSubscriber {
                public function __construct(private readonly \ArrayObject $began, private readonly string $file)
                {
                }

                public function notify(Finished $event): void
                {
                    $test = $event->test();
                    [$clock, $processor] = Times::now();
                    $class = $test instanceof TestMethod ? $test->className() : $test->name();
                    $line = implode("\t", [$class, $clock - $this->began[0], $processor - $this->began[1], $test->name()])."\n";
                    file_put_contents($this->file, $line, FILE_APPEND | LOCK_EX);
                }
            },
        );
    }

    /** @return array{float, float} clock and processor, seconds */
    public static function now(): array
    {
        $used = getrusage() ?: [];
        $seconds = fn (string $of): float => ($used["ru_{$of}.tv_sec"] ?? 0) + ($used["ru_{$of}.tv_usec"] ?? 0) / 1e6;

        return [hrtime(true) / 1e9, $seconds('utime') + $seconds('stime')];
    }
}
