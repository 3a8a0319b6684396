<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Http\Requests\ClimateRequest;
use App\Http\Requests\MomentRequest;
use App\Models\Part;
use App\Models\User;
use App\Planning\BetterPlans;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\SharedPlaces;
use App\Planning\Trials;
use App\Rules\NearDate;
use App\Time\ShopClock;
use App\View\Drawing\RunSheetDrawing;
use App\View\Page\SheetStep;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Climate\ClimateKind;
use OakGloss\Climate\DewPoint;
use OakGloss\Fact\Draft;
use OakGloss\Fact\Kind\AirChanged;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Plan\ClimateLimit;
use OakGloss\Plan\Decision;
use OakGloss\Schedule\PartSchedule;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All parts against the hands there are: look, move a step to see what gives, keep it or put it back. */
final class RunSheetController
{
    public function show(Request $request, Planner $planner, #[CurrentUser] User $user): View
    {
        return $this->view($request, $planner, $user, $planner->all($user->shop));
    }

    /** Reckons the run sheet while it tells how far it is. */
    public function reckon(Planner $planner, #[CurrentUser] User $user): StreamedResponse
    {
        return response()->stream(function () use ($planner, $user): void {
            $last = -1;
            $planner->sheet($user->shop, function (float $share) use (&$last): void {
                $percent = (int) floor(100.0 * $share);
                if ($percent > $last) {
                    $last = $percent;
                    echo "data: {$percent}\n\n";
                    ob_get_level() > 0 && ob_flush();
                    flush();
                }
            });
            echo "data: done\n\n";
        }, 200, ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-cache', 'X-Accel-Buffering' => 'no']);
    }

    /** Where a step may start, to be drawn while it is dragged. */
    public function range(
        Request $request,
        Part $part,
        string $step,
        Planner $planner,
        Trials $trials,
        #[CurrentUser] User $user,
    ): Response {
        $planned = $planner->plan($part);
        abort_unless($planned->schedule->slot($step) !== null, 404);

        return response()->view('run-sheet.range', [
            'ranges' => $this->drawing($request, $planner, $user, [])->ranges($trials->startsOf($planned, $step)),
        ])->header('Content-Type', 'image/svg+xml');
    }

    /** The sheet as it would be with a step at another time. */
    public function try(MomentRequest $request, Part $part, string $step, Planner $planner, Trials $trials, #[CurrentUser] User $user): View
    {
        $planned = $planner->plan($part);
        $at = $this->moment($request, $planned, $step);

        return $this->view(
            $request,
            $planner,
            $user,
            $trials->repaired($planned, $planned->plan->log->drafted([new Draft($step, new Decided(at: $at))], $planned->floor->nowMin)),
            ['part' => $planned, 'step' => $step, 'at' => $at, 'why' => fn (): array => $trials->whyNot($planned, $step, $at)],
        );
    }

    public function pin(
        MomentRequest $request,
        Part $part,
        string $step,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        $at = $this->moment($request, $planned, $step);
        $recorder->record($part, $user, $planned->floor, $step, new Decided(at: $at));

        return redirect()->route('run-sheet', $request->only(['span', 'from']))->with(
            'notice',
            __('sheet.pinned', ['at' => $format->when($at)]),
        );
    }

    /** Takes every decision about a step's time back. */
    public function unpin(
        Request $request,
        Part $part,
        string $step,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        foreach ($planned->plan->log->of($step, Decided::class) as $fact) {
            $recorder->record($part, $user, $planned->floor, $step, new Struck($fact->id));
        }

        return redirect()->route('run-sheet', $request->only(['span', 'from']))->with('notice', __('sheet.free'));
    }

    /** Puts the part into another air for a while, within what it bears and where there is a place. */
    public function climate(
        ClimateRequest $request,
        Part $part,
        string $step,
        Planner $planner,
        SharedPlaces $things,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        $given = $request->validated();
        $kind = ClimateKind::from($given['kind']);
        [$from, $until] = array_map(
            fn (string $t): float => $planned->floor->time->at(str_replace('T', ' ', $t)),
            [$given['from'], $given['until']],
        );
        $warmest = ClimateLimit::warmestC($kind, $planned->plan->brief->substrate);
        $coat = $planned->plan->lastCoat();
        $coldest = $coat === null
            ? -INF
            : ClimateLimit::coldestC(
                $planned->plan->materials->resinFor($coat->step),
                $kind === ClimateKind::CoolPlace ? $planned->floor->dewPointC() : null,
            );
        $wrong = match (true) {
            $kind === ClimateKind::CoolPlace
                && (float) $given['c'] < $coldest => ['c' => __('sheet.too_cold', [
                    'c' => $format->celsius($coldest), 'margin' => $format->celsius(DewPoint::MARGIN_C),
                ])],
            (float) $given['c'] > $warmest => ['c' => __('sheet.too_warm', [
                'c' => $format->celsius($warmest),
                'substrate' => $format->word('substrate', $part->substrate),
            ])],
            $until < $planned->floor->nowMin => ['until' => __('sheet.climate_passed')],
            $until - $from > 7.0 * 1440.0 => ['until' => __('sheet.a_week')],
            ! $things->haveRoom($user->shop, $kind, $from, $until) => ['kind' => __('sheet.no_room')],
            $planned->schedule->slot($step) === null => ['kind' => __('sheet.not_ahead')],
            default => null,
        };
        if ($wrong !== null) {
            throw ValidationException::withMessages($wrong)->errorBag('climate');
        }
        $recorder->record($part, $user, $planned->floor, $step, new AirChanged($kind, $from, $until, (float) $given['c']));

        return redirect()->route('run-sheet', $request->only(['span']))->with(
            'notice',
            __('sheet.climate_planned', ['climate' => $format->word('climate', $kind->value), 'letter' => $part->letter]),
        );
    }

    public function acknowledge(PlanKeeper $keeper, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $keeper->acknowledge($user->shop, $clock->now());

        return back();
    }

    /**
     * @param array<int, PlannedPart>                                                                                   $plans
     * @param array{part: PlannedPart, step: string, at: float, why: \Closure(): array{string, list<PlannedPart>}}|null $trial
     */
    private function view(Request $request, Planner $planner, User $user, array $plans, ?array $trial = null): View
    {
        $floor = $planner->floor($user->shop);

        return view('run-sheet.show', [
            'drawing' => $this->drawing($request, $planner, $user, $plans),
            'floor' => $floor,
            'plans' => $plans,
            'before' => $trial === null ? $plans : $planner->all($user->shop),
            'trial' => $trial === null ? null : $trial + SheetStep::outcome($trial, $plans),
            'chosen' => $trial === null ? SheetStep::chosen((string) $request->query('step'), $plans, $floor->nowMin) : null,
            'offer' => $trial === null ? app(BetterPlans::class)->offered($user->shop) : null,
            'feeds' => $user->shop->feeds()->whereNull('revoked_at')->where('user_id', $user->id)->get(),
        ]);
    }

    /** @param array<int, PlannedPart> $plans */
    private function drawing(Request $request, Planner $planner, User $user, array $plans): RunSheetDrawing
    {
        $given = $request->validate([
            'span' => ['nullable', Rule::in(array_keys(RunSheetDrawing::SPANS))],
            'from' => ['nullable', 'numeric', 'between:0,100000000'],
        ]);

        return RunSheetDrawing::of(
            $plans,
            $planner->floor($user->shop),
            $given['span'] ?? '3d',
            isset($given['from']) ? (float) $given['from'] : null,
        );
    }

    /** @throws ValidationException If the step is not ahead, or the time is no time. */
    private function moment(MomentRequest $request, PlannedPart $planned, string $step): float
    {
        $at = $request->minute($planned->floor->time);
        $at = round($at / PartSchedule::GRID_MIN) * PartSchedule::GRID_MIN;
        if ($planned->schedule->slot($step) === null) {
            throw ValidationException::withMessages(['act' => __('sheet.not_ahead')]);
        }
        if ($at < $planned->floor->nowMin - PartSchedule::GRID_MIN) {
            throw ValidationException::withMessages(['act' => __('sheet.passed')]);
        }
        if (! NearDate::isNear($planned->floor->time->local($at), $planned->floor->time->local($planned->floor->nowMin))) {
            throw ValidationException::withMessages(['act' => __('sheet.far')]);
        }

        return $at;
    }
}
