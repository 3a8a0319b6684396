<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Method\Job;
use OakGloss\Method\Step;

/** A coat that lies on the part stays in its plan, whatever the method has become since. */
final class LyingCoats
{
    /**
     * A method's steps and, where they went on, the coats that it knows no more. What no one can say the role of is left
     * out: nobody knows where it lies.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    public static function among(array $steps, Job $job, FactLog $log): array
    {
        $known = array_map(fn (Step $s): string => $s->key, $steps);
        foreach ($log->all(CoatOn::class) as $coat) {
            if ($coat->ref?->role->slot() === null || in_array($coat->step, $known, true) || str_starts_with($coat->step, 'mend-')) {
                continue;
            }
            $lain = $job->coat($coat->ref->role, $coat->step, $coat->content->only);
            array_splice($steps, self::placeOf($coat, $steps, $log), 0, [$lain]);
            $known[] = $coat->step;
        }

        return $steps;
    }

    /**
     * After the last step that something was recorded of before it.
     *
     * @param Fact<CoatOn> $coat
     * @param list<Step>   $steps
     */
    private static function placeOf(Fact $coat, array $steps, FactLog $log): int
    {
        $place = 0;
        foreach ($steps as $i => $step) {
            $before = array_filter(
                $log->ofStep($step->key),
                fn (Fact $f): bool => $f->isBefore($coat) && $f->content::completes($step->kind),
            );
            $place = $before === [] ? $place : $i + 1;
        }

        return $place;
    }
}
