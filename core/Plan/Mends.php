<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Content;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Follow;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Job;
use OakGloss\Method\Mend;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;

/** The steps of ways out that were taken, where they were taken: after what was done by then. */
final class Mends
{
    /**
     * @param list<Step> $steps of the method
     *
     * @return list<Step>
     */
    public static function among(array $steps, Job $job, FactLog $log): array
    {
        $nth = [];
        foreach ($log->all(WayOut::class) as $taken) {
            $n = $nth[$taken->content->target] = ($nth[$taken->content->target] ?? 0) + 1;
            $steps = self::insert($steps, $taken, "mend-{$taken->content->target}-{$n}", $job, $log);
        }

        return $steps;
    }

    /**
     * @param list<Step>   $steps
     * @param Fact<WayOut> $taken
     *
     * @return list<Step>
     */
    private static function insert(array $steps, Fact $taken, string $prefix, Job $job, FactLog $log): array
    {
        $place = self::placeOf($taken, $steps, $log, $job);
        [$before, $ahead] = [array_slice($steps, 0, $place), array_slice($steps, $place)];
        $under = null;
        foreach ($before as $step) {
            // A coat of one place cures with it, and no other waits for it.
            $under = $step->kind === StepKind::Coat && ($step->layer->patchM2 ?? 0.0) === 0.0 ? $step->key : $under;
        }
        $mend = $taken->content->mend($prefix, $under);
        $mending = $mend->steps($job);
        // It lies in the part of the job in which it was found.
        $stage = $before === [] ? ($ahead[0] ?? null)?->stage : $before[count($before) - 1]->stage;
        $mending = $stage === null ? $mending : array_map(fn (Step $s): Step => $s->in($stage), $mending);

        return [...$before, ...$mending, ...self::following($ahead, $mend, $mending, array_map(fn (Step $s): string => $s->key, $before))];
    }

    /**
     * What comes after waits for the mend's coat, not for one that it covered.
     *
     * @param list<Step>   $ahead
     * @param list<Step>   $mending
     * @param list<string> $lain    keys of the steps before
     *
     * @return list<Step>
     */
    private static function following(array $ahead, Mend $mend, array $mending, array $lain): array
    {
        $coat = $mend->lastCoat();
        $last = $mending === [] ? null : $mending[count($mending) - 1];
        if ($coat === null || $last === null) {
            return $ahead;
        }
        foreach ($ahead as $i => $step) {
            $follow = $step->follow;
            if ($follow->coat === null || ! in_array($follow->coat, $lain, true)) {
                continue;
            }
            $rename = fn (string $key): string => $coat;
            $ahead[$i] = match (true) {
                // Fresh resin was sanded again: there is no window left, and a key is there.
                $follow->kind === FollowKind::Tacky && $last->kind !== StepKind::Coat => $mend->isOverAll()
                    ? $step->after(Follow::minutes(5.0)) : $step,
                // Where one zone is fresh and the others are not, the others decide.
                $follow->kind === FollowKind::Tacky => $mend->isOverAll() ? $step->after($follow->renamed($rename)) : $step,
                default => $step->after($follow->renamed($rename)),
            };
        }

        return $ahead;
    }

    /**
     * After the last step that something was recorded of before it, and after the steps of ways out taken earlier.
     *
     * @param Fact<WayOut> $taken
     * @param list<Step>   $steps
     */
    private static function placeOf(Fact $taken, array $steps, FactLog $log, Job $job): int
    {
        $place = 0;
        foreach ($steps as $i => $step) {
            $before = array_values(array_filter($log->ofStep($step->key), fn (Fact $f): bool => $f->isBefore($taken)));
            $place = self::isDone($step, $before, $job) ? $i + 1 : $place;
        }
        while (isset($steps[$place]) && str_starts_with($steps[$place]->key, 'mend-')) {
            $place++;
        }

        return $place;
    }

    /** @param list<Fact<Content>> $facts of the step */
    private static function isDone(Step $step, array $facts, Job $job): bool
    {
        if (! $step->kind->isSanding()) {
            return array_filter($facts, fn (Fact $f): bool => $f->content->ends($step->kind)) !== [];
        }
        // A flatting is done with its last paper on all of its faces: one that is under way has what was found before it.
        $over = [];
        foreach ($facts as $fact) {
            if ($fact->content instanceof Skipped || ($fact->content instanceof Sanded
                && $fact->content->grit >= ($step->grits->to ?? 0) && ($step->kind === StepKind::Key || $fact->content->isWholePart()))) {
                return true;
            }
            $over[] = $fact->content instanceof Sanded && $fact->content->grit >= ($step->grits->to ?? 0) ? $fact->content->zone : '';
        }
        $zones = array_map(fn (Zone $z): string => $z->name, $job->brief->coatedZones());
        $wanted = array_filter($zones, fn (string $zone): bool => $step->grits?->isOver($zone) === true);

        return $wanted !== [] && array_diff($wanted, $over) === [];
    }
}
