<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Health\Health;
use App\Models\User;
use App\Planning\Planner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Whether what the shop rests on is well; for its owners. */
final class HealthController
{
    public function show(Health $health, Planner $planner, #[CurrentUser] User $user): View
    {
        return view('shop.health', ['lines' => $health->lines($user->shop, $planner->floor($user->shop))]);
    }

    /** What is told on the bench is told again tomorrow. */
    public function seen(Planner $planner, #[CurrentUser] User $user): RedirectResponse
    {
        $floor = $planner->floor($user->shop);
        $user->update(['health_seen_on' => $floor->time->local($floor->nowMin)->toDateString()]);

        return redirect()->route('bench');
    }
}
