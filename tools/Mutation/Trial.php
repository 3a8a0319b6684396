<?php

declare(strict_types=1);

namespace Tools\Mutation;

use Symfony\Component\Process\Process;

/** Runs the tests of the core: once to see which of them cover which line, then for each mutant those that cover its own. */
final class Trial
{
    /** A mutant that takes longer has died: it runs for ever. */
    private const SECONDS = 20;

    /** A class of tests that takes longer is a sweep, and left out, seconds. */
    private const SWEEP_S = 6.0;

    /** No mutant is tried on more: those that cover fewest lines else first. */
    private const MOST_TESTS = 25;

    public function __construct(private readonly string $root)
    {
    }

    /** @return array<string, array<int, list<string>>> tests by file and line */
    public function coverage(): array
    {
        $kept = "{$this->root}/storage/framework/testing";
        [$times, $report] = ["{$kept}/mutate-times.tsv", "{$kept}/mutate.cov"];
        @unlink($times);
        (new Process([
            PHP_BINARY, '-d', 'memory_limit=4G', '-d', 'extension=pcov.so', '-d', "pcov.directory={$this->root}/core", 'vendor/bin/phpunit',
            '--testsuite', 'core', '--coverage-filter', 'core', '--coverage-php', $report,
        ], $this->root, ['OAK_TIMES' => $times], null, null))->mustRun();
        $took = [];
        foreach (file($times, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$class, $seconds] = explode("\t", $line);
            $took[$class] = ($took[$class] ?? 0.0) + (float) $seconds;
        }
        $covered = [];
        foreach ((include $report)->getData()->lineCoverage() as $file => $lines) {
            foreach ($lines as $line => $tests) {
                $names = array_unique(array_map(fn (string $id): string => (string) preg_replace('/[ #].*/s', '', $id), $tests ?? []));
                $covered[$file][$line] = array_values(array_filter(
                    $names,
                    fn (string $name): bool => ($took[explode('::', $name)[0]] ?? 0.0) <= self::SWEEP_S,
                ));
            }
        }

        return $covered;
    }

    /**
     * @param list<Mutant> $mutants
     *
     * @return iterable<array{Mutant, bool}> each, and whether a test noticed
     */
    public function each(array $mutants, int $processes): iterable
    {
        $running = [];
        while ($mutants !== [] || $running !== []) {
            while ($mutants !== [] && count($running) < $processes) {
                $mutant = array_shift($mutants);
                $running[] = [$mutant, $this->start($mutant), microtime(true)];
            }
            foreach ($running as $i => [$mutant, $process, $since]) {
                $isLate = microtime(true) - $since > self::SECONDS;
                if ($isLate || ! $process->isRunning()) {
                    $isLate && $process->stop(0.0);
                    unset($running[$i]);

                    yield [$mutant, $isLate || $process->getExitCode() !== 0];
                }
            }
            usleep(20_000);
        }
    }

    private function start(Mutant $mutant): Process
    {
        $copy = sys_get_temp_dir().'/oak-mutant-'.bin2hex(random_bytes(6)).'.php';
        file_put_contents($copy, $mutant->source());
        register_shutdown_function(fn () => @unlink($copy));
        $class = 'OakGloss\\'.str_replace('/', '\\', substr($mutant->file, strlen("{$this->root}/core/"), -strlen('.php')));
        $tests = array_slice($mutant->tests, 0, self::MOST_TESTS);
        $files = array_unique(array_map(fn (string $t): string => str_replace('\\', '/', 'tests/'.substr(explode('::', $t)[0], strlen('Tests\\'))).'.php', $tests));
        $filter = '/^('.implode('|', array_map(fn (string $t): string => preg_quote($t, '/'), $tests)).')( with data set .*)?$/';
        $process = new Process(
            [PHP_BINARY, 'vendor/bin/phpunit', '--bootstrap', 'tools/Mutation/bootstrap.php', '--no-extensions', '--do-not-cache-result', '--stop-on-defect', '--filter', $filter, ...$files],
            $this->root,
            ['MUTANT_CLASS' => $class, 'MUTANT_COPY' => $copy],
            null,
            null,
        );
        $process->start();

        return $process;
    }
}
