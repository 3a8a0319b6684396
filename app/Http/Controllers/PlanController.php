<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Part;
use App\Planning\ChoiceGroup;
use App\Planning\NewHere;
use App\Planning\OpenChoices;
use App\Planning\PaceBook;
use App\Planning\Planner;
use App\Planning\PricedChoice;
use App\View\Drawing\LaminateDrawing;
use App\View\Drawing\SectionDrawing;
use App\View\Page\BenchCall;
use App\View\Page\PartRooms;
use App\View\Page\PlanNotices;
use App\View\Page\Taught;
use App\Words\Formatter;
use Illuminate\Http\Request;
use Illuminate\View\View;
use OakGloss\Plan\LaminatePlan;
use OakGloss\Plan\SheetPlan;

/** The plan of a part: what is next, its days, the skin beside them, and what may still be chosen. */
final class PlanController
{
    public function __invoke(
        Request $request,
        Part $part,
        Planner $planner,
        OpenChoices $choices,
        Formatter $format,
        NewHere $newHere,
    ): View {
        $planned = $planner->plan($part);
        $drawing = SectionDrawing::of($planned->plan, $request->string('after')->toString());
        if ($request->header('HX-Target') === 'section') {
            return view('components.drawing.section', ['drawing' => $drawing, 'part' => $part]);
        }
        $isAhead = $planned->next !== null && $part->isOpen();
        // The page does not wait for what other choices come to: it asks for it once it stands.
        $priced = match (true) {
            $planned->next === null => [],
            $request->boolean('priced') => $choices->of($planned),
            default => $choices->kept($planned),
        };
        $groups = $priced === null ? null : ChoiceGroup::all($priced);

        return view('parts.show', [
            'planned' => $planned,
            'call' => $isAhead ? new BenchCall($planned, $format) : null,
            'isInLayers' => $request->string('as')->toString() === 'layers',
            'drawing' => $drawing,
            'sheet' => SheetPlan::of($planned->plan),
            'hasSkin' => PartRooms::hasSkin($planned->plan),
            'laminates' => array_map(LaminateDrawing::of(...), LaminatePlan::all($planned->plan)),
            'newHere' => $newHere->of($part),
            'taught' => new Taught($planned, app(PaceBook::class), $format),
            'groups' => $groups,
            'helps' => ChoiceGroup::helps($groups ?? []),
            'anewMin' => array_values(array_filter(array_map(fn (PricedChoice $p): ?float => $p->anewMin, $priced ?? [])))[0] ?? null,
            'notices' => new PlanNotices($planned, array_intersect(OpenChoices::priced(), $choices->open($planned->plan))),
        ]);
    }
}
