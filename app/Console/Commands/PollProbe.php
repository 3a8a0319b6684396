<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\ProbePoller;
use App\Models\Shop;
use App\Planning\BetterPlans;
use App\Planning\PlanKeeper;
use Illuminate\Console\Command;

/** Asks every shop's probe, once or again and again. */
final class PollProbe extends Command
{
    protected $signature = 'oak:poll-probe {--every= : seconds between two polls; once without}';

    protected $description = 'Ask the air probes and keep what they say';

    public function handle(): int
    {
        do {
            app()->forgetScopedInstances();
            foreach (Shop::query()->get() as $shop) {
                $kept = app(ProbePoller::class)->poll($shop);
                app(PlanKeeper::class)->keep($shop->refresh(), isAct: false);
                app(BetterPlans::class)->lookIfNew($shop);
                $this->line("{$shop->name}: {$kept} new".($shop->probe_silent_because === null ? '' : ", {$shop->probe_silent_because}"));
            }
            $every = (int) $this->option('every');
            sleep(max(0, $every));
        } while ($every > 0);

        return self::SUCCESS;
    }
}
