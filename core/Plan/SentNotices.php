<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Cure\Fit;
use OakGloss\Method\Choice\AwayDays;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Finding;
use OakGloss\Method\Role;
use OakGloss\Method\SentOutWork;
use OakGloss\Method\Severity;

/** What somebody else has to be told of a part that is sent out, and where that is worth a thought. */
final class SentNotices
{
    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        $work = $plan->brief->choices->of(SentOut::class);
        $sent = $plan->first(Role::SendOut);
        if ($work !== SentOutWork::Nothing && isset($plan->method->choices()[SentOut::class]) && $sent === null) {
            return [new Finding(Severity::Refuse, 'sent.nothing', [], SentOut::name())];
        }
        if ($sent === null) {
            return [];
        }

        return $sent->isDone() ? [] : [new Finding(Severity::Note, "sent.{$work->value}", [
            'scratch' => self::scratch($plan)->number ?? 0,
            'resin' => $plan->materials->skinResin->name,
            'bake' => self::bakeC($plan),
            'days' => $plan->brief->choices->of(AwayDays::class),
        ], SentOut::name())];
    }

    /** The last paper that goes over it before it leaves; null where none does. */
    public static function scratch(FinishPlan $plan): ?Grit
    {
        $last = null;
        foreach ($plan->steps as $step) {
            if ($step->step->role === Role::SendOut) {
                return $last;
            }
            $last = $step->step->kind->isSanding() && $step->step->grits !== null ? Grit::p($step->step->grits->to) : $last;
        }

        return null;
    }

    /** No warmer in a booth or oven: what its resin has hardened to at the shop's warmth, and what the part bears, °C. */
    public static function bakeC(FinishPlan $plan): float
    {
        return min(
            $plan->materials->skinResin->ultimateTgC,
            $plan->shop->workingAirC + Fit::ABOVE_CURE_C,
            ClimateLimit::substrateC($plan->brief->substrate),
        );
    }
}
