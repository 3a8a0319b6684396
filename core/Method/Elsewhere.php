<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Method\Choice\AwayDays;
use OakGloss\Method\Choice\SentOut;

/** Steps that somebody else does: packed and sent, away for days in which nobody's hands are taken, looked over when it is back. */
final class Elsewhere
{
    private const PACK_MIN = 15.0;
    private const LOOK_MIN = 10.0;

    /**
     * @param list<Step> $steps
     *
     * @return list<Step> the same where nothing is sent out
     */
    public static function instead(Job $job, array $steps): array
    {
        $work = $job->choices->of(SentOut::class);
        $taken = array_keys(array_filter($steps, fn (Step $s): bool => $work->takes($s->role)));
        if ($taken === []) {
            return $steps;
        }
        // Of several holds or trims the last one; of a clear all that belongs to it.
        $first = $work === SentOutWork::Clear ? $taken[0] : $taken[count($taken) - 1];
        $last = $taken[count($taken) - 1];
        // Who clears it wipes it.
        while ($first > 0 && $work === SentOutWork::Clear && $steps[$first - 1]->role === Role::Wipe) {
            $first--;
        }
        $follow = $steps[$first]->follow->kind === FollowKind::Minutes ? Follow::freely() : $steps[$first]->follow;
        $then = array_slice($steps, $last + 1);
        if ($then !== [] && $then[0]->follow->kind === FollowKind::Minutes) {
            $then[0] = $then[0]->after(Follow::freely());
        }
        $stage = $steps[$last]->stage;
        $days = $job->choices->of(AwayDays::class);

        return [
            ...array_slice($steps, 0, $first),
            Step::of(Role::SendOut)->named("send_{$work->value}")->after($follow)->taking(self::PACK_MIN)->in($stage)
                ->saying(['days' => (int) ceil($days)]),
            Step::of(Role::BackIn)->named("back_{$work->value}")->after(Follow::minutes($days * 1440.0))->taking(self::LOOK_MIN)
                ->in($stage),
            ...$then,
        ];
    }
}
