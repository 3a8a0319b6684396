<?php

declare(strict_types=1);

namespace Tools;

use App\Models\Shop;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;

/** Every page with the demo's data and in the same shop years later, taken turn about: medians, rows read, memory. */
final class BenchmarkGrown extends Command
{
    /** A page may take so many times longer, or so much, ms. */
    private const FACTOR = 1.3;
    private const MORE_MS = 15.0;

    protected $signature = 'oak:benchmark-grown {--times=1 : times 500 parts, 50,000 facts, 200,000 readings, 5,000 lots} {--runs=15}';

    protected $description = 'Time every page in a shop that has grown';

    public function handle(): int
    {
        config(['oak.demo' => true, 'oak.frozen_at' => '2027-03-10T15:34:00Z', 'session.driver' => 'array']);
        RateLimiter::for('acts', fn (): Limit => Limit::none());
        $paths = [];
        $shops = ['demo' => 0, 'grown' => max(1, (int) $this->option('times'))];
        foreach ($shops as $name => $times) {
            config([
                "database.connections.{$name}" => ['database' => ':memory:'] + config('database.connections.sqlite'),
                "cache.stores.{$name}" => ['driver' => 'array', 'serialize' => true],
            ]);
            $this->useShop($name);
            $this->line("Seeding the {$name} shop");
            Artisan::call('migrate', ['--force' => true, '--database' => $name]);
            app(DatabaseSeeder::class)->setContainer(app())->__invoke();
            $paths = PageTimer::paths();
            if ($times > 0) {
                GrownShop::grow(Shop::query()->firstOrFail(), $times);
            }
        }
        $this->table(
            ['page', 'demo ms', 'grown ms', 'rows', 'grown', 'peak MB', 'grown', 'kB', 'grown', ''],
            $this->rows(array_keys($shops), $paths),
        );

        return self::SUCCESS;
    }

    /**
     * @param list<string> $shops
     * @param list<string> $paths
     *
     * @return list<list<string>>
     */
    private function rows(array $shops, array $paths): array
    {
        $rows = [];
        foreach ($paths as $path) {
            $taken = [];
            for ($run = -2; $run < (int) $this->option('runs'); $run++) {
                foreach ($shops as $name) {
                    $this->useShop($name);
                    $visit = PageTimer::visit($path);
                    if ($run >= 0) {
                        $taken[$name][] = $visit;
                    }
                }
            }
            $of = fn (string $name, string $what): float => PageTimer::median(array_column($taken[$name], $what));
            [$demo, $grown] = array_map(fn (string $name): float => $of($name, 'ms'), $shops);
            $figures = array_merge(...array_map(
                fn (string $what): array => array_map(
                    fn (string $n): string => number_format($of($n, $what), $what === 'rows' ? 0 : 1),
                    $shops,
                ),
                ['rows', 'mb', 'kb'],
            ));
            $rows[] = [
                $path,
                number_format($demo, 1),
                number_format($grown, 1),
                ...$figures,
                $grown > max(self::FACTOR * $demo, $demo + self::MORE_MS) ? 'over' : '',
            ];
        }

        return $rows;
    }

    private function useShop(string $name): void
    {
        DB::setDefaultConnection($name);
        config(['database.default' => $name]);
        Cache::setDefaultDriver($name);
        app()->forgetScopedInstances();
    }
}
