<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ClosingTime;
use App\Bench\Night;
use App\Bench\WorkQueue;
use App\Models\User;
use App\Planning\BetterPlans;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\View\Drawing\WindowStrip;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

final class BenchController
{
    public function __invoke(
        Planner $planner,
        ClosingTime $lockUp,
        PlanKeeper $keeper,
        BetterPlans $better,
        #[CurrentUser] User $user,
    ): View {
        $bench = WorkQueue::of($user->shop, $planner);

        $closes = ClosingTime::closesAt($bench->floor);

        return view('bench.index', [
            'bench' => $bench,
            'strip' => WindowStrip::of($bench),
            'plans' => $planner->all($user->shop),
            'closes' => $closes,
            'cases' => $lockUp->cases($user->shop),
            'nights' => array_values(array_filter(array_map(
                fn (PlannedPart $p): ?Night => Night::of($p, $closes ?? $bench->floor->nowMin),
                $bench->calls,
            ))),
            'offer' => $better->offered($user->shop),
            'changes' => $keeper->unseen($user->shop),
        ]);
    }
}
