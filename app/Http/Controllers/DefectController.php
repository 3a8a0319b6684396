<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Inspection\FactOf;
use App\Inspection\PricedWay;
use App\Inspection\WaysOutOfIt;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\Planner;
use App\View\Page\DefectPage;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kind\Told;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\Remedy;

/** One defect, or one mishap: what it comes of by this part's own record, and the ways out as they are priced now. */
final class DefectController
{
    public function show(
        Part $part,
        PartFact $fact,
        Planner $planner,
        WaysOutOfIt $ways,
        Formatter $format,
    ): View {
        $planned = $planner->plan($part);

        return view('inspect.defect', [
            'planned' => $planned,
            'page' => new DefectPage($planned, FactOf::standing($planned, $fact->id), $ways->of(...), $format),
        ]);
    }

    /** The look that tells causes apart was made. */
    public function told(
        Request $request,
        Part $part,
        PartFact $fact,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['cause' => ['required', Rule::enum(Cause::class)], 'is_so' => ['required', 'boolean']]);
        $cause = Cause::from((string) $given['cause']);
        $planned = $planner->plan($part);
        $found = FactOf::standing($planned, $fact->id);
        abort_unless($found->content instanceof Found && isset($found->content->defect->causes()[$cause->value]), 404);
        $recorder->record($part, $user, $planned->floor, $fact->step, new Told($fact->id, $cause, (bool) $given['is_so']));

        return redirect()->route('defects.show', [$part, $fact]);
    }

    /** One tap: the way out becomes part of the plan. Nothing that was done is lost. */
    public function take(
        Request $request,
        Part $part,
        PartFact $fact,
        Planner $planner,
        WaysOutOfIt $ways,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $remedy = Remedy::from((string) $request->validate(['remedy' => ['required', Rule::enum(Remedy::class)]])['remedy']);
        $planned = $planner->plan($part);
        $of = FactOf::standing($planned, $fact->id);
        $way = array_values(array_filter(
            $ways->of($planned, $of),
            fn (PricedWay $w): bool => $w->offer->remedy === $remedy,
        ))[0] ?? abort(404);
        if (! $way->fits() || FactOf::isUnderWay($planned, $of)) {
            throw ValidationException::withMessages(['act' => __('inspect.why_not.'.($way->fits() ? 'done' : $way->why()), array_map(
                fn (float $v): string => (string) round($v),
                $way->offer->args,
            ))]);
        }
        $coat = $way->offer->remedy->takesCoatOff() ? WaysOutOfIt::coatToWashOff($planned, $of) : null;
        if ($coat !== null) {
            $why = lcfirst($format->word('remedy', $way->offer->remedy));
            $recorder->record($part, $user, $planned->floor, $coat->step, new Struck($coat->id, $why));
        }
        $recorder->record(
            $part,
            $user,
            $planned->floor,
            $of->step,
            $way->offer->content->costing($way->handsMin, $way->grams, max(0.0, $way->laterMin)),
        );
        $letting = WaysOutOfIt::lettingGo($planned, $way->offer);
        if ($letting !== null) {
            $recorder->record($part, $user, $planned->floor, $letting->step, $letting->content);
        }
        if ($way->offer->remedy === Remedy::NewCup) {
            return redirect()->route('weigh', [$part, $of->step]);
        }

        return redirect()->route('parts.show', $part)->with('notice', __('inspect.took', [
            'remedy' => lcfirst($format->word('remedy', $way->offer->remedy)),
        ]));
    }
}
