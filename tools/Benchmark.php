<?php

declare(strict_types=1);

namespace Tools;

use Closure;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;
use OakGloss\Climate\AirCurve;
use OakGloss\Schedule\RunSheetSearch;
use OakGloss\Schedule\WorkingTime;

/** How long the core and the pages take: the median of several runs each, against their targets. */
final class Benchmark extends Command
{
    private const RUNS = 15;

    /** Rounds of prices after which the bound of a shop hardly rises any more. */
    private const BOUND_ROUNDS = 300;

    protected $signature = 'oak:benchmark';

    protected $description = 'Time the core and every page on the demo data';

    public function handle(): int
    {
        config([
            'oak.demo' => true,
            'oak.frozen_at' => '2027-03-10T15:34:00Z',
            'session.driver' => 'array',
            'cache.default' => 'array',
            'database.connections.sqlite.database' => ':memory:',
        ]);
        // Runs follow each other faster than hands would.
        RateLimiter::for('acts', fn (): Limit => Limit::none());
        $this->line('Seeding a shop in memory');
        Artisan::call('migrate', ['--force' => true]);
        app(DatabaseSeeder::class)->setContainer(app())->__invoke();

        $cases = new CoreCases();
        $rows = [];
        foreach ($cases->all() as $name => [$target, $case]) {
            $rows[] = $this->row($name, $target, $case);
        }
        foreach (PageTimer::paths() as $path) {
            $rows[] = $this->row("page {$path}", 100.0, fn () => PageTimer::visit($path));
        }
        $rows[] = $this->row('page /, nothing cached', 300.0, function (): void {
            Cache::flush();
            PageTimer::visit('/');
        });
        $rows[] = $this->row('mending the plan of 12 parts after an act', 100.0, $cases->mendingOf(12));
        $air = AirCurve::constant(20.0);
        $work = WorkingTime::of(array_map(fn (int $d): array => [$d * 1440.0 + 480.0, $d * 1440.0 + 1080.0], range(0, 13)));
        $cost = $cases->search(12, $air, $work, RunSheetSearch::longEffort(12))->plan()->costMin;
        $bound = $cases->search(12, $air, $work)->provenBound(self::BOUND_ROUNDS);
        $this->line(sprintf(
            '12 parts, one pair of hands, the long search: the plan costs %.0f min, no plan under %.0f is proven possible: '
                .'at most %.1f %% dearer than the best.',
            $cost,
            $bound,
            100.0 * ($cost / $bound - 1.0),
        ));
        $this->table(['what', 'median ms', 'slowest ms', 'target ms', ''], $rows);

        return self::SUCCESS;
    }

    /** @return list<string> */
    private function row(string $name, ?float $target, Closure $case): array
    {
        $times = [];
        for ($run = -1; $run < ($target !== null && $target > 500.0 ? 5 : self::RUNS); $run++) {
            $start = hrtime(true);
            $case();
            if ($run >= 0) {
                $times[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($times);
        $median = PageTimer::median($times);

        return [
            $name,
            number_format($median, 2),
            number_format(end($times) ?: 0.0, 2),
            $target === null ? '' : (string) $target,
            $target !== null && $median > $target ? 'over' : '',
        ];
    }
}
