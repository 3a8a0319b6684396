<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Planning\Planner;
use App\View\Drawing\WindowStrip;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

final class BenchController
{
    public function __invoke(Planner $planner): View
    {
        $bench = Bench::of(Auth::user()->shop, $planner);

        return view('bench.index', ['bench' => $bench, 'strip' => WindowStrip::of($bench)]);
    }
}
