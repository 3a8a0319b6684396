<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A process of its own group in the background, such as a server; ended with all that it started. */
final class Background
{
    /** @param resource $process */
    private function __construct(private readonly mixed $process)
    {
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    public static function start(array $command, array $environment, string $in = '.'): self
    {
        $root = dirname(__DIR__, 2);
        $process = proc_open(['setsid', ...$command], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, "{$root}/{$in}", $environment);

        return new self($process === false ? throw new \RuntimeException("could not start {$command[0]}") : $process);
    }

    public function end(): void
    {
        if (! is_resource($this->process)) {
            return;
        }
        // The server's workers are its own children: ending the group ends them too.
        posix_kill(-proc_get_status($this->process)['pid'], SIGTERM);
        proc_terminate($this->process);
        proc_close($this->process);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('no free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    public static function waitFor(int $port): void
    {
        for ($try = 0; $try < 200; $try++) {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50000);
        }

        throw new \RuntimeException("nothing answers on port {$port}");
    }
}
