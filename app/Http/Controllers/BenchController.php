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
use App\View\Page\BenchCall;
use App\View\Page\Evening;
use App\View\Page\NightCard;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

final class BenchController
{
    public function __invoke(
        Planner $planner,
        ClosingTime $lockUp,
        PlanKeeper $keeper,
        BetterPlans $better,
        Formatter $format,
        #[CurrentUser] User $user,
    ): View {
        $bench = WorkQueue::of($user->shop, $planner);

        $closes = ClosingTime::closesAt($bench->floor);
        $call = fn (PlannedPart $p): BenchCall => new BenchCall($p, $format);
        $nights = array_map(fn (PlannedPart $p): ?Night => Night::of($p, $closes ?? $bench->floor->nowMin), $bench->calls);

        return view('bench.index', [
            'bench' => $bench,
            'strip' => WindowStrip::of($bench),
            'now' => $bench->now() === null ? null : $call($bench->now()),
            'then' => array_map($call, $bench->then()),
            'evening' => new Evening($lockUp->cases($user->shop), $planner->all($user->shop), $closes, $format),
            'night' => new NightCard($bench->floor, $closes, array_values(array_filter($nights)), $format),
            'offer' => $better->offered($user->shop),
            'changes' => $keeper->unseen($user->shop),
        ]);
    }
}
