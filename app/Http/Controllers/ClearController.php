<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Acts\ActRunner;
use App\Bench\Recorder;
use App\Devices\DeviceSilent;
use App\Devices\GlossMeter;
use App\Http\Doubt;
use App\Http\Requests\GlossRequest;
use App\Http\Requests\ThinnerRequest;
use App\Models\Clear;
use App\Models\Part;
use App\Models\User;
use App\Planning\OpenChoices;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Shelf\FromShelf;
use App\View\Drawing\ClearScale;
use App\View\Page\ClearAnswer;
use App\Words\Formatter;
use App\Words\Sentences;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Fact\Kind\GlossRead;
use OakGloss\Material\ClearKind;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Role;
use OakGloss\Method\Top;
use OakGloss\Optics\Finish;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\FinishPlan;
use OakGloss\Quantity\OakGlossFault;
use Symfony\Component\HttpFoundation\Response;

/** What makes the surface: the resin itself or a clear, what of it stays, and the gloss that it gives. */
final class ClearController
{
    /** A lacquer at 60° reads no more; a metal would (ISO 2813). */
    private const MOST_GU = 100;

    public function show(
        ThinnerRequest $request,
        Part $part,
        Planner $planner,
        OpenChoices $choices,
        Formatter $format,
        Sentences $sentences,
    ): View {
        $planned = $planner->plan($part);
        [$plan, $open] = [$planned->plan, $choices->open($planned->plan)];
        $isResin = $plan->brief->choices->of(TopKind::class) === Top::PolishResin;
        $shelf = Clear::query()->where('shop_id', $part->shop_id)->current()->orderBy('name')->get();
        $clears = $shelf->where('kind', '!=', ClearKind::Filler->value);

        return view('parts.clear', [
            'planned' => $planned,
            'answer' => new ClearAnswer($planned, $isResin ? $this->resinWords($plan, $format) : '', $sentences, $format),
            'open' => $open,
            'canTop' => in_array('clear_id', $open, true) && Gate::allows('work', $part),
            'isResin' => $isResin,
            'clear' => $isResin ? null : $plan->clear,
            'thinner' => $request->percent(),
            'thinned' => $isResin || $plan->clear === null ? null : $this->thinned($planned, $request->percent()),
            'scale' => $isResin || $plan->clear === null ? null : ClearScale::of($plan->clear),
            'resinWords' => $isResin ? $this->resinWords($plan, $format) : '',
            'resinRefused' => $this->resinRefused($plan),
            'resinGu' => round(FinishPlan::resinPolish($plan->brief)->gloss()->gu),
            'clears' => $this->plans($planned, $clears->where('sheen', $part->finish->value)),
            'others' => $clears->where('sheen', '!=', $part->finish->value)->pluck('name')->all(),
            'fillers' => $this->plans($planned, $shelf->where('kind', ClearKind::Filler->value)),
            'readings' => array_reverse($plan->log->all(GlossRead::class)),
            'hasMeter' => $part->shop->meterAddress() !== null,
        ]);
    }

    /** The same clear with so much thinner by volume. */
    private function thinned(PlannedPart $planned, float $percent): ClearPlan
    {
        $plan = $planned->plan;
        $clear = $plan->clear ?? throw new \LogicException('nothing to thin');

        return ClearPlan::of($clear->clear->thinned($percent / 100.0), $plan->brief, $plan->materials, $plan->shop);
    }

    /** Why the resin itself can't be the surface; null where it can. */
    private function resinRefused(FinishPlan $plan): ?string
    {
        return match (true) {
            $plan->brief->finish !== Finish::Gloss => (string) __('clear.resin.always_gloss'),
            $plan->brief->sun && ! $plan->materials->skinResin->uvStable
                => (string) __('clear.resin.sun', ['resin' => $plan->materials->skinResin->name]),
            default => null,
        };
    }

