<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Clock\ShopTime;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Words\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Climate\ClimateKind;
use OakGloss\Cure\Touch;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Jar;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FactKind;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Schedule\ActState;

/** Acts of the bench: each becomes a fact with time, air and person. */
final class FactController
{
    /** So far back an act may be logged late. */
    private const MOST_DAYS_AGO = 7;

    public function store(Request $request, Part $part, Planner $planner, Recorder $recorder, Say $say, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'kind' => ['required', Rule::in(['coat_on', 'touched', 'tried', 'sanded', 'wiped', 'done', 'skipped', 'ready'])],
            'step' => ['required', 'string', 'max:40'],
            'touch' => ['required_if:kind,touched', Rule::enum(Touch::class)],
            'paper' => ['required_if:kind,tried', Rule::in(['clogs', 'dusts'])],
            'grit' => ['required_if:kind,sanded', 'integer', Rule::in(array_keys(Grit::MEAN_GRAIN_UM))],
            'zone' => ['nullable', 'string', 'max:40'],
            'how' => ['nullable', Rule::enum(SandingMethod::class)],
            'minutes' => ['nullable', 'required_if:end,open', 'numeric', 'between:0.1,600'],
            'end' => ['nullable', Rule::enum(PassEnd::class)],
            'at' => ['nullable', 'string', 'date_format:H:i'],
            'days_ago' => ['nullable', 'integer', 'between:0,'.self::MOST_DAYS_AGO],
        ], ['minutes.required_if' => 'Where nobody looked, the minutes are needed.', 'minutes.between' => 'Minutes of one pass, up to 600.']);
        $planned = $planner->plan($part->load(Part::PLAN_NEEDS));
        $kind = FactKind::from($given['kind']);
        $at = $this->moment($planned, $given['at'] ?? null, (int) ($given['days_ago'] ?? 0));
        if (! $this->isLayInTime($planned, $kind, $given['step'], $at)) {
            $this->refuseOutOfTurn($planned, $kind, $given['step'], $say);
        }
        $data = match ($kind) {
            FactKind::Touched => ['touch' => (string) $given['touch']] + $this->ageOf($planned, $given['step'], $at),
            FactKind::Tried => ['paper' => (string) $given['paper']] + $this->ageOf($planned, $given['step'], $at),
            FactKind::Sanded => ['grit' => (int) $given['grit']] + $this->pass($planned, $given),
            FactKind::CoatOn => $this->gramsInTheCup($planned, $given['step']) + $this->asItLay($planned, $given['step']),
            FactKind::Ready => $request->boolean('short') ? ['short' => 1] : [],
            default => [],
        };
        DB::transaction(function () use ($recorder, $part, $user, $planned, $kind, $given, $data, $at): void {
            $recorder->record($part, $user, $planned->floor, $kind, $given['step'], $data, $at);
            foreach ($kind === FactKind::Done ? $this->boxOf($planned, $given['step'], $at) : [] as $step => $box) {
                $recorder->record($part, $user, $planned->floor, FactKind::Warmed, $step, $box, $at);
            }
        });
        $isMixed = $kind === FactKind::Ready && $planned->plan->step($given['step'])?->batch !== null;

        return ($isMixed ? redirect()->route('weigh', [$part, $given['step']]) : $this->backTo($request, $part))
            ->with('notice', $this->notice($planned, $planner, $part, $kind, $given['step'], $data, $say));
    }

    public function strike(Request $request, Part $part, PartFact $fact, Planner $planner, Recorder $recorder, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['reason' => ['nullable', 'string', 'max:200']]);
        $isStruck = $part->facts()->where('kind', FactKind::Struck->value)->get()->contains(fn (PartFact $f): bool => (int) $f->data['target'] === $fact->id);
        if ($isStruck || in_array($fact->kind, [FactKind::Struck->value, FactKind::Chosen->value], true)) {
            throw ValidationException::withMessages(['strike' => 'This line can\'t be struck out, or already is.']);
        }
        $tag = $part->letter;
        $recorder->record($part, $user, $planner->floor($part->shop), FactKind::Struck, $fact->step, ['target' => $fact->id, 'reason' => (string) ($given['reason'] ?? '')]);

        return $this->backTo($request, $part)->with('notice', ($part->refresh()->letter === $tag ? '' : "Another part carries {$tag} by now: this one goes on as {$part->letter}. ").'Struck out. It stays in the record and is left out of the plan.');
    }

    private function backTo(Request $request, Part $part): RedirectResponse
    {
        return $request->input('to') === 'bench' ? redirect()->route('bench') : redirect()->back(fallback: route('parts.show', $part));
    }

    /** @throws ValidationException If another device was faster, or the step is not the next one. */
    private function refuseOutOfTurn(PlannedPart $planned, FactKind $kind, string $key, Say $say): void
    {
        $step = $planned->plan->step($key);
        $next = $planned->plan->next();
        if ($step === null) {
            throw ValidationException::withMessages(['act' => 'The plan has no such step.']);
        }
        if ($kind === FactKind::Touched || $kind === FactKind::Tried) {
            if ($planned->plan->lastCoat()?->step->key !== $key) {
                throw ValidationException::withMessages(['act' => 'Only the newest coat can be checked.']);
            }

            return;
        }
        if ($step->isDone()) {
            throw ValidationException::withMessages(['act' => "{$say->step($step->step)} was already kept".($step->skipped ? '.' : ', at '.$say->when($step->doneAtMin).'.')]);
        }
        if ($next?->step->key !== $key) {
            throw ValidationException::withMessages(['act' => "{$say->step($step->step)} is not the next step; that is ".($next === null ? 'none' : $say->step($next->step)).'.']);
        }
        $ready = $kind === FactKind::Ready ? $planned->plan->log->last($key, FactKind::Ready) : null;
        if ($ready !== null) {
            throw ValidationException::withMessages(['act' => "The ready check of {$say->step($step->step)} was already kept, at ".$say->when($ready->atMin).'.']);
        }
        $fits = match ($kind) {
            FactKind::CoatOn => $step->step->kind === StepKind::Coat,
            FactKind::Ready => $step->step->kind === StepKind::Coat || $step->step->kind === StepKind::Spray,
            FactKind::Sanded => $step->step->kind->isSanding() || $step->step->kind === StepKind::Coat,
            FactKind::Wiped => $step->step->kind === StepKind::Wipe,
            FactKind::Done => ! $step->step->kind->isSanding() && ! in_array($step->step->kind, [StepKind::Coat, StepKind::Wipe], true),
            FactKind::Skipped => in_array($step->step->kind, [StepKind::Prepare, StepKind::Wipe, StepKind::Key, StepKind::Turn, StepKind::PostCure], true),
            default => false,
        };
        if (! $fits) {
            throw ValidationException::withMessages(['act' => 'That act does not belong to '.$say->step($step->step).'.']);
        }
    }

    /**
     * Cloth that was begun in its base's window and is logged when that has closed: the plan had turned to a tack coat
     * meanwhile, which it does not need.
     */
    private function isLayInTime(PlannedPart $planned, FactKind $kind, string $key, float $at): bool
    {
        $lay = $planned->plan->step($key);
        $under = $planned->plan->lastCoat();
        if ($kind !== FactKind::Done || $lay?->step->kind !== StepKind::Lay || $planned->plan->next()?->step->name !== 'key_base' || $under?->doneAtMin === null) {
            return false;
        }
        $clocks = $planned->schedule->clocks;
        $closes = $clocks->forecastOf($under)->event('tack_until', $under->doneAtMin, $clocks->paceOf($under))->expectedMin;

        return $closes !== null && $at - $lay->handsMin <= $closes;
    }

    /** @throws ValidationException If the typed time is still ahead, or before what was done last. */
    private function moment(PlannedPart $planned, ?string $at, int $daysAgo): float
    {
        $now = $planned->floor->nowMin;
        if ($at === null) {
            return $now;
        }
        $typed = ShopTime::minutes($planned->floor->time->local($now)->subDays($daysAgo)->setTimeFromTimeString($at));
        if ($typed > $now) {
            throw ValidationException::withMessages(['at' => "{$at} is still ahead today; now it is ".$planned->floor->time->local($now)->format('H:i').'. If it was yesterday, say so beside it.']);
        }
        $last = $planned->plan->lastDone()?->doneAtMin;
        // A clock shows no seconds: the minute in which the last thing was done is not before it.
        if ($last !== null && $typed < floor($last + 1e-6)) {
            throw ValidationException::withMessages(['at' => $planned->floor->time->local($typed)->format('D H:i').' is before the last thing that was done, at '.$planned->floor->time->local($last)->format('D H:i').'.']);
        }

        return max($typed, $last ?? $typed);
    }

    /** Says whether a check counts for the resin's pace. The newest word stands; the check itself stays as it was. */
    public function judge(Request $request, Part $part, PartFact $fact, Planner $planner, Recorder $recorder, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['counts' => ['required', 'boolean'], 'reason' => ['required_if:counts,0', 'nullable', 'string', 'max:200']], ['reason.required_if' => 'Say why it is left out.']);
        abort_unless(in_array($fact->kind, [FactKind::Touched->value, FactKind::Tried->value], true), 404);
        $recorder->record($part, $user, $planner->floor($user->shop), FactKind::LeftOut, $fact->step, ['target' => $fact->id, 'counts' => (int) $given['counts'], 'reason' => (string) ($given['reason'] ?? '')]);

        return back()->with('notice', $given['counts'] ? 'It counts.' : 'Left out. It stays in the record.');
    }

    /**
     * What the shop's pace learns from: the coat's thermal age by its sheet, at the check. A blend has no sheet.
     *
     * @return array<string, int|float>
     */
    private function ageOf(PlannedPart $planned, string $key, float $at): array
    {
        $coat = $planned->plan->step($key);
        if ($coat?->step->layer === null || $coat->doneAtMin === null || isset($planned->plan->materials->mixed[$key])) {
            return [];
        }
        $age = $planned->schedule->clocks->forecastOf($coat)->age($coat->doneAtMin, $at);

        return $age < 1.0 ? [] : ['age_min' => round($age, 1), 'resin_id' => $coat->step->layer->jar === Jar::Base ? $planned->part->base_resin_id : $planned->part->clear_resin_id];
    }

    /**
     * Where a pass went, how it was driven, for how long, and what was seen at its end.
     *
     * @param array<string, mixed> $given
     *
     * @return array<string, string|float>
     *
     * @throws ValidationException If the part has no such zone.
     */
    private function pass(PlannedPart $planned, array $given): array
    {
        $zone = (string) ($given['zone'] ?? '');
        if ($zone !== '' && ! in_array($zone, array_map(fn (Zone $z): string => $z->name, $planned->plan->brief->coatedZones()), true)) {
            throw ValidationException::withMessages(['act' => "This part has no zone called {$zone}."]);
        }

        return array_filter([
            'zone' => $zone,
            'how' => (string) ($given['how'] ?? ''),
            'minutes' => isset($given['minutes']) ? (float) $given['minutes'] : '',
            'end' => (string) ($given['end'] ?? ''),
        ], fn (string|float $v): bool => $v !== '');
    }

    /** @return array<string, float> */
    private function gramsInTheCup(PlannedPart $planned, string $step): array
    {
        $grams = array_sum(array_map(fn (string $c): float => $planned->plan->log->weighedG($step, $c), ['resin', 'hardener', 'pigment']));

        return $grams > 0.0 ? ['grams' => round($grams, 3)] : [];
    }

    /**
     * Where a coat went and how the part lay: a later change of the plan must not change what was done.
     *
     * @return array<string, string|int>
     */
    private function asItLay(PlannedPart $planned, string $key): array
    {
        $only = $planned->plan->step($key)?->step->layer?->only;

        return ($only === null ? [] : ['only' => implode('|', $only)]) + ($planned->plan->brief->choices->tilted ? ['tilted' => 1] : []);
    }

    /**
     * The air that a post-cure begun now puts the part into.
     *
     * @return array<string, array<string, string|int|float>> by step
     */
    private function boxOf(PlannedPart $planned, string $key, float $at): array
    {
        $step = $planned->plan->step($key)?->step;

        return $step?->kind !== StepKind::PostCure ? [] : [$key => ['kind' => ClimateKind::WarmBox->value, 'from' => round($at), 'until' => round($at + 60.0 * $step->args['hours']), 'c' => (float) $step->args['c']]];
    }

    /**
     * What was kept, of the step that was logged.
     *
     * @param array<string, string|int|float> $data
     */
    private function notice(PlannedPart $before, Planner $planner, Part $part, FactKind $kind, string $key, array $data, Say $say): string
    {
        $step = $before->plan->step($key);
        $name = $step === null ? $say->stepName($key) : $say->step($step->step);
        $kept = $name.': '.lcfirst($say->fact($kind, $data)).', kept.';
        if ($kind === FactKind::CoatOn) {
            return $kept.match ($before->next?->state) {
                ActState::Waiting => ' The coat below was still wet by the curve: look for runs and lifted resin, and touch earlier next time.',
                ActState::MissedWait => ' The coat below was past bonding and not keyed: hold this part back and test an edge when it has cured.',
                ActState::KeyFirst => ' The coat below was hard and not keyed: it may peel. Strike it out if it was keyed, and log the key.',
                default => '',
            };
        }
        if (! isset($data['end'])) {
            return $kept;
        }
        $plan = $planner->plan(Part::query()->with(Part::PLAN_NEEDS)->findOrFail($part->id))->plan;

        // What the film asks for is said while this flatting still goes on; afterwards it would speak of the next one.
        return $plan->step($key)?->isDone() === true ? $kept : $kept.' '.implode(' ', $say->answer(FilmAnswer::of($plan)));
    }
}
