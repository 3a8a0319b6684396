<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Tool;
use OakGloss\Climate\ClimateKind;
use OakGloss\Material\ClearKind;
use OakGloss\Method\Caution;
use OakGloss\Method\Choice\ClearOf;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Finding;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\StepKind;

/** Tools and people that the steps ahead ask for and the shop lacks: borrowed, sent out, or done another way; never planned in silence. */
final class ToolNotices
{
    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        $lacking = [];
        foreach ($plan->ahead() as $step) {
            foreach ($step->skipped ? [] : self::wanted($plan, $step) as $tool) {
                if (! $plan->shop->has($tool)) {
                    $lacking[$tool->value] ??= ['tool' => $tool, 'step' => $step];
                }
            }
        }
        $findings = [];
        $isocyanate = array_filter($lacking, fn (array $l): bool => in_array($l['tool'], Tool::forIsocyanate(), true));
        if ($isocyanate !== []) {
            $findings[] = new Finding(Severity::Refuse, 'tools.isocyanate', [
                'tools' => implode(',', array_keys($isocyanate)), 'coat' => array_values($isocyanate)[0]['step']->step->name,
            ], self::canSend($plan) ? SentOut::name() : ClearOf::name());
        }
        foreach (array_diff_key($lacking, $isocyanate) as $name => ['tool' => $tool, 'step' => $step]) {
            $isSpray = $step->step->kind === StepKind::Spray && self::canSend($plan);
            $findings[] = new Finding(
                Severity::Warn,
                $isSpray ? 'tools.to_spray' : "tools.{$name}",
                ['tools' => $name, 'coat' => $step->step->name],
                $isSpray ? SentOut::name() : null,
            );
        }
        $large = array_filter($plan->ahead(), fn (PlannedStep $s): bool => $s->step->kind === StepKind::Lay || $s->step->role->isPly());
        if ($plan->shop->people < 2 && $large !== [] && $plan->brief->piece()->people() > 1) {
            $findings[] = new Finding(Severity::Warn, 'tools.second_hands', ['coat' => array_values($large)[0]->step->name]);
        }

        return $findings;
    }

    /** @return list<Tool> what a step is done with */
    public static function wanted(FinishPlan $plan, PlannedStep $step): array
    {
        $clear = $plan->clearOf($step)?->clear;
        $cautions = $step->step->cautions;
        $isMist = ($clear !== null && ! $clear->isocyanate && ! $clear->kind->isBrushed())
            || in_array(Caution::Styrene, $cautions, true) || in_array(Caution::SprayMist, $cautions, true);

        return array_values(array_filter([
            ...($clear?->isocyanate === true && ! $clear->kind->isBrushed() ? Tool::forIsocyanate() : []),
            $clear !== null && in_array($clear->kind, [ClearKind::TwoPart, ClearKind::Filler], true) ? Tool::SprayGun : null,
            $isMist ? Tool::Respirator : null,
            in_array($step->step->role, [Role::Bag, Role::Infuse], true) ? Tool::VacuumPump : null,
            in_array($step->step->role, [Role::Bond, Role::Join], true) ? Tool::Clamps : null,
            $step->ladder?->method === SandingMethod::Orbital ? Tool::Sander : null,
            in_array(Caution::HotAir, $cautions, true) ? Tool::Dryer : null,
            $step->step->role === Role::PostCure ? self::holds($plan, (float) ($step->step->args['c'] ?? 0)) : null,
        ]));
    }

    /** What holds a part so warm; an oven does what a box does. */
    private static function holds(FinishPlan $plan, float $celsius): Tool
    {
        return $celsius > ClimateKind::WarmBox->warmestC() || $plan->shop->has(Tool::Oven) ? Tool::Oven : Tool::WarmBox;
    }

    private static function canSend(FinishPlan $plan): bool
    {
        return isset($plan->method->choices()[SentOut::class]);
    }
}
