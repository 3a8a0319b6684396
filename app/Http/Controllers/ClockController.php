<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkQueue;
use App\Devices\ProbePoller;
use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\Planner;
use App\Time\ShopClock;
use App\Time\ShopTime;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** Moves the demo's clock on, so that a whole job can be lived in minutes. */
final class ClockController
{
    public function __invoke(
        Request $request,
        ShopClock $clock,
        Planner $planner,
        ProbePoller $poller,
        PlanKeeper $keeper,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $to = $request->validate(['to' => ['required', Rule::in(['window', '15', '60', 'tomorrow'])]])['to'];
        $shop = $user->shop;
        $floor = $planner->floor($shop);
        $target = match ($to) {
            'window' => WorkQueue::of($shop, $planner)->nextChangeMin() ?? $floor->nowMin,
            'tomorrow' => ShopTime::minutes($floor->time->local($floor->nowMin)->addDay()->setTime(8, 0)),
            default => $floor->nowMin + (float) $to,
        };
        $clock->skip($shop->id, (int) ceil(60.0 * ($target - $floor->nowMin)));
        // What the probe would have said meanwhile: it is asked when the lock is free again.
        DB::afterCommit(function () use ($poller, $keeper, $shop): void {
            rescue(function () use ($poller, $keeper, $shop): void {
                $poller->poll($shop->refresh());
                $keeper->keep($shop, isAct: false);
            });
        });

        return back();
    }
}
