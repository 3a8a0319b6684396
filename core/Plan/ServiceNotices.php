<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\Fit;
use OakGloss\Material\ClearKind;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Finding;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\Start;
use OakGloss\Method\Top;
use OakGloss\Optics\Finish;

/** What sun, heat and wear will ask of the skin once it is in use. */
final class ServiceNotices
{
    /** Dark parts in the sun, and parts near an engine or behind glass, °C (planning values). */
    public const SUN_C = 80.0;
    public const HEAT_C = 95.0;
    /** Of cloth and resin along the surface, 1e-6/K (planning value). */
    private const SKIN_EXPANSION = 15.0;
    /** What no workshop's box reaches stands for a part that bears any of it, °C. */
    public const BEARS_ANY_C = 200.0;

    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        return [...self::heat($plan), ...self::wear($plan)];
    }

    /** How the cured skin fits the warmth it will see; null where it will see none. */
    public static function fit(FinishPlan $plan): ?Fit
    {
        $brief = $plan->brief;
        if (! $brief->sun && ! $brief->heat) {
            return null;
        }
        $cures = [$plan->shop->workingAirC];
        if ($brief->choices->of(AgainstPrintThrough::class) === PrintThrough::PostCure) {
            $cures[] = ClimateLimit::postCureC($brief->substrate);
        }

        return self::fitAt($plan, $brief->heat ? self::HEAT_C : self::SUN_C, $cures);
    }

    /**
     * The same where it is so warm, and was cured so.
     *
     * @param non-empty-list<float> $curesC the first one first
     */
    public static function fitAt(FinishPlan $plan, float $serviceC, array $curesC): Fit
    {
        $brief = $plan->brief;
        $film = 0.0;
        foreach ($plan->resinFlat()->zones ?? [] as $state) {
            $film = max($film, $state->before->crownCover()->inMicrometres());
        }

        return Fit::of(
            $plan->materials->skinResin->ultimateTgC,
            $curesC,
            $serviceC,
            $plan->shop->workingAirC,
            $brief->substrate->softensAtC() === null ? self::BEARS_ANY_C : ClimateLimit::substrateC($brief->substrate),
            $brief->substrate->expansion(),
            self::SKIN_EXPANSION,
            ($plan->materials->cloth->weave->thicknessUm() + max(0.0, $film)) / 1000.0,
        );
    }

    /** @return list<Finding> */
    private static function heat(FinishPlan $plan): array
    {
        $fit = $plan->method->startsFrom()->isBuiltOn() ? self::fit($plan) : null;
        if ($fit === null) {
            return [];
        }
        if ($plan->method->startsFrom() === Start::Moulding) {
            // Nobody here saw what it was laid up with, or how warm it was cured.
            $service = $plan->brief->heat ? self::HEAT_C : self::SUN_C;

            return [new Finding(Severity::Note, 'fit.unseen', ['service' => $service], $plan->brief->heat ? 'heat' : 'sun')];
        }
        $findings = [];
        $field = $plan->brief->heat ? 'heat' : 'sun';
        $service = $plan->brief->heat ? self::HEAT_C : self::SUN_C;
        if ($fit->softens) {
            $box = ClimateLimit::postCureC($plan->brief->substrate);
            $brings = min($plan->materials->skinResin->ultimateTgC, $box + Fit::ABOVE_CURE_C);
            $cure = $fit->postCure;
            $hold = $cure !== null && $cure['possible'] ? $cure['holdC'] : null;
            $findings[] = new Finding($plan->brief->heat ? Severity::Warn : Severity::Note, match (true) {
                isset($cure['because']) => "fit.softens_{$cure['because']}",
                $hold > $box && $plan->brief->choices->of(AgainstPrintThrough::class) === PrintThrough::PostCure => 'fit.softens_held',
                $hold > $box => 'fit.softens_oven',
                default => 'fit.softens',
            }, [
                'resin' => $plan->materials->skinResin->name,
                'tg' => $fit->tgC,
                'service' => $service,
                'hold' => $hold ?? 0.0,
                'box' => $box,
                'brings' => $brings,
                'safe' => $brings - Fit::MARGIN_C,
                'ultimate' => $plan->materials->skinResin->ultimateTgC,
            ], $field);
        }
        if ($fit->prepare !== 'usual') {
            $primes = array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role === Role::Prime) !== [];
            $findings[] = new Finding(
                Severity::Note,
                // What the plan does not prime is keyed deep.
                match (true) {
                    $primes => "fit.{$fit->prepare}",
                    $fit->prepare === 'score' => 'fit.score_deep',
                    default => 'fit.key_deep',
                },
                ['substrate' => $plan->brief->substrate->value, 'strain' => $fit->strainPercent, 'service' => $service],
                $field,
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function wear(FinishPlan $plan): array
    {
        if (! $plan->brief->wear) {
            return [];
        }
        $findings = [];
        if ($plan->brief->choices->of(TopKind::class) === Top::PolishResin
            || ($plan->clear !== null && $plan->clear->clear->kind !== ClearKind::TwoPart)) {
            $findings[] = new Finding(Severity::Warn, 'wear.soft_top', [], 'wear');
        }
        if ($plan->brief->finish !== Finish::Satin) {
            $findings[] = new Finding(Severity::Note, $plan->brief->finish === Finish::Gloss ? 'wear.gloss' : 'wear.matt', [], 'wear');
        }

        return $findings;
    }
}
