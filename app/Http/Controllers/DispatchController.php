<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Part;
use App\Planning\Planner;
use App\View\Page\DispatchSheet;
use App\Words\Formatter;
use Illuminate\View\View;

/** The sheet of paper that goes with a part which is sent out. */
final class DispatchController
{
    public function __invoke(Part $part, Planner $planner, Formatter $format): View
    {
        $planned = $planner->plan($part);

        return view('parts.dispatch', ['planned' => $planned, 'sheet' => DispatchSheet::of($planned, $format) ?? abort(404)]);
    }
}