    private function resinWords(FinishPlan $plan, Formatter $format): string
    {
        [$resin, $worst] = [$plan->materials->skinResin, $plan->worst()];

        return __($resin->uvStable ? 'clear.resin.stable' : 'clear.resin.yellows', ['resin' => $resin->name]).' '
            .__($worst === null ? 'clear.resin.done' : 'clear.resin.stay', [
                'um' => $format->um($worst?->left()->inMicrometres() ?? 0.0),
                'zone' => $worst->zone->name ?? '',
                'cut' => number_format($plan->polish()?->totalCutUm() ?? 0.0, 1),
            ]);
    }

    /** A gloss was read at 60°: typed, or by the meter in three places. */
    public function gloss(
        GlossRequest $request,
        Part $part,
        ActRunner $acts,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): Response {
        $given = $request->validated();
        // A meter takes its time: it is read before the write lock is taken.
        $gu = $given['by'] === 'hand' ? (float) $given['gu'] : $this->fromMeter($part);
        if ($gu > self::MOST_GU) {
            Doubt::ask(
                $request,
                'gu',
                (string) $gu,
                (string) __('clear.over_most', ['gu' => round($gu, 1), 'most' => self::MOST_GU]),
                (string) __('clear.sure', ['gu' => round($gu, 1)]),
            );
        }

        return $acts->run(
            $request,
            $user,
            fn (): RedirectResponse => $this->keep($part, $gu, (string) $given['by'], $planner, $recorder, $user),
        );
    }

    private function keep(Part $part, float $gu, string $by, Planner $planner, Recorder $recorder, User $user): RedirectResponse
    {
        $planned = $planner->plan($part);
        $on = $planned->plan->lastDone()->step->key ?? throw ValidationException::withMessages(['gu' => __('clear.nothing_yet')]);
        $recorder->record($part, $user, $planned->floor, $on, new GlossRead(round($gu, 1), $by));
        $expected = $planned->plan->gloss();
        $says = match (true) {
            $expected === null || ($planned->next !== null && $planned->next->step->step->role !== Role::Inspect) => 'unfinished',
            $expected->holds($gu) => 'within',
            $gu < $expected->leastGu => 'under',
            default => 'over',
        };

        return redirect()->route('parts.clear', $part)->with(
            'notice',
            __('clear.kept', ['gu' => round($gu, 1), 'says' => __("clear.says.{$says}")]),
        );
    }

    /** Mean of three places. @throws ValidationException If it gives no reading. */
    private function fromMeter(Part $part): float
    {
        $url = $part->shop->meterAddress() ?? throw ValidationException::withMessages(['gu' => __('clear.no_meter')]);
        try {
            $meter = app()->makeWith(GlossMeter::class, ['url' => $url, 'allowed' => $part->shop->deviceRanges()]);

            return ($meter->read() + $meter->read() + $meter->read()) / 3.0;
        } catch (DeviceSilent $e) {
            throw ValidationException::withMessages(['gu' => __('clear.meter_gives', ['what' => $e->getMessage()])]);
        }
    }

    /**
     * @param Collection<int, Clear> $rows
     *
     * @return list<array{id: int, plan: ClearPlan, isCurrent: bool}>
     */
    private function plans(PlannedPart $planned, Collection $rows): array
    {
        $isCleared = $planned->plan->brief->choices->of(TopKind::class) === Top::Clear;

        $plans = [];
        foreach ($rows as $c) {
            try {
                $plan = ClearPlan::of(FromShelf::clear($c), $planned->plan->brief, $planned->plan->materials, $planned->plan->shop);
            } catch (OakGlossFault) {
                // Its own page says what is wrong with the sheet.
                continue;
            }
            $plans[] = [
                'id' => $c->id,
                'plan' => $plan,
                'isCurrent' => $c->kind === ClearKind::Filler->value
                    ? $c->id === $planned->part->filler_id
                    : $isCleared && $c->id === $planned->part->clear_id,
            ];
        }

        return $plans;
    }
}
