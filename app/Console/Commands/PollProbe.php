<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\ProbePoller;
use App\Health\Notes;
use App\Models\Shop;
use App\Planning\BetterPlans;
use App\Planning\PlanKeeper;
use Illuminate\Console\Command;

/** Asks every shop's probe, once or again and again. */
final class PollProbe extends Command
{
    private const PRUNE_EVERY_S = 3600;

    protected $signature = 'oak:poll-probe {--every= : seconds between two polls; once without}';

    protected $description = 'Ask the air probes and keep what they say';

    public function handle(): int
    {
        $pruned = 0;
        do {
            app()->forgetScopedInstances();
            foreach (app()->isDownForMaintenance() ? [] : Shop::query()->pluck('id') as $id) {
                // Nothing that goes wrong in one round or one shop ends the asking.
                try {
                    $this->line($this->askShop($id));
                } catch (\Throwable $e) {
                    report($e);
                    $this->line("Shop {$id}: not this time");
                }
            }
            app(Notes::class)->note(Notes::POLL, true);
            if (time() - $pruned > self::PRUNE_EVERY_S) {
                $this->callSilently('oak:prune');
                $pruned = time();
            }
            $every = (int) $this->option('every');
            sleep(max(0, $every));
        } while ($every > 0);

        return self::SUCCESS;
    }

    private function askShop(int $id): string
    {
        $shop = Shop::query()->findOrFail($id);
        $kept = app(ProbePoller::class)->poll($shop);
        app(PlanKeeper::class)->keep($shop->refresh(), isAct: false);
        app(BetterPlans::class)->lookIfNew($shop);

        return "{$shop->name}: {$kept} new".($shop->probe_silent_because === null ? '' : ", {$shop->probe_silent_because}");
    }
}
