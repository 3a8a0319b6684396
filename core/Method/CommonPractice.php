<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\Chemistry;
use OakGloss\Method\Choice\HeldBefore;

/** What every way of working does alike between its own steps: masks, washes off blush, and minds what is really there. */
final readonly class CommonPractice
{
    /** Tape is pulled while the coat still gives, not at once, min (ours). */
    private const PULL_MIN = 15.0;

    /** To hand it over, and to look at its paper when it is back, min (ours). */
    private const PURGE_MIN = 20.0;

    /** A pad and water take so much longer than a wipe, min (ours). */
    private const WASH_MORE_MIN = 2.0;

    private function __construct(private Job $job)
    {
    }

    /**
     * @param list<Step> $steps as a method tells them
     *
     * @return list<Step>
     */
    public static function in(Job $job, array $steps): array
    {
        $practice = new self($job);

        return $practice->purged($practice->mindful($practice->washed($practice->masked(Elsewhere::instead($job, $steps)))));
    }

    /**
     * What held fuel is found gas-free first, and its caution stands wherever something sparks or warms.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function purged(array $steps): array
    {
        if ($this->job->choices->of(HeldBefore::class) !== Held::Fuel) {
            return $steps;
        }
        $burns = [Caution::Rotary, Caution::HotAir, Caution::Heat, Caution::PolishHeat];

        return [
            Step::of(Role::Purge)->taking(self::PURGE_MIN)->minding(Caution::Fuel),
            ...array_map(fn (Step $s): Step => array_filter($burns, fn (Caution $c): bool => in_array($c, $s->cautions, true)) === []
                ? $s
                : $s->mindingOnly(Caution::Fuel, ...$s->cautions), $steps),
        ];
    }

    /**
     * Bare and mating faces are taped before each session's first coat, and the tape is off before its paper.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function masked(array $steps): array
    {
        $metres = $this->bareRimM();
        if ($metres <= 0.0) {
            return $steps;
        }
        [$told, $isMasked, $n] = [[], false, 0];
        foreach ($steps as $step) {
            // Lines of colour and clear go on behind one tape.
            $isOver = in_array($step->kind, [StepKind::Coat, StepKind::Spray], true) || $step->role === Role::MaskLine;
            if ($isOver && ! $isMasked) {
                $told[] = Step::of(Role::MaskFaces)->nth(++$n, isSaid: false)->taking($this->job->pace->masking($metres))->in($step->stage);
                $isMasked = true;
            }
            if ($isMasked && $this->isAfterTape($step)) {
                $told[] = Step::of(Role::UnmaskFaces)->nth($n, isSaid: false)->after(Follow::minutes(self::PULL_MIN))
                    ->taking(0.5 * $this->job->pace->masking($metres))->in($step->stage);
                $isMasked = false;
            }
            $told[] = $step;
        }

        return $told;
    }

    /** Whether tape would be in the way of it, or bake on. */
    private function isAfterTape(Step $step): bool
    {
        return $step->kind->isSanding()
            || in_array($step->kind, [StepKind::Polish, StepKind::Inspect, StepKind::PostCure, StepKind::Wipe, StepKind::Look], true)
            || in_array($step->role, [Role::Trim, Role::Drill, Role::OpenUp, Role::SendOut, Role::Demould], true);
    }

    /** Running metres of tape around what stays bare. */
    private function bareRimM(): float
    {
        return array_sum(array_map(
            fn (Zone $z): float => $z->kind === ZoneKind::Bare ? 4.0 * sqrt($z->areaM2) : 0.0,
            $this->job->brief->zones,
        ));
    }

    /**
     * Before the first paper on an amine-cured coat that has cured its blush is washed off, as the coat is ready for it.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function washed(array $steps): array
    {
        [$told, $hasBlush] = [[], false];
        foreach ($steps as $step) {
            if ($step->kind === StepKind::Coat) {
                $hasBlush = ! $this->job->isPolyester($step->role->slot());
            }
            // A face that a form or a fabric was against has none.
            if (str_starts_with($step->name, 'wash') || in_array($step->role, [Role::Demould, Role::Unbag], true)) {
                $hasBlush = false;
            }
            if ($hasBlush && $step->kind->isSanding()) {
                $told[] = Step::of(Role::Wash, "wash-{$step->key}")->after($step->follow)
                    ->taking($this->job->pace->wiping($this->job->areaM2) + self::WASH_MORE_MIN)->in($step->stage);
                $hasBlush = false;
                // What was waited for is over by then.
                $step = $step->follow->coat === null ? $step->after(Follow::freely()) : $step;
            }
            $told[] = $step;
        }

        return $told;
    }

    /**
     * Cloth and a turned part bring the cautions of what they lie in, and no others.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function mindful(array $steps): array
    {
        /** @var Chemistry|null $wet */
        $wet = null;
        foreach ($steps as $i => $step) {
            $wet = match (true) {
                $step->kind === StepKind::Coat => $this->job->isPolyester($step->role->slot()) ? Chemistry::Polyester : Chemistry::Epoxy,
                $step->role === Role::Adhesive => null,
                default => $wet,
            };
            if ($step->kind === StepKind::Coat || ! in_array(Caution::Epoxy, $step->cautions, true) || $wet === Chemistry::Epoxy
                || in_array($step->role, [Role::Bond, Role::Join], true)) {
                continue;
            }
            $others = array_filter($step->cautions, fn (Caution $c): bool => $c !== Caution::Epoxy);
            $steps[$i] = $step->mindingOnly(...($wet === Chemistry::Polyester ? [Caution::Styrene] : []), ...$others);
        }

        return $steps;
    }
}
