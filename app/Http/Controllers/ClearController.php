<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Acts\ActRunner;
use App\Bench\Recorder;
use App\Devices\DeviceSilent;
use App\Devices\GlossMeter;
use App\Models\Clear;
use App\Models\Part;
use App\Models\User;
use App\Planning\OpenChoices;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Shelf\FromShelf;
use App\View\Drawing\ClearScale;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Clear\ClearKind;
use OakGloss\Fact\Kind\GlossRead;
use OakGloss\Method\Top;
use OakGloss\Optics\Finish;
use OakGloss\Plan\ClearPlan;
use Symfony\Component\HttpFoundation\Response;

/** What makes the surface: the resin itself or a clear, what of it stays, and the gloss that it gives. */
final class ClearController
{
    public function show(Part $part, Planner $planner, OpenChoices $choices): View
    {
        $planned = $planner->plan($part->load(Part::PLAN_NEEDS));
        $shelf = Clear::query()->where('shop_id', $part->shop_id)->current()->orderBy('name')->get();

        return view('parts.clear', [
            'planned' => $planned,
            'open' => $choices->open($planned->plan),
            'clears' => $this->plans($planned, $shelf->where('kind', '!=', ClearKind::Filler->value)->where('sheen', $part->finish)),
            'others' => $shelf->where('kind', '!=', ClearKind::Filler->value)->where('sheen', '!=', $part->finish)->pluck('name')->all(),
            'fillers' => $this->plans($planned, $shelf->where('kind', ClearKind::Filler->value)),
            'resinRefused' => match (true) {
                $planned->plan->brief->finish !== Finish::Gloss => 'Polished resin is always gloss.',
                $planned->plan->brief->sun

                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                                && ! $planned->plan->materials->clearResin->uvStable => $planned->plan->materials->clearResin->name.' yellows in the sun when nothing guards it.',
                default => null,
            },
            'scale' => $planned->plan->brief->choices->top === Top::Clear && $planned->plan->clear !== null ? ClearScale::of($planned->plan->clear) : null,
            'readings' => $planned->plan->log->all(GlossRead::class),
            'hasMeter' => $part->shop->meterAddress() !== null,
        ]);
    }

    /** A gloss was read at 60°: typed, or by the meter in three places. */
    public function gloss(Request $request, Part $part, ActRunner $acts, Planner $planner, Recorder $recorder, #[CurrentUser] User $user): Response
    {
        $given = $request->validate([
            'by' => ['required', Rule::in(['hand', 'meter'])],
            'gu' => ['required_if:by,hand', 'nullable', 'numeric', 'between:0,110'],
        ], ['gu.required_if' => 'Type what the display shows, in gloss units.'], ['gu' => 'gloss']);
        // A meter takes its time: it is read before the write lock is taken.
        $gu = $given['by'] === 'hand' ? (float) $given['gu'] : $this->fromMeter($part);

        return $acts->run($request, $user, fn (): RedirectResponse => $this->keep($part, $gu, (string) $given['by'], $planner, $recorder, $user));
    }

    private function keep(Part $part, float $gu, string $by, Planner $planner, Recorder $recorder, User $user): RedirectResponse
    {
        $planned = $planner->plan($part->load(Part::PLAN_NEEDS));
        $on = $planned->plan->lastDone()->step->key ?? throw ValidationException::withMessages(['gu' => 'There is nothing on this part yet.']);
        $recorder->record($part, $user, $planned->floor, $on, new GlossRead(round($gu, 1), $by));
        $expected = $planned->plan->gloss();
        $says = match (true) {
            $expected === null || ($planned->next !== null && $planned->next->step->step->key !== 'inspect') => 'The surface is not finished yet.',
            $expected->holds($gu) => 'Within what was expected.',
            $gu < $expected->leastGu => 'Under what was expected: haze or scratch is left.',
            default => 'Over what was expected.',
        };

        return redirect()->route('parts.clear', $part)->with('notice', 'Kept: '.round($gu, 1)." GU. {$says}");
    }

    /** Mean of three places. @throws ValidationException If it gives no reading. */
    private function fromMeter(Part $part): float
    {
        $url = $part->shop->meterAddress() ?? throw ValidationException::withMessages(['gu' => 'No gloss meter is set up in Shop.']);
        try {
            $meter = app()->makeWith(GlossMeter::class, ['url' => $url, 'allowed' => $part->shop->deviceRanges()]);

            return ($meter->read() + $meter->read() + $meter->read()) / 3.0;
        } catch (DeviceSilent $e) {
            throw ValidationException::withMessages(['gu' => "The meter gives {$e->getMessage()}. Type what its display shows."]);
        }
    }

    /**
     * @param Collection<int, Clear> $rows
     *
     * @return list<array{id: int, plan: ClearPlan, isCurrent: bool}>
     */
    private function plans(PlannedPart $planned, Collection $rows): array
    {
        $isCleared = $planned->plan->brief->choices->top === Top::Clear;

        return array_values($rows->map(fn (Clear $c): array => [
            'id' => $c->id,
            'plan' => ClearPlan::of(FromShelf::clear($c), $planned->plan->brief, $planned->plan->materials, $planned->plan->shop),
            'isCurrent' => $c->kind === ClearKind::Filler->value ? $c->id === $planned->part->filler_id : $isCleared && $c->id === $planned->part->clear_id,
        ])->all());
    }
}
