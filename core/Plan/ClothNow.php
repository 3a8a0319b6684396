<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\CoatState;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;

/** How the cloth of a part lies now, by what went on under and over it. */
enum ClothNow
{
    /** None was laid, or it lies in a mould. */
    case NotLaid;
    /** Dry, held by a mist. */
    case OnMist;
    /** Dry, on a base that is wet still. */
    case OnWet;
    /** Dry, on a base that holds it. */
    case OnTacky;
    /** Dry, on a base that holds a piece no more. */
    case OnSet;
    /** Resin is in it, and wet. */
    case Wetted;
    /** Resin is in it, and holds it. */
    case Fixed;

    /** @param FreshFilm|null $film of the newest coat */
    public static function of(FinishPlan $plan, ?FreshFilm $film): self
    {
        [$lay, $isOver, $isMist, $onMist] = [null, false, false, false];
        foreach ($plan->steps as $step) {
            $isDone = $step->isDone() && ! $step->skipped;
            $isPly = $step->step->role->isPly() || $step->step->role->isByCloth();
            if ($isDone && $step->step->kind === StepKind::Lay) {
                [$lay, $isOver, $onMist] = [$step, false, $isMist];
            } elseif ($isDone && $step->step->kind === StepKind::Coat && ($lay !== null || $isPly)) {
                $isOver = true;
            }
            $isMist = $isDone ? $step->step->role === Role::Adhesive : $isMist;
        }

        return match (true) {
            $isOver => $film?->state === CoatState::TooWet ? self::Wetted : self::Fixed,
            $lay === null => self::NotLaid,
            $onMist => self::OnMist,
            $film?->state === CoatState::TooWet => self::OnWet,
            // Laid into wet resin, that has soaked up through it.
            $lay->step->follow->kind !== FollowKind::Tacky => self::Fixed,
            $film?->state === CoatState::Bonds => self::OnTacky,
            default => self::OnSet,
        };
    }

    /** Whether it can still be taken off as it was laid. */
    public function isLoose(): bool
    {
        return in_array($this, [self::OnMist, self::OnWet, self::OnTacky, self::OnSet], true);
    }
}
