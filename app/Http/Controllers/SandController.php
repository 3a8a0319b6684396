<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Part;
use App\Planning\Planner;
use App\View\Drawing\CutScale;
use Illuminate\View\View;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;

final class SandController
{
    public function __invoke(Part $part, Planner $planner): View
    {
        $planned = $planner->plan($part->load(Part::PLAN_NEEDS));
        $flats = array_values(array_filter($planned->plan->steps, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Flat && $s->ladder !== null));

        return view('parts.sand', [
            'planned' => $planned,
            'flats' => array_map(fn (PlannedStep $s): array => ['step' => $s, 'scale' => CutScale::of($s, $planned->plan->shop->targetBurnThrough)], $flats),
        ]);
    }
}
