<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ClosingTime;
use App\Bench\Night;
use App\Bench\WorkQueue;
use App\Health\Health;
use App\Models\Role;
use App\Models\User;
use App\Planning\BetterPlans;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\View\Drawing\WindowStrip;
use App\View\Page\BenchCall;
use App\View\Page\Evening;
use App\View\Page\FirstDay;
use App\View\Page\NightCard;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

final class BenchController
{
    public function show(
        Planner $planner,
        PlanKeeper $keeper,
        BetterPlans $better,
        Formatter $format,
        #[CurrentUser] User $user,
    ): View {
        $bench = WorkQueue::of($user->shop, $planner);

        $call = fn (PlannedPart $p): BenchCall => new BenchCall($p, $format);

        return view('bench.index', [
            'bench' => $bench,
            'strip' => WindowStrip::of($bench),
            'lane' => $bench->now() === null ? null : WindowStrip::lane($bench, $bench->now()),
            'now' => $bench->now() === null ? null : $call($bench->now()),
            'competing' => array_map($call, $bench->competing()),
            'others' => array_map($call, $bench->then()),
            'then' => array_map($call, $bench->later()),
            'firstDay' => $bench->now() === null && $bench->later() === [] ? FirstDay::of($user->shop, $bench->floor) : null,
            'offer' => $better->offered($user->shop),
            'changes' => $keeper->unseen($user->shop),
        ]);
    }

    /** The due thing alone, for hands that can't touch more. */
    public function hands(Planner $planner, Formatter $format, #[CurrentUser] User $user): View
    {
        $bench = WorkQueue::of($user->shop, $planner);
        $call = fn (?PlannedPart $p): ?BenchCall => $p === null ? null : new BenchCall($p, $format);

        return view('bench.hands', [
            'now' => $call($bench->now()),
            'next' => $call($bench->then()[0] ?? null),
            'isNight' => ! $bench->floor->work->isOpenAt($bench->floor->nowMin),
        ]);
    }

    /** What the evening asks and the night does: dear to reckon, so the page does not wait for it. */
    public function evening(
        Planner $planner,
        ClosingTime $lockUp,
        Formatter $format,
        Health $health,
        #[CurrentUser] User $user,
    ): View {
        $plans = $planner->all($user->shop);
        $floor = $planner->floor($user->shop);
        $closes = ClosingTime::closesAt($floor);
        $from = ClosingTime::nightFrom($floor);
        $nights = array_map(fn (PlannedPart $p): ?Night => Night::of($p, $from), array_values($plans));

        $isSeen = $user->role !== Role::Owner || $user->health_seen_on === $floor->time->local($floor->nowMin)->toDateString();

        return view('bench.evening', [
            'told' => $isSeen ? [] : $health->told($user->shop, $floor),
            'evening' => new Evening($lockUp->cases($user->shop), $plans, $closes, $format),
            'night' => new NightCard($floor, $from, array_values(array_filter($nights)), $format),
        ]);
    }
}
