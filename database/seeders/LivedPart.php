<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Part;
use App\Models\PartFact;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use Illuminate\Support\Collection;
use OakGloss\Method\Role;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\StepTime;
use OakGloss\Schedule\Way;

/** The record of a demo part: what its plan, made when work began, has had done by now. */
final readonly class LivedPart
{
    public function __construct(private Planner $planner, private ShopFloor $floor, private int $userId)
    {
    }

    /**
     * Looks back from some days ago for the latest start of work after which the part is in the wanted state.
     *
     * @return Collection<int, PartFact>
     */
    public function until(Part $part, string $state, float $daysAgo): Collection
    {
        for ($back = (int) (96.0 * $daysAgo); $back < 4 * 24 * 14; $back++) {
            $start = 15.0 * floor($this->floor->nowMin / 15.0 - $back);
            if (! $this->floor->work->isOpenAt($start)) {
                continue;
            }
            $facts = $this->live($part, $start, $state === 'to_flat' ? Role::ResinFlat : null);
            if ($state === 'window_open') {
                // The hand is slower than the plan: the newest coat is still to come.
                $facts = $this->live($part, $start, $facts->where('kind', 'coat_on')->last()?->step);
            }
            $part->setRelation('facts', $facts->map(fn (PartFact $f, int $i): PartFact => (clone $f)->forceFill(['id' => $i + 1])));
            $planned = $this->planner->planOn($part, $this->floor);
            $part->unsetRelation('facts');
            if ($this->isIn($planned, $state)) {
                return $facts;
            }
        }

        throw new \LogicException("no start of work leaves {$part->name} in the state {$state}");
    }

    private function isIn(PlannedPart $planned, string $state): bool
    {
        $next = $planned->next;
        $in = fn (?float $minute): float => ($minute ?? INF) - $this->floor->nowMin;

        return match ($state) {
            'finished' => $next === null,
            'to_flat' => $next?->step->step->role === Role::ResinFlat && $next->state === ActState::Ready,
            'window_open' => $next !== null && $next->state === ActState::Open && $next->step->step->role === Role::Build
                && $in($next->changesAtMin()) > 70.0 && $in($next->changesAtMin()) < 200.0
                && $in($planned->schedule->slot($next->step->step->key)?->startMin) < 45.0,
            'curing' => $next?->step->step->role === Role::Wash && $next->state === ActState::Waiting
                && $in($next->changesAtMin()) > 14 * 60.0,
            'between_rounds' => $next?->step->step->role === Role::Wash && $next->state === ActState::Waiting
                && $in($next->changesAtMin()) > 2.0 * 1440.0,
            'in_lifts' => $next?->step->step->role === Role::Lift && in_array($next->state, [ActState::Waiting, ActState::Open], true),
            'to_coat' => $next?->step->step->role === Role::Build && $next->step->step->isLainOn,
            'on_plate' => $next?->step->step->role === Role::Demould && $next->state === ActState::Waiting,
            default => false,
        };
    }

    /** @return Collection<int, PartFact> what the plan made at the start of work has done by now */
    private function live(Part $part, float $start, Role|string|null $leftUndone): Collection
    {
        $part->setRelation('facts', new Collection());
        $planned = $this->planner->planOn($part, $this->floor->asOf($start));
        $facts = new Collection();
        foreach ($planned->plan->steps as $n => $step) {
            $time = $planned->schedule->slot($step->step->key);
            $isLeft = in_array($leftUndone, [$step->step->role, $step->step->key], true);
            if ($isLeft || $time === null || $time->endMin > $this->floor->nowMin) {
                break;
            }
            foreach ($this->factsOf($step, $time, $n) as [$kind, $key, $minute, $data]) {
                if ($kind === 'touched') {
                    $data += $this->ageOf($planned, $key, $minute);
                }
                $facts->push(new PartFact([
                    'part_id' => $part->id,
                    'user_id' => $this->userId,
                    'kind' => $kind,
                    'step' => $key,
                    'role' => $planned->plan->step($key)?->step->role,
                    'nth' => $planned->plan->step($key)?->step->nth,
                    'said' => $planned->plan->step($key)?->step->name,
                    'happened_at' => $this->floor->time->local($minute)->utc(),
                    'recorded_at' => $this->floor->time->local($minute)->utc(),
                    'air_c' => round($this->floor->air->at($minute), 1),
                    'data' => $data,
                    'token' => "demo-{$part->id}-{$facts->count()}",
                ]));
            }
        }

        return $facts;
    }

    /** @return array<string, int|float> */
    private function ageOf(PlannedPart $planned, string $key, float $minute): array
    {
        $coat = $planned->plan->step($key);
        $on = $planned->schedule->slot($key)?->endMin;

        return $coat?->step->layer === null || $on === null ? [] : [
            'age_min' => round($planned->schedule->clocks->forecastOf($coat)->age($on, $minute), 1),
            'resin_id' => $planned->part->resin($coat->step->layer->slot)->id,
        ];
    }

    /** @return list<array{string, string, float, array<string, string|int|float>}> kind, step, minute, data */
    private function factsOf(PlannedStep $step, StepTime $time, int $n): array
    {
        [$start, $end] = [$time->startMin, $time->endMin];
        $key = $step->step->key;
        if ($step->batch !== null) {
            // A hand pours a few tenths past the mark.
            $resin = round($step->batch->resinG + 0.1 * ($n % 4), 1);
            $hardener = round($resin * $step->batch->ratio->hardenerPerResin + 0.05 * ($n % 3), 1);
            $pigment = round($step->batch->pigmentG, 1);
            $facts = [];
            if ($time->way === Way::Bonded) {
                // A hand touches too early first.
                $facts[] = ['touched', (string) $step->step->follow->coat, $start - 12.0, ['touch' => 'too_wet']];
                $facts[] = ['touched', (string) $step->step->follow->coat, $start + 1.0, ['touch' => 'print']];
            }
            $facts[] = ['ready', $key, $start, []];
            $facts[] = ['weighed', $key, $start + 1.0, ['component' => 'resin', 'grams' => $resin]];
            $facts[] = ['weighed', $key, $start + 2.0, ['component' => 'hardener', 'grams' => $hardener]];
            if ($pigment > 0.0) {
                $facts[] = ['weighed', $key, $start + 2.0, ['component' => 'pigment', 'grams' => $pigment]];
            }
            $facts[] = ['coat_on', $key, $end, ['grams' => round($resin + $hardener + $pigment, 1)]];

            return $facts;
        }
        if ($step->step->kind->isSanding()) {
            $grits = $step->ladder === null
                ? [$step->step->grits->to ?? 180]
                : array_map(fn ($s): int => $s->grit->number, $step->ladder->steps);

            return array_map(
                fn (int $i): array => ['sanded', $key, $start + ($end - $start) * ($i + 1) / count($grits), ['grit' => $grits[$i]]],
                array_keys($grits),
            );
        }

        return [[$step->step->kind->value === 'wipe' ? 'wiped' : 'done', $key, $end, []]];
    }
}
