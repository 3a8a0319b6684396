<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Models\User;
use App\Planning\Planner;
use App\View\Drawing\WindowStrip;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

final class BenchController
{
    public function __invoke(Planner $planner, #[CurrentUser] User $user): View
    {
        $bench = Bench::of($user->shop, $planner);

        return view('bench.index', ['bench' => $bench, 'strip' => WindowStrip::of($bench)]);
    }
}
