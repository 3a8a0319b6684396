<?php

declare(strict_types=1);

namespace Tools\Mutation;

use Symfony\Component\Process\Process;

/** Runs the tests of the core: once to see which of them cover which line, then for each mutant those that cover its own. */
final class Trial
{
    /** A mutant that takes longer has died: it runs for ever. */
    private const SECONDS = 20;

    /** They run over everything, and for long. */
    private const SWEEPS = '/(KeptPlan|Sweep|WeavePrint|ShopSheet|TurnedTime)Test/';

    /** A test that takes longer under coverage is a sweep, too, and left out, seconds. */
    private const SWEEP_S = 20.0;

    /** No mutant is tried on tests that take longer together, those that cover fewest lines first, seconds. */
    private const MOST_S = 40.0;

    /** A filter that names more is too long an expression. */
    private const MOST_TESTS = 60;

    public function __construct(private readonly string $root)
    {
    }

    /** @return array<string, array<int, list<string>>> tests by file and line */
    public function coverage(bool $isKept = false): array
    {
        $kept = "{$this->root}/storage/framework/testing";
        [$times, $report] = ["{$kept}/mutate-times.xml", "{$kept}/mutate.cov"];
        // Twenty minutes: what was covered an hour ago is covered still, unless told to look again.
        $isKept || (new Process([
            PHP_BINARY, '-d', 'memory_limit=4G', '-d', 'extension=pcov.so', '-d', "pcov.directory={$this->root}/core", 'vendor/bin/phpunit',
            '--testsuite', 'core', '--exclude-filter', self::SWEEPS, '--coverage-filter', 'core', '--coverage-php', $report, '--log-junit', $times,
        ], $this->root, null, null, null))->mustRun();
        $took = $covers = $covered = [];
        $timed = simplexml_load_file($times) ?: throw new \RuntimeException('no times of the tests');
        foreach ($timed->xpath('//testcase') ?: [] as $case) {
            $took[self::named("{$case['class']}::{$case['name']}")] = (float) $case['time'];
        }
        $lines = (include $report)->getData()->lineCoverage();
        foreach ($lines as $file => $of) {
            foreach ($of as $line => $tests) {
                $covered[$file][$line] = array_values(array_unique($tests ?? []));
                foreach ($covered[$file][$line] as $name) {
                    $covers[$name] = ($covers[$name] ?? 0) + 1;
                }
            }
        }

        return array_map(fn (array $of): array => array_map(fn (array $tests): array => self::quick($tests, $took, $covers), $of), $covered);
    }

    /** As the coverage names a test: its method with its class, and its data set. */
    private static function named(string $id): string
    {
        return (string) preg_replace('/ with data set (?:"(.*)"|#(\d+))$/s', '#$1$2', $id);
    }

    /**
     * @param list<string>         $tests
     * @param array<string, float> $took   seconds by test
     * @param array<string, int>   $covers lines by test
     *
     * @return list<string> those that say most about their lines, while they are quick
     */
    private static function quick(array $tests, array $took, array $covers): array
    {
        // What is held to approved figures sees most, though it runs over everything.
        $isApproved = fn (string $test): bool => str_contains($test, 'Approved');
        $tests = array_filter($tests, fn (string $t): bool => $isApproved($t) || ($took[$t] ?? 0.0) <= self::SWEEP_S);
        $weight = fn (string $test): array => [! $isApproved($test), $covers[$test]];
        usort($tests, fn (string $a, string $b): int => $weight($a) <=> $weight($b));
        [$quick, $together] = [[], 0.0];
        foreach ($tests as $test) {
            $together += $isApproved($test) ? 0.0 : $took[$test] ?? 0.0;
            if ($together <= self::MOST_S && count($quick) < self::MOST_TESTS) {
                $quick[] = $test;
            }
        }

        return $quick;
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
                    if (! $isLate && str_contains($process->getOutput(), 'No tests executed')) {
                        throw new \LogicException("{$mutant} was tried on no test: {$process->getCommandLine()}");
                    }

                    yield [$mutant, $isLate || $process->getExitCode() !== 0];
                }
            }
            usleep(20_000);
        }
    }

    private static function pattern(string $test): string
    {
        [$method, $set] = explode('#', $test, 2) + [1 => ''];

        return preg_quote($method, '/').($set === '' ? '' : ' with data set ("'.preg_quote($set, '/').'"|#'.preg_quote($set, '/').')');
    }

    private function start(Mutant $mutant): Process
    {
        $copy = sys_get_temp_dir().'/oak-mutant-'.bin2hex(random_bytes(6)).'.php';
        file_put_contents($copy, $mutant->source());
        register_shutdown_function(fn () => @unlink($copy));
        $class = 'OakGloss\\'.str_replace('/', '\\', substr($mutant->file, strlen("{$this->root}/core/"), -strlen('.php')));
        $files = array_unique(array_map(fn (string $t): string => str_replace('\\', '/', 'tests/'.substr(explode('::', $t)[0], strlen('Tests\\'))).'.php', $mutant->tests));
        $filter = '/^('.implode('|', array_map(self::pattern(...), $mutant->tests)).')$/';
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
